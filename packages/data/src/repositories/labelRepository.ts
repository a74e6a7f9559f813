import { randomUUID } from 'node:crypto';
import { BY_HAND, buyGate, recordParcel, worthTogether, type Quote, type QuoteRefusal, type RatedFor } from '@inch-nest/core';
import { orderOf, type CounterAnswer, type LabelOrder, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import type { LabelRow } from '../rows.ts';
import { askCard } from './askCard.ts';
import { appendEvent } from './eventRepository.ts';
import { presentFor } from './labelMoves.ts';
import { eventsOf, factsView, lockParcel, type LockedParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

/**
 * Notes that a label is to be bought, before anybody is asked for it. While one is pending that one is
 * answered again, so that however often a purchase is asked for there is one key.
 *
 * @throws Refused with what stands in the way: no fresh reading, no fitting rate, an address changed since,
 *   or a label bought already
 */
export async function beginPurchase(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  personId: string,
  now: Date,
): Promise<LabelRow> {
  const person = personOf(shop, personId);
  const { models, sequelize } = database;
  return sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const { parcel, sale } = rows;
    const pending = await models.label.findOne({ where: { parcelId, state: 'pending' }, transaction });
    if (pending) return plainLabel(pending);
    const events = await eventsOf(database, parcelId, transaction);
    const life = recordParcel(events);
    const card = shop.cards.find((one) => one.id === life.rate?.cardId);
    const shut = buyGate(life, card?.version ?? 0);
    if (life.rate?.toPostcode !== undefined && life.rate.toPostcode !== sale.destinationPostcode)
      shut.push('the address changed after the price was taken: rate it again');
    if (shut.length > 0 || !life.rate) throw new Refused(shut.map((message) => ({ path: 'label', message })));
    const rate = life.rate;
    const ordered = orderFor(shop, rate, rows);
    const asked = await askCard(database, ordered, transaction);
    const otherwise = priceStands(rate, asked);
    if (otherwise) throw new Refused([{ path: 'label', message: otherwise }]);
    const asPending = { state: 'pending', tracking: null, chargedMinor: null, personId: person.id, at: now } as const;
    const made = await noteLabel(database, rows, { ...asPending, ordered, rate, within: String(parcel.revision) }, transaction);
    await parcel.increment('revision', { transaction });
    return plainLabel(made);
  });
}

/**
 * Writes a purchase down with what it is for, under a key of its own.
 *
 * @param label with what its key holds beside the parcel and the attempt
 */
export async function noteLabel(
  database: ShopDatabase,
  rows: LockedParcel,
  { within, ...label }: Pick<LabelRow, 'state' | 'ordered' | 'rate' | 'tracking' | 'chargedMinor' | 'personId' | 'at'> & { within: string },
  transaction: Transaction,
) {
  const { models } = database;
  const parcelId = rows.parcel.id;
  const attempt = 1 + (await models.label.count({ where: { parcelId }, transaction }));
  const boughtFor = await presentFor(database, rows, label.rate, transaction);
  return models.label.create(
    { ...label, id: randomUUID(), parcelId, key: `${parcelId}:${within}:${attempt}`, attempt, boughtFor, problem: null },
    { transaction },
  );
}

/** What is asked of the counter for a rate. */
export function orderFor(shop: ShopView, rate: RatedFor, rows: Parameters<typeof factsView>[0]): LabelOrder {
  const order = orderOf(factsView(rows), shop);
  return {
    service: rate.service,
    serviceName: rate.serviceName,
    cardId: rate.cardId,
    cardVersion: rate.cardVersion,
    weightLb: rate.weightLb,
    outsideIn: [...rate.outsideIn],
    fromPostcode: shop.originPostcode,
    toPostcode: order.destinationPostcode,
    coverMinor: rate.coverAdded ? worthTogether(order.pieces, order) : 0,
    signature: rate.signature,
    shipDate: order.shipDate,
    goods: order.pieces.map(({ archetype }) => archetype),
    priceMinor: rate.priceMinor,
  };
}

/** The order a parcel's rate would make, to ask its price; null where no service is chosen. */
export async function orderOfRate(database: ShopDatabase, shop: ShopView, parcelId: string): Promise<LabelOrder | null> {
  return database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const { rate } = recordParcel(await eventsOf(database, parcelId, transaction));
    return rate && orderFor(shop, rate, rows);
  });
}

export const plainLabel = (row: { get(options: { plain: true }): unknown }): LabelRow => row.get({ plain: true }) as LabelRow;

/**
 * Why a price that was chosen does not stand: what the card itself asks for this parcel, as it weighs and measures, to where
 * it goes now. Null where it does.
 */
function priceStands(rate: RatedFor, asked: Quote | QuoteRefusal | null): string | null {
  if (rate.service === BY_HAND) return 'its price was agreed by hand: the label comes from that carrier';
  if (!asked) return 'no rate card of the shop has that service: rate it again';
  if ('refused' in asked) return `${asked.serviceName} does not take it (${asked.refused}): rate it again`;
  return asked.totalMinor === rate.priceMinor ? null : 'the card asks another price for it as it is now: rate it again';
}

/** What became of a pending purchase is written down, once; a bought label is an event of the parcel, whatever moved meanwhile. */
export async function settlePurchase(database: ShopDatabase, id: string, answer: CounterAnswer, now: Date): Promise<void> {
  if (answer.kind === 'unknown') return;
  const { models, sequelize } = database;
  const row = await models.label.findByPk(id);
  if (!row) throw new Missing('there is no such label');
  await sequelize.transaction(async (transaction) => {
    const { parcel } = await lockParcel(database, row.parcelId, transaction);
    const label = (await models.label.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE }))!;
    if (label.state !== 'pending') return;
    await parcel.increment('revision', { transaction });
    if (answer.kind === 'closed') {
      await label.update({ state: 'notBought', problem: 'the carrier has no record of it: nothing was charged' }, { transaction });
      return;
    }
    if (answer.kind === 'refused') {
      await label.update(
        { state: 'notBought', problem: `the carrier does not take it (${answer.reason}): nothing was charged` },
        { transaction },
      );
      return;
    }
    if (answer.kind === 'priceChanged') {
      await label.update(
        { state: 'priceChanged', chargedMinor: answer.priceMinor, problem: 'the carrier asks another price; nothing was bought' },
        { transaction },
      );
      return;
    }
    const { tracking, chargedMinor } = answer.purchase;
    await label.update({ state: 'bought', tracking, chargedMinor }, { transaction });
    await appendEvent(
      database,
      {
        id: label.id,
        parcelId: label.parcelId,
        personId: label.personId,
        happening: { kind: 'labelBought', labelId: label.id, rate: label.rate },
        now,
        undoOf: null,
        gated: false,
      },
      transaction,
    );
  });
}
