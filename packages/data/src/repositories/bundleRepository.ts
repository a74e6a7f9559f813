import { randomUUID } from 'node:crypto';
import type { ArchetypeKey } from '@inch-nest/core';
import {
  MOST_PIECES,
  startOfPiece,
  type DividePiece,
  type KeptField,
  type MoveBundles,
  type ShopView,
  type SplitParcel,
} from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import type { BundleRow, ParcelRow, PieceRow } from '../rows.ts';
import { appendEvent } from './eventRepository.ts';
import { freeCode } from './parcelRepository.ts';
import { fieldColumns, lockParcel, type LockedParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';
import { countAnew, countedAs, mayRegroup, moveAndNote, ofTheParcel, together, type Divided } from './places.ts';

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
 * Gives each lot a parcel of its own; what is in no lot stays, and of alike ones as many as no lot asks for. They are a set from
 * then on: one step, and one to take it back.
 *
 * @throws Refused where the parcel is sealed, more are asked for than there are, or nothing would be left
 */
export async function splitParcel(database: ShopDatabase, shop: ShopView, parcelId: string, wanted: SplitParcel, now: Date): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const asked = [...new Set(wanted.lots.flat().map(({ bundleId }) => bundleId))];
    const bundles = await bundlesOf(database, parcelId, asked, transaction);
    await mayRegroup(database, rows, transaction);
    const { lots, divided } = await dealt(database, bundles, wanted.lots, transaction);
    const goes = new Set(lots.flat().map(({ id }) => id));
    if ([rows, ...rows.others].every(({ bundle }) => goes.has(bundle.id)))
      throw new Refused([{ path: 'lots', message: 'it is in a parcel of its own' }]);
    const moves = [];
    for (const lot of lots) moves.push({ bundles: lot, to: await ownParcel(database, rows, lot[0]!, person.id, now, transaction) });
    await moveAndNote(database, rows.parcel, moves, person.id, now, transaction, rows.parcel, divided);
    await together(database, [rows.parcel, ...moves.map(({ to }) => to)], transaction);
  });
}

/**
 * So many of alike pieces are a piece and a bundle of their own from now on, beside the others: whoever says what is different of
 * them says it of these. One change, and one to take it back.
 *
 * @throws Refused where the parcel is sealed, holds as many as it may, or there are no more of it than that
 */
export async function dividePiece(database: ShopDatabase, shop: ShopView, parcelId: string, wanted: DividePiece, now: Date): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const bundles = await bundlesOf(database, parcelId, [wanted.bundleId], transaction);
    await mayRegroup(database, rows, transaction);
    if (rows.others.length + 1 >= MOST_PIECES)
      throw new Refused([{ path: 'bundleId', message: `a parcel holds at most ${MOST_PIECES} different pieces` }]);
    const { lots, divided } = await dealt(database, bundles, [[wanted]], transaction);
    const [own] = lots[0]!;
    if (own!.id === wanted.bundleId) throw new Refused([{ path: 'count', message: 'that is all there is of it: it stands by itself' }]);
    await moveAndNote(database, rows.parcel, [{ bundles: [own!], to: rows.parcel }], person.id, now, transaction, rows.parcel, divided);
  });
}

/**
 * The bundles of each lot. Where only some of alike ones go, those are a bundle and a piece of their own from now on; the one
 * there was stays, or goes with the lot that takes the last of it.
 */
async function dealt(
  { models }: ShopDatabase,
  bundles: readonly BundleRow[],
  lots: SplitParcel['lots'],
  transaction: Transaction,
): Promise<{ lots: BundleRow[][]; divided: Divided }> {
  const found = await models.piece.findAll({ where: { id: bundles.map(({ pieceId }) => pieceId) }, transaction });
  const pieces = new Map(bundles.map(({ id, pieceId }) => [id, found.find((piece) => piece.id === pieceId)!]));
  const left = new Map(bundles.map(({ id }) => [id, pieces.get(id)!.count]));
  const divided: Divided = {};
  const take = async (bundle: BundleRow, wanted: number | undefined): Promise<BundleRow> => {
    const piece = pieces.get(bundle.id)!;
    const [there, count] = [left.get(bundle.id)!, wanted ?? piece.count];
    if (count > there) {
      const message = wanted === undefined ? 'a bundle goes in one box, not in two' : `there are only ${piece.count} of it`;
      throw new Refused([{ path: 'lots', message }]);
    }
    left.set(bundle.id, there - count);
    // the lot that takes the last of them takes the bundle there was
    const stay = count === there ? count : there - count;
    if (stay < piece.count) divided[piece.id] = { were: piece.count, stay };
    if (count === there) return bundle;
    const row = piece.get({ plain: true });
    const own = { ...row, id: randomUUID() };
    const fields = { ...row.fields, ...ofNone(row.fields), count: countedAs(row, count) };
    await models.piece.create({ ...own, fields, ...fieldColumns.piece(fields) }, { transaction });
    const id = randomUUID();
    await models.bundle.create({ id, parcelId: null, pieceId: own.id, position: 0 }, { transaction });
    return (await models.bundle.findByPk(id, { transaction }))!;
  };
  const taken: BundleRow[][] = [];
  for (const lot of lots) {
    const goes: BundleRow[] = [];
    for (const { bundleId, count } of lot)
      goes.push(
        await take(
          bundles.find(({ id }) => id === bundleId)!,
          count,
        ),
      );
    taken.push(goes);
  }
  for (const piece of pieces.values()) if (divided[piece.id]) await countAnew(piece, divided[piece.id]!.stay, transaction);
  return { lots: taken, divided };
}

/** What is told of alike ones once stays with those that stay. */
const ofNone = (fields: PieceRow['fields']): Record<string, KeptField> => {
  const { accessories, serial, seal } = startOfPiece(fields['archetype']!.value as ArchetypeKey);
  return Object.fromEntries(
    Object.entries({ accessories, serial, seal }).map(([path, value]) => [path, { ...fields[path]!, text: '', value, draft: null }]),
  );
};

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
