import 'server-only';
import { reportEvent } from '@inch-nest/contracts';
import { appendEvent, lockParcel, markPhoto, openSeal, personOf, sealParcel } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { HAPPENING_NEEDS } from '../people/changeRights.ts';
import { demand } from '../people/letIn.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { parcelNow, shopNow } from '../rooms.ts';

/** How long after it was done something may still be told with its own time. */
const LATEST_MS = 14 * 86_400_000;

/** Appends what happened to a parcel; the same event id counts once. */
export const reportEventDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const parcelId = await readId(context);
    const { eventId, personId, happening, bundleId, undoOf, at } = await readBody(request, reportEvent);
    demand(HAPPENING_NEEDS[happening.kind]);
    const [room, shop] = [await shopData(), await shopNow()];
    const person = personOf(shop, personId);
    const told = { eventId, personId: person.id, now: timeOf(at) };
    if (happening.kind === 'sealed') await sealParcel(room, shop, parcelId, told);
    else if (happening.kind === 'photoMarked') await markPhoto(room, parcelId, happening, told);
    else if (happening.kind === 'sealOpened') await openSeal(room, shop, parcelId, { ...told, ...happening });
    else
      await room.sequelize.transaction(async (transaction) => {
        await lockParcel(room, parcelId, transaction);
        await appendEvent(room, { id: eventId, parcelId, personId: person.id, happening, bundleId, now: told.now, undoOf }, transaction);
      });
    return parcelNow(parcelId, personId);
  });

/** The instant something was done, as told, unless that lies ahead or too far back. */
function timeOf(at: string | null): Date {
  const instant = now();
  const told = at === null ? instant : new Date(at);
  const agoMs = instant.getTime() - told.getTime();
  return agoMs >= 0 && agoMs <= LATEST_MS ? told : instant;
}
