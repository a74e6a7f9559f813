import 'server-only';
import { listBins, readDay } from '@inch-nest/data';
import { answer } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { fileDoor } from '../fileDoor.ts';
import { writersHere } from '../actingPerson.ts';
import { daySheet } from '../papers/daySheet.ts';
import { shelfLabels } from '../papers/shelfLabels.ts';
import { dayNow, shopNow } from '../rooms.ts';

export const dayDoor = (request: Request): Promise<Response> => answer(request, dayNow);

/** Pull list and tear list on paper. */
export const daySheetDoor = (request: Request): Promise<Response> =>
  fileDoor(request, async () => {
    const shop = await shopNow();
    const bytes = await daySheet(shop, await readDay(await shopData(), shop), await writersHere(shop));
    return { bytes, type: 'application/pdf', name: `day-${shop.today}.pdf`, shown: true };
  });

/** Labels with codes to scan, `?of=bins` or `?of=boxes`. */
export const shelfLabelsDoor = (request: Request): Promise<Response> =>
  fileDoor(request, async () => {
    const of = new URL(request.url).searchParams.get('of');
    if (of !== 'bins' && of !== 'boxes') return { missing: 'labels are for bins or for boxes' };
    const labels =
      of === 'bins'
        ? (await listBins(await shopData())).map((bin) => ({ name: bin, code: `B:${bin}` }))
        : (await shopNow()).stock.boxes.map((box) => ({ name: box.name.split(',')[0]!, code: `X:${box.key}` }));
    if (labels.length === 0) return { missing: 'nothing lies in a bin yet' };
    return { bytes: await shelfLabels(labels), type: 'application/pdf', name: `${of}.pdf`, shown: true };
  });
