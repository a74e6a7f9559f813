import { randomUUID } from 'node:crypto';
import { buyGate, recordParcel, worthMinor, type RatedFor } from '@inch-nest/core';
import { valuesOf, type CounterAnswer, type KeptFields, type LabelOrder, type PieceValues, type ShopView } from '@inch-nest/contracts';
import { Op, type Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import type { LabelRow, PieceRow, SaleRow } from '../rows.ts';
import { appendEvent } from './eventRepository.ts';
import { presentFor } from './labelMoves.ts';
import { eventsOf, lockParcel } from './parcelRows.ts';
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
    const { parcel, sale, piece } = rows;
    const pending = await models.label.findOne({ where: { parcelId, state: 'pending' }, transaction });
    if (pending) return plainLabel(pending);
    const events = await eventsOf(database, parcelId, transaction);
    const life = recordParcel(events);
    const card = shop.cards.find((one) => one.id === life.rate?.cardId);
    const shut = buyGate(life, card?.version ?? 0);
    const rated = events.filter((event) => event.kind === 'rated').at(-1);
    if (rated && (await movedSince(database, parcelId, new Date(rated.at), transaction)))
      shut.push('the address changed after the price was taken: rate it again');
    if (shut.length > 0 || !life.rate) throw new Refused(shut.map((message) => ({ path: 'label', message })));
    const rate = life.rate;
    const attempt = 1 + (await models.label.count({ where: { parcelId }, transaction }));
    const made = await models.label.create(
      {
        id: randomUUID(),
        parcelId,
        key: `${parcelId}:${parcel.revision}:${attempt}`,
        attempt,
        state: 'pending',
        ordered: orderFor(shop, rate, sale, piece),
        rate,
        boughtFor: await presentFor(database, rows, rate, transaction),
        tracking: null,
        chargedMinor: null,
        problem: null,
        personId: person.id,
        at: now,
      },
      { transaction },
    );
    await parcel.increment('revision', { transaction });
    return plainLabel(made);
  });
}

/** What is asked of the counter for a rate. */
const orderFor = (shop: ShopView, rate: RatedFor, sale: SaleRow, piece: PieceRow): LabelOrder => ({
  service: rate.service,
  serviceName: rate.serviceName,
  cardId: rate.cardId,
  cardVersion: rate.cardVersion,
  weightLb: rate.weightLb,
  outsideIn: [...rate.outsideIn],
  fromPostcode: shop.originPostcode,
  toPostcode: sale.destinationPostcode,
  coverMinor: rate.coverAdded
    ? worthMinor(valuesOf(piece.fields as KeptFields<PieceValues>), { soldMinor: sale.soldMinor, pieces: [piece] })
    : 0,
  signature: rate.signature,
  priceMinor: rate.priceMinor,
});

/** The order a parcel's rate would make, to ask its price; null where no service is chosen. */
export async function orderOfRate(database: ShopDatabase, shop: ShopView, parcelId: string): Promise<LabelOrder | null> {
  return database.sequelize.transaction(async (transaction) => {
    const { sale, piece } = await lockParcel(database, parcelId, transaction);
    const { rate } = recordParcel(await eventsOf(database, parcelId, transaction));
    return rate && orderFor(shop, rate, sale, piece);
  });
}

export const plainLabel = (row: { get(options: { plain: true }): unknown }): LabelRow => row.get({ plain: true }) as LabelRow;

/** True when the destination was changed after an instant. */
const movedSince = async ({ models }: ShopDatabase, parcelId: string, since: Date, transaction: Transaction): Promise<boolean> =>
  (await models.change.count({ where: { parcelId, path: 'destinationPostcode', at: { [Op.gt]: since } }, transaction })) > 0;

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

/** Writes down that a bought label was given back. */
export async function settleVoid(database: ShopDatabase, shop: ShopView, id: string, personId: string, now: Date): Promise<void> {
  const person = personOf(shop, personId);
  const { models, sequelize } = database;
  const row = await models.label.findByPk(id);
  if (!row) throw new Missing('there is no such label');
  await sequelize.transaction(async (transaction) => {
    await lockParcel(database, row.parcelId, transaction);
    const label = (await models.label.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE }))!;
    if (label.state !== 'bought') return;
    await label.update({ state: 'voided' }, { transaction });
    await appendEvent(
      database,
      {
        id: randomUUID(),
        parcelId: label.parcelId,
        personId: person.id,
        happening: { kind: 'labelVoided', labelId: label.id },
        now,
        undoOf: null,
      },
      transaction,
    );
  });
}

/** One purchase. */
export async function readLabel({ models }: ShopDatabase, id: string): Promise<LabelRow> {
  const row = await models.label.findByPk(id);
  if (!row) throw new Missing('there is no such label');
  return plainLabel(row);
}
