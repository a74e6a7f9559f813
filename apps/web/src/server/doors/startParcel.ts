import 'server-only';
import { startParcel } from '@inch-nest/contracts';
import { createParcel, saleFromLine } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { now } from '../now.ts';
import { shopNow } from '../rooms.ts';

/** Starts a parcel from a typed line. */
export const startParcelDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const { id, personId, line } = await readBody(request, startParcel);
    const shop = await shopNow();
    const system = shop.people.find((person) => person.id === personId)?.system ?? 'imperial';
    return { id: await createParcel(await shopData(), shop, { id, personId, ...saleFromLine(line, shop, system) }, now()) };
  });
