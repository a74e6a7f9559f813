import 'server-only';
import { reportEvent } from '@inch-nest/contracts';
import { appendEvent, lockParcel, personOf } from '@inch-nest/data';
import { answer, readBody } from '../answer.ts';
import { database } from '../database.ts';

import { readId } from '../readId.ts';
import { now, parcelNow, shopNow } from '../rooms.ts';

/** Appends what happened to a parcel; the same event id counts once. */
export const reportEventDoor = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
  answer(request, async () => {
    const parcelId = await readId(context);
    const { eventId, personId, happening } = await readBody(request, reportEvent);
    const shop = await shopNow();
    personOf(shop, personId);
    await database().sequelize.transaction(async (transaction) => {
      await lockParcel(database(), parcelId, transaction);
      await appendEvent(database(), { id: eventId, shopId: shop.id, parcelId, personId, happening, now: now(), undoOf: null }, transaction);
    });
    return parcelNow(parcelId, personId);
  });
