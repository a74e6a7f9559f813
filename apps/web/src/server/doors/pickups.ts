import 'server-only';
import { askPickup } from '@inch-nest/contracts';
import { keepPickup, listPickups, Refused } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopCounter } from '../counter/shopCounter.ts';
import { shopData } from '../shopData.ts';
import { fileDoor } from '../fileDoor.ts';
import { pickupSheet } from '../papers/pickupSheet.ts';
import { now } from '../now.ts';
import { pickupsNow, shopNow } from '../rooms.ts';

/** What waits to be fetched, by carrier and cut-off. */
export const pickupsDoor = (request: Request): Promise<Response> => answer(request, pickupsNow);

/** Asks a carrier to fetch what is ready for it that day. */
export const askPickupDoor = (request: Request): Promise<Response> =>
  answer(request, async () => {
    const wanted = await readBody(request, askPickup);
    const shop = await shopNow();
    const list = await listPickups(await shopData(), shop);
    const ready =
      list.carriers
        .find((one) => one.cardId === wanted.cardId)
        ?.parcels.filter(({ day, moved }) => day === wanted.day && moved.length === 0) ?? [];
    if (ready.length === 0) throw new Refused([{ path: 'pickup', message: 'nothing is ready for that carrier on that day' }]);
    const tracking = ready.map((parcel) => parcel.tracking);
    const { reference } = await shopCounter()
      .pickup({ id: wanted.id, cardId: wanted.cardId, day: wanted.day, tracking })
      .catch(() => {
        throw new Refused([{ path: 'pickup', message: 'the carrier does not answer: ask again, it is the same pick-up' }]);
      });
    await keepPickup(await shopData(), shop, wanted, tracking, reference, now());
    return listPickups(await shopData(), shop);
  });

/** The list on paper, to be signed for. */
export const pickupSheetDoor = (request: Request): Promise<Response> =>
  fileDoor(request, async () => {
    const shop = await shopNow();
    const bytes = await pickupSheet(shop, await listPickups(await shopData(), shop));
    return { bytes, type: 'application/pdf', name: `pickups-${shop.today}.pdf`, shown: true };
  });
