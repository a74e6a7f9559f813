import { randomUUID } from 'node:crypto';
import { frozenFact, recordParcel, type Happening, type ParcelState } from '@inch-nest/core';
import { MOST_PIECES, type KeptField, type MoveBundles, type NestValue, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import type { BundleRow, ParcelRow } from '../rows.ts';
import { appendEvent } from './eventRepository.ts';
import { freeCode } from './parcelRepository.ts';
import { eventsOf, fieldColumns, lockParcel, type LockedParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

/** Where bundles are, with the nests of the parcels they go between; a parcel of null is set aside. */
export interface Place {
  /** The parcel of each bundle, by its id. */
  parcels: Record<string, string | null>;
  /** Nests as they are while they are there, by parcel. */
  nests: Record<string, NestValue>;
}

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
  await note(database, rows, [bundle], rows.parcel, personId, now, transaction);
}

/**
 * Moves bundles: aside, into a parcel of their own, or into another parcel to the same buyer; one step, and one to take it back.
 * A parcel whose last piece leaves it has joined the other.
 *
 * @throws Refused where either parcel is sealed, they go to different places, or nothing would be left
 */
export async function moveBundles(database: ShopDatabase, shop: ShopView, parcelId: string, wanted: MoveBundles, now: Date): Promise<void> {
  const person = personOf(shop, wanted.personId);
  const { models, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    const bundles = await models.bundle.findAll({ where: { id: wanted.bundleIds, parcelId }, order: [['position', 'asc']], transaction });
    const [first] = bundles;
    if (!first || bundles.length < new Set(wanted.bundleIds).size)
      throw new Refused([{ path: 'bundleIds', message: 'this parcel has no such bundle' }]);
    await mayRegroup(database, rows, transaction);
    const isAll = bundles.length > rows.others.length;
    if (wanted.to === 'aside' && isAll) throw new Refused([{ path: 'bundleIds', message: 'it is all there is in this parcel' }]);
    if (wanted.to === 'own' && isAll) throw new Refused([{ path: 'bundleIds', message: 'it is in a parcel of its own' }]);
    const target =
      wanted.to === 'aside'
        ? null
        : wanted.to === 'own'
          ? await ownParcel(database, rows, first, person.id, now, transaction)
          : await other(database, rows, wanted.to, bundles.length, transaction);
    // what is joined is looked at in the other parcel, and taken back there
    await note(database, rows, bundles, target, person.id, now, transaction, target && isAll ? target : rows.parcel);
    if (target && isAll)
      await appendEvent(
        database,
        { id: randomUUID(), parcelId, personId: person.id, happening: { kind: 'joined', into: target.id }, now, undoOf: null },
        transaction,
      );
    else if (target && wanted.to === 'own') await together(database, [rows.parcel, target], transaction);
  });
}

/**
 * Puts bundles back to where they were, with the nests that stood then.
 *
 * @throws Refused where one has moved since, or a parcel is sealed
 */
export async function restorePlace(
  database: ShopDatabase,
  rows: LockedParcel,
  expected: Place,
  wanted: Place,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const { models } = database;
  const touched = [...new Set([rows.parcel.id, ...Object.values(expected.parcels), ...Object.values(wanted.parcels)])].flatMap(
    (id) => id ?? [],
  );
  for (const id of touched) await mayRegroup(database, await lockRow(database, id, transaction), transaction);
  for (const [bundleId, parcelId] of Object.entries(wanted.parcels)) {
    const bundle = (await models.bundle.findByPk(bundleId, { transaction }))!;
    if (bundle.parcelId !== expected.parcels[bundleId])
      throw new Refused([{ path: 'bundle', message: 'it has been moved since: nothing was taken back' }]);
    await place(database, bundle, parcelId, transaction);
  }
  for (const [id, nest] of Object.entries(wanted.nests)) await writeNestOf(database, id, nest, transaction);
  for (const id of touched) await settleLife(database, id, rows.parcel, now, transaction);
}

const lockRow = async ({ models }: ShopDatabase, id: string, transaction: Transaction): Promise<{ parcel: ParcelRow }> => {
  const parcel = await models.parcel.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE });
  if (!parcel) throw new Missing('there is no such parcel');
  return { parcel };
};

