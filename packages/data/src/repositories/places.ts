import { randomUUID } from 'node:crypto';
import { frozenFact, isPacked, recordParcel, type Happening, type ParcelState } from '@inch-nest/core';
import type { KeptField, NestValue } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import type { BundleRow, ParcelRow, PieceRow } from '../rows.ts';
import { appendEvent } from './eventRepository.ts';
import { eventsOf, fieldColumns, type LockedParcel } from './parcelRows.ts';

/** Where bundles are, with the nests of the parcels they go between; a parcel of null is set aside. */
export interface Place {
  /** The parcel of each bundle, by its id. */
  parcels: Record<string, string | null>;
  /** The bundles in the order they had, which a record of the database does not keep; left out in changes from before it was kept. */
  order?: string[];
  /** How many alike ones there are of a piece while they are there, by its id, where some of them went. */
  counts?: Record<string, number>;
  /** Nests as they are while they are there, by parcel. */
  nests: Record<string, NestValue>;
}

/** Bundles that go to one parcel, or aside where that is null. */
export interface Move {
  readonly bundles: readonly BundleRow[];
  readonly to: ParcelRow | null;
}

/** How many there were of pieces of which some go, and how many stay, by the piece’s id. */
export type Divided = Record<string, { readonly were: number; readonly stay: number }>;

/**
 * Moves, and notes it as one change that can be taken back; nests of other bundles are no longer nests.
 *
 * @param from the parcel that they leave
 * @param notedOn where it is taken back
 * @param divided pieces some of whose alike ones went, as they are counted already
 */
export async function moveAndNote(
  database: ShopDatabase,
  from: ParcelRow,
  moves: readonly Move[],
  personId: string,
  now: Date,
  transaction: Transaction,
  notedOn: ParcelRow = from,
  divided: Divided = {},
): Promise<void> {
  const parcels = [...new Map([from, ...moves.flatMap(({ to }) => to ?? [])].map((parcel) => [parcel.id, parcel])).values()];
  const nestsOf = (of: (parcel: ParcelRow) => NestValue) => Object.fromEntries(parcels.map((parcel) => [parcel.id, of(parcel)]));
  const placesOf = (of: (bundle: BundleRow, to: ParcelRow | null) => string | null) =>
    Object.fromEntries(moves.flatMap(({ bundles, to }) => bundles.map((bundle) => [bundle.id, of(bundle, to)])));
  const order = moves
    .flatMap(({ bundles }) => bundles)
    .sort((a, b) => a.position - b.position)
    .map(({ id }) => id);
  const countsOf = (of: (one: Divided[string]) => number): Pick<Place, 'counts'> => {
    const counts = Object.entries(divided).map(([id, one]) => [id, of(one)] as const);
    return counts.length > 0 ? { counts: Object.fromEntries(counts) } : {};
  };
  const before: Place = {
    parcels: placesOf(({ parcelId }) => parcelId),
    order,
    ...countsOf(({ were }) => were),
    nests: nestsOf(({ nest: { choice, locks } }) => ({ choice, locks })),
  };
  const after: Place = {
    parcels: placesOf((_, to) => to?.id ?? null),
    order,
    ...countsOf(({ stay }) => stay),
    nests: nestsOf(({ nest: { locks } }) => ({ choice: null, locks: ofTheParcel(locks) })),
  };
  for (const { bundles, to } of moves) for (const bundle of bundles) await place(database, bundle, to?.id ?? null, transaction);
  for (const [id, nest] of Object.entries(after.nests)) await writeNestOf(database, id, nest, transaction);
  await database.models.change.create(
    {
      id: randomUUID(),
      parcelId: notedOn.id,
      entity: 'bundle',
      about: moves[0]!.bundles[0]!.id,
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
export const ofTheParcel = ({ method, without }: NestValue['locks']): NestValue['locks'] => ({
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
  for (const bundleId of wanted.order ?? Object.keys(wanted.parcels)) {
    const parcelId = wanted.parcels[bundleId] ?? null;
    const bundle = (await models.bundle.findByPk(bundleId, { transaction }))!;
    if (bundle.parcelId !== expected.parcels[bundleId])
      throw new Refused([{ path: 'bundle', message: 'it has been moved since: nothing was taken back' }]);
    await place(database, bundle, parcelId, transaction);
  }
  for (const [id, count] of Object.entries(wanted.counts ?? {})) {
    const piece = (await models.piece.findByPk(id, { transaction }))!;
    if (piece.count !== expected.counts?.[id])
      throw new Refused([{ path: 'bundle', message: 'how many there are of it has been changed since: nothing was taken back' }]);
    await countAnew(piece, count, transaction);
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
  // another of the same step may have made it one of a set
  here = (await models.parcel.findByPk(here.id, { transaction }))!;
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
  const hasLeft = life.state === 'brokenAtBench' || isPacked({ ...life, sealed: false });
  const frozen = hasLeft ? 'it has left: nothing goes in or out' : frozenFact(life, 'nest');
  if (frozen) throw new Refused([{ path: 'parcel', message: `parcel ${parcel.code}: ${frozen}` }]);
}

/** Puts a bundle last into a parcel, or aside. */
async function place({ models }: ShopDatabase, bundle: BundleRow, parcelId: string | null, transaction: Transaction): Promise<void> {
  const last = parcelId ? await models.bundle.findOne({ where: { parcelId }, order: [['position', 'desc']], transaction }) : null;
  await models.bundle.update({ parcelId, position: (last?.position ?? 0) + 1 }, { where: { id: bundle.id }, transaction });
}

/** Parcels of one sale are 1 of n to n of n from then on. */
export async function together({ models }: ShopDatabase, parcels: readonly ParcelRow[], transaction: Transaction): Promise<void> {
  const set = parcels.find((parcel) => parcel.together)?.together ?? randomUUID();
  await models.parcel.update({ together: set }, { where: { id: parcels.map(({ id }) => id) }, transaction });
}

/** So many of a piece from now on. */
export async function countAnew(piece: LockedParcel['piece'], count: number, transaction: Transaction): Promise<void> {
  const fields = { ...piece.fields, count: countedAs(piece, count) };
  await piece.update({ fields, ...fieldColumns.piece(fields) }, { transaction });
}

/** A piece's count as kept, after it came to be another. */
export const countedAs = ({ fields }: Pick<PieceRow, 'fields'>, count: number): KeptField => {
  const kept = fields['count']!;
  return { ...kept, text: `${count}`, value: count, revision: kept.revision + 1, draft: null };
};
