import { reportEvent } from '@inch-nest/contracts';
import { appendEvent, lockParcel, personOf } from '@inch-nest/data';
import { answer, readBody } from '../../../../../server/answer.ts';
import { database } from '../../../../../server/database.ts';

import { readId } from '../../../../../server/readId.ts';
import { now, parcelNow, shopNow } from '../../../../../server/rooms.ts';

/** Appends what happened to a parcel; the same event id counts once. */
export const POST = (request: Request, context: { params: Promise<{ id: string }> }): Promise<Response> =>
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
