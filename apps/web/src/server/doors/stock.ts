import 'server-only';
import { stockAsked } from '@inch-nest/contracts';
import { packedOfLate, readStock } from '@inch-nest/data';
import { writeOrderCsv } from '@inch-nest/formats';
import { writersHere } from '../actingPerson.ts';
import { answer } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { fileDoor } from '../fileDoor.ts';
import { orderSheet } from '../papers/orderSheet.ts';
import { forEyes } from '../people/forEyes.ts';
import { now } from '../now.ts';
import { shopNow } from '../rooms.ts';

/** The stockroom looked at ahead, and its latest moves; `?as=csv` or `?as=pdf` is the shopping list, `?weeks=` to buy for. */
export function stockDoor(request: Request): Promise<Response> {
  const asked = stockAsked.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!asked.success || !asked.data.as)
    return answer(request, async () => {
      if (!asked.success) throw asked.error;
      return readStock(await shopData(), await shopNow(), asked.data.weeks);
    });
  const { as, weeks: buyFor } = asked.data;
  return fileDoor(request, async () => {
    const shop = await shopNow();
    const { ahead, today, weeks } = await readStock(await shopData(), shop, buyFor);
    return as === 'csv'
      ? { bytes: writeOrderCsv(await forEyes(ahead)), type: 'text/csv; charset=utf-8', name: `order-${today}.csv` }
      : {
          bytes: await orderSheet(shop, { ahead, today, weeks }, await writersHere(shop)),
          type: 'application/pdf',
          name: `order-${today}.pdf`,
          shown: true,
        };
  });
}

/** The latest parcels as they were packed, for whoever asks which boxes to keep. */
export const packedDoor = (request: Request): Promise<Response> => answer(request, async () => packedOfLate(await shopData(), now()));
