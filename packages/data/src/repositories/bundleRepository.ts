import { randomUUID } from 'node:crypto';
import { MOST_PIECES, type KeptField, type MoveBundles, type ShopView, type SplitParcel } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import type { BundleRow, ParcelRow } from '../rows.ts';
import { appendEvent } from './eventRepository.ts';
import { freeCode } from './parcelRepository.ts';
import { fieldColumns, lockParcel, type LockedParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';
import { mayRegroup, moveAndNote, ofTheParcel, together } from './places.ts';

/**
 * Puts one more piece into a parcel whose row is locked, as one change that can be taken back.
 *
 * @throws Refused where the parcel is sealed
 */
export async function putIn(
  database: ShopDatabase,
  rows: LockedParcel,
  { id, pieceId, fields }: { id: string; pieceId: string; fields: Record<string, KeptField> },
  personId: string,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const { models } = database;
  await mayRegroup(database, rows, transaction);
  await models.piece.create({ id: pieceId, saleId: rows.sale.id, ...fieldColumns.piece(fields), fields }, { transaction });
  await models.bundle.create({ id, parcelId: null, pieceId, position: 0 }, { transaction });
  const bundle = (await models.bundle.findByPk(id, { transaction }))!;
  await moveAndNote(database, rows.parcel, [{ bundles: [bundle], to: rows.parcel }], personId, now, transaction);
}

/**
 * Moves bundles aside, or into another parcel to the same buyer; one step, and one to take it back. A parcel whose last piece
 * leaves it has joined the other.
 *
 * @throws Refused where either parcel is sealed, they go to different places, or nothing would be left
 */
export async function moveBundles(database: ShopDatabase, shop: ShopView, parcelId: string, wanted: MoveBundles, now: Date): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const bundles = await bundlesOf(database, parcelId, wanted.bundleIds, transaction);
    await mayRegroup(database, rows, transaction);
    const isAll = bundles.length > rows.others.length;
    if (wanted.to === 'aside' && isAll) throw new Refused([{ path: 'bundleIds', message: 'it is all there is in this parcel' }]);
    const to = wanted.to === 'aside' ? null : await other(database, rows, wanted.to, bundles.length, transaction);
    // what is joined is looked at in the other parcel, and taken back there
    const notedOn = to && isAll ? to : rows.parcel;
    await moveAndNote(database, rows.parcel, [{ bundles, to }], person.id, now, transaction, notedOn);
    if (to && isAll)
      await appendEvent(
        database,
        { id: randomUUID(), parcelId, personId: person.id, happening: { kind: 'joined', into: to.id }, now, undoOf: null },
        transaction,
      );
  });
}

/**
 * Gives each lot of bundles a parcel of its own; what is in no lot stays. They are a set from then on: one step, and one to take
 * it back.
 *
 * @throws Refused where the parcel is sealed, a bundle is in two lots, or nothing would be left
 */
export async function splitParcel(database: ShopDatabase, shop: ShopView, parcelId: string, wanted: SplitParcel, now: Date): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    if (new Set(wanted.lots.flat()).size < wanted.lots.flat().length)
      throw new Refused([{ path: 'lots', message: 'a bundle goes in one box, not in two' }]);
    const bundles = await bundlesOf(database, parcelId, wanted.lots.flat(), transaction);
    await mayRegroup(database, rows, transaction);
    if (bundles.length > rows.others.length) throw new Refused([{ path: 'lots', message: 'it is in a parcel of its own' }]);
    const moves = [];
    for (const lot of wanted.lots) {
      const goes = bundles.filter(({ id }) => lot.includes(id));
      moves.push({ bundles: goes, to: await ownParcel(database, rows, goes[0]!, person.id, now, transaction) });
    }
    await moveAndNote(database, rows.parcel, moves, person.id, now, transaction);
    await together(database, [rows.parcel, ...moves.map(({ to }) => to)], transaction);
  });
}

/** @throws Refused where a parcel has not all of them */
async function bundlesOf(
  { models }: ShopDatabase,
  parcelId: string,
  ids: readonly string[],
  transaction: Transaction,
): Promise<BundleRow[]> {
  const bundles = await models.bundle.findAll({ where: { id: [...ids], parcelId }, order: [['position', 'asc']], transaction });
  if (bundles.length === 0 || bundles.length < new Set(ids).size)
    throw new Refused([{ path: 'bundleIds', message: 'this parcel has no such bundle' }]);
  return bundles;
}

/** The parcel a bundle had before it joined this one, or a new one for it. */
async function ownParcel(
  database: ShopDatabase,
  rows: LockedParcel,
  bundle: BundleRow,
  personId: string,
  now: Date,
  transaction: Transaction,
): Promise<ParcelRow> {
  const { models } = database;
  const piece = (await models.piece.findByPk(bundle.pieceId, { transaction }))!;
  const joined = await models.parcel.findOne({ where: { saleId: piece.saleId, state: 'joined' }, transaction });
  if (joined) {
    await appendEvent(
      database,
      { id: randomUUID(), parcelId: joined.id, personId, happening: { kind: 'parted' }, now, undoOf: null },
      transaction,
    );
    return (await models.parcel.findByPk(joined.id, { transaction }))!;
  }
  const id = randomUUID();
  await models.parcel.create(
    {
      id,
      saleId: piece.saleId,
      code: await freeCode(database, transaction),
      state: 'draft',
      revision: 1,
      nest: { revision: 0, choice: null, locks: ofTheParcel(rows.parcel.nest.locks), marks: {}, reasons: [] },
      planId: null,
      createdAt: now,
    },
    { transaction },
  );
  await appendEvent(database, { id: randomUUID(), parcelId: id, personId, happening: { kind: 'opened' }, now, undoOf: null }, transaction);
  return (await models.parcel.findByPk(id, { transaction }))!;
}

/** Another parcel that may take it. */
async function other(
  database: ShopDatabase,
  rows: LockedParcel,
  parcelId: string,
  count: number,
  transaction: Transaction,
): Promise<ParcelRow> {
  const target = await lockParcel(database, parcelId, transaction);
  if (target.parcel.id === rows.parcel.id) throw new Refused([{ path: 'to', message: 'it is in that parcel already' }]);
  const [here, there] = [rows.sale, target.sale].map((sale) => `${sale.buyer ?? ''} ${sale.destinationPostcode}`);
  if (here !== there) throw new Refused([{ path: 'to', message: 'only pieces to one buyer at one place go in one parcel' }]);
  if (target.others.length + 1 + count > MOST_PIECES)
    throw new Refused([{ path: 'to', message: `a parcel holds at most ${MOST_PIECES} different pieces` }]);
  await mayRegroup(database, target, transaction);
  return target.parcel;
}
