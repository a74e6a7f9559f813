import { BY_HAND, buyGate, recordParcel } from '@inch-nest/core';
import type { ShopView } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { noteLabel, orderFor } from './labelRepository.ts';
import { eventsOf, lockParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

/**
 * Notes a label that was got from a carrier of one's own choice, at a price agreed by hand: its number, and what it was got
 * for, so that it is at risk like any other when that moves.
 *
 * @throws Refused where the price was not agreed by hand, or something stands in the way of a label
 */
export async function noteHandLabel(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  { personId, tracking }: { personId: string; tracking: string },
  now: Date,
): Promise<void> {
  const person = personOf(shop, personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const life = recordParcel(await eventsOf(database, parcelId, transaction));
    const shut = buyGate(life, 0);
    if (life.rate && life.rate.service !== BY_HAND) shut.push('its price is a carrier’s own: buy the label');
    if (shut.length > 0 || !life.rate) throw new Refused(shut.map((message) => ({ path: 'label', message })));
    const { rate } = life;
    const ordered = orderFor(shop, rate, rows);
    const asBought = { state: 'bought', tracking, chargedMinor: rate.priceMinor, personId: person.id, at: now } as const;
    const label = await noteLabel(database, rows, { ...asBought, ordered, rate, within: 'hand' }, transaction);
    await appendEvent(
      database,
      {
        id: label.id,
        parcelId,
        personId: person.id,
        happening: { kind: 'labelBought', labelId: label.id, rate },
        now,
        undoOf: null,
        gated: false,
      },
      transaction,
    );
  });
}