/** A parcel without a piece has joined another; one that has some again is a parcel of its own. */
async function settleLife(database: ShopDatabase, parcelId: string, here: ParcelRow, now: Date, transaction: Transaction): Promise<void> {
  const { models } = database;
  const { parcel } = await lockRow(database, parcelId, transaction);
  const held = await models.bundle.count({ where: { parcelId }, transaction });
  const [event] = await models.event.findAll({ where: { parcelId }, order: [['seq', 'desc']], limit: 1, transaction });
  const joined = (parcel.state as ParcelState) === 'joined';
  if (!event || held > 0 !== joined) return;
  const happening: Happening = joined ? { kind: 'parted' } : { kind: 'joined', into: here.id };
  await appendEvent(database, { id: randomUUID(), parcelId, personId: event.personId, happening, now, undoOf: null }, transaction);
  if (joined && parcel.saleId === here.saleId && parcel.id !== here.id) await together(database, [here, parcel], transaction);
  // an empty parcel is none of a set, nor is what is left of a set of two
  if (!joined && parcel.together) {
    await models.parcel.update({ together: null }, { where: { id: parcelId }, transaction });
    if ((await models.parcel.count({ where: { together: parcel.together }, transaction })) === 1)
      await models.parcel.update({ together: null }, { where: { together: parcel.together }, transaction });
  }
}

/** @throws Refused where the nest of a parcel may no longer be changed */
export async function mayRegroup(database: ShopDatabase, { parcel }: { parcel: ParcelRow }, transaction: Transaction): Promise<void> {
  const life = recordParcel(await eventsOf(database, parcel.id, transaction));
  const frozen = frozenFact(life, 'nest') ?? (GONE.includes(life.state) ? 'it has left: nothing goes in or out' : null);
  if (frozen) throw new Refused([{ path: 'parcel', message: `parcel ${parcel.code}: ${frozen}` }]);
}
const GONE: readonly ParcelState[] = ['handedOver', 'delivered', 'damaged', 'lost', 'returned', 'closed', 'brokenAtBench'];

/** Puts a bundle last into a parcel, or aside. */
async function place({ models }: ShopDatabase, bundle: BundleRow, parcelId: string | null, transaction: Transaction): Promise<void> {
  const last = parcelId ? await models.bundle.findOne({ where: { parcelId }, order: [['position', 'desc']], transaction }) : null;
  await models.bundle.update({ parcelId, position: (last?.position ?? 0) + 1 }, { where: { id: bundle.id }, transaction });
}

/** Moves, and notes it as one change that can be taken back; nests of other bundles are no longer nests. */
async function note(
  database: ShopDatabase,
  rows: LockedParcel,
  bundles: readonly BundleRow[],
  target: ParcelRow | null,
  personId: string,
  now: Date,
  transaction: Transaction,
  notedOn: ParcelRow = rows.parcel,
): Promise<void> {
  const parcels = [rows.parcel, ...(target && target.id !== rows.parcel.id ? [target] : [])];
  const nestsOf = (of: (parcel: ParcelRow) => NestValue) => Object.fromEntries(parcels.map((parcel) => [parcel.id, of(parcel)]));
  const placesOf = (of: (bundle: BundleRow) => string | null) => Object.fromEntries(bundles.map((bundle) => [bundle.id, of(bundle)]));
  const before: Place = {
    parcels: placesOf(({ parcelId }) => parcelId),
    nests: nestsOf(({ nest: { choice, locks } }) => ({ choice, locks })),
  };
  const after: Place = {
    parcels: placesOf(() => target?.id ?? null),
    nests: nestsOf(({ nest: { locks } }) => ({ choice: null, locks: ofTheParcel(locks) })),
  };
  for (const bundle of bundles) await place(database, bundle, target?.id ?? null, transaction);
  for (const [id, nest] of Object.entries(after.nests)) await writeNestOf(database, id, nest, transaction);
  await database.models.change.create(
    {
      id: randomUUID(),
      parcelId: notedOn.id,
      entity: 'bundle',
      about: bundles[0]!.id,
      path: 'place',
      before,
      after,
      personId,
      at: now,
      undoOf: null,
      undone: false,
    },
    { transaction },
  );
}

/** Of what is pinned the parts that hold whatever is in it. */
const ofTheParcel = ({ method, without }: NestValue['locks']): NestValue['locks'] => ({
  ...(method ? { method } : {}),
  ...(without ? { without } : {}),
});

async function writeNestOf({ models }: ShopDatabase, parcelId: string, nest: NestValue, transaction: Transaction): Promise<void> {
  const parcel = (await models.parcel.findByPk(parcelId, { transaction }))!;
  const plan = nest.choice === null ? null : await models.plan.findOne({ where: { parcelId }, order: [['number', 'desc']], transaction });
  await models.parcel.update(
    {
      nest: { ...parcel.nest, ...nest, revision: parcel.nest.revision + 1, reasons: [] },
      planId: plan?.id ?? null,
      revision: parcel.revision + 1,
    },
    { where: { id: parcelId }, transaction },
  );
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

/** Two parcels of one sale are 1 of 2 and 2 of 2 from then on. */
async function together({ models }: ShopDatabase, parcels: readonly ParcelRow[], transaction: Transaction): Promise<void> {
  const set = parcels.find((parcel) => parcel.together)?.together ?? randomUUID();
  await models.parcel.update({ together: set }, { where: { id: parcels.map(({ id }) => id) }, transaction });
}
