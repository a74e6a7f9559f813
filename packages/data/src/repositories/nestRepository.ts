import { randomUUID } from 'node:crypto';
import { derivePlan, verifyPlan, writePlanDocument, type Locks, type PlanChoice } from '@inch-nest/core';
import {
  applyNestChange,
  clashes,
  nameAmong,
  nestChange,
  nestChangeBetween,
  nestParts,
  planChoice,
  planRequestFor,
  problemsOf,
  sameContent,
  type KeptChange,
  type NestValue,
  type ShopView,
  type Verdict,
} from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { factsView, NO_NEST, type LockedParcel } from './parcelRows.ts';

type Person = ShopView['people'][number];

/**
 * Keeps a change of a nest: the parts it sets, pins and lets go. Parts that somebody else changed since clash, the
 * others join what is there. A choice that cannot be carried out is kept as it was made, with what is wrong with it.
 */
export async function keepNest(
  database: ShopDatabase,
  shop: ShopView,
  rows: LockedParcel,
  person: Person,
  { id, path, value, basedOn }: KeptChange,
  now: Date,
  transaction: Transaction,
): Promise<Verdict> {
  const { nest } = rows.parcel;
  const parsed = nestChange.safeParse(value);
  if (!parsed.success)
    return {
      path,
      kind: 'refused',
      problem: problemsOf(parsed.error)
        .map((one) => `${one.path}: ${one.message}`)
        .join('; '),
    };
  if (await database.models.change.findByPk(id, { transaction })) return { path, kind: 'kept', revision: nest.revision };
  const before: NestValue = { choice: nest.choice, locks: nest.locks };
  const changed = applyNestChange(before, parsed.data);
  const whole = planChoice.nullable().safeParse(changed.choice);
  if (!whole.success) return { path, kind: 'refused', problem: 'choose a whole nest first' };
  const after: NestValue = { choice: whole.data, locks: changed.locks };
  if (sameContent(before, after)) {
    if (parsed.data.anew) await writeNest(database, shop, rows, person, after, now, transaction);
    return { path, kind: 'kept', revision: rows.parcel.nest.revision };
  }
  const clash = nestParts(parsed.data).find(
    (part) => clashes(nest.marks[part], { basedOn, personId: person.id }) && !sameContent(partOf(before, part), partOf(after, part)),
  );
  if (clash !== undefined) {
    const by = nameAmong(shop.people, nest.marks[clash]!.by);
    return { path, kind: 'clash', theirs: { text: describe(before), by, revision: nest.revision } };
  }
  await writeNest(database, shop, rows, person, after, now, transaction);
  await database.models.change.create(
    {
      id,
      parcelId: rows.parcel.id,
      entity: 'nest',
      about: rows.bundle.id,
      path: 'choice',
      before,
      after,
      personId: person.id,
      at: now,
      undoOf: null,
      undone: false,
    },
    { transaction },
  );
  return { path, kind: 'kept', revision: rows.parcel.nest.revision };
}

/** A nest kept as a whole: all that is chosen, and what of it is pinned. */
export const wholeNestChange = (choice: PlanChoice, locks: Locks = {}): KeptChange['value'] =>
  JSON.parse(JSON.stringify({ set: choice, drop: [], pin: locks, unpin: [] })) as KeptChange['value'];

/** The value of a part as `nestParts` names it. */
const partOf = ({ choice, locks }: NestValue, part: string): unknown =>
  part.startsWith('pin:') ? (locks as Record<string, unknown>)[part.slice(4)] : (choice as Record<string, unknown> | null)?.[part];

/**
 * Puts the parts that differ between two nests back to how they were.
 *
 * @throws Refused when somebody else has changed one of them since
 */
export async function restoreNest(
  database: ShopDatabase,
  shop: ShopView,
  rows: LockedParcel,
  person: Person,
  expected: NestValue,
  wanted: NestValue,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const { nest } = rows.parcel;
  const present: NestValue = { choice: nest.choice, locks: nest.locks };
  if (expected.choice === null || wanted.choice === null) {
    if (!sameContent(present, expected)) throw new Refused([CHOSEN_SINCE]);
    return writeNest(database, shop, rows, person, wanted, now, transaction);
  }
  const change = nestChangeBetween(expected, wanted);
  if (nestParts(change).some((part) => !sameContent(partOf(present, part), partOf(expected, part)))) throw new Refused([CHOSEN_SINCE]);
  const { choice, locks } = applyNestChange(present, change);
  return writeNest(database, shop, rows, person, { choice: planChoice.parse(choice), locks }, now, transaction);
}

const CHOSEN_SINCE = { path: 'nest', message: 'somebody has chosen another nest since: nothing was taken back' };

/** Writes a nest and the immutable plan that follows from it. The caller holds the parcel's lock. */
async function writeNest(
  database: ShopDatabase,
  shop: ShopView,
  rows: LockedParcel,
  person: Person,
  wanted: NestValue,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const { parcel } = rows;
  const before: NestValue = { choice: parcel.nest.choice, locks: parcel.nest.locks };
  const kept = wanted.choice ? await keepPlan(database, shop, rows, person, wanted, wanted.choice, now, transaction) : null;
  const revision = parcel.nest.revision + 1;
  const moved = nestParts(nestChangeBetween(before, wanted)).map((part) => [part, { revision, by: person.id }] as const);
  await parcel.update(
    {
      nest: {
        ...wanted,
        revision,
        marks: { ...parcel.nest.marks, ...Object.fromEntries(moved) },
        reasons: kept && 'reasons' in kept ? [...kept.reasons] : [],
      },
      planId: kept && 'planId' in kept ? kept.planId : null,
    },
    { transaction },
  );
  if (kept && 'planId' in kept)
    await appendEvent(
      database,
      {
        id: randomUUID(),
        parcelId: parcel.id,
        personId: person.id,
        happening: { kind: 'planned', planId: kept.planId },
        now,
        undoOf: null,
      },
      transaction,
    );
  await parcel.increment('revision', { transaction });
}

async function keepPlan(
  { models }: ShopDatabase,
  shop: ShopView,
  rows: LockedParcel,
  person: Person,
  wanted: NestValue,
  choice: PlanChoice,
  now: Date,
  transaction: Transaction,
): Promise<{ planId: string } | { reasons: readonly string[] }> {
  const { parcel } = rows;
  const request = planRequestFor({ ...factsView(rows), nest: { ...NO_NEST, ...wanted } }, shop);
  const derived = derivePlan(request, choice);
  if (derived.kind === 'noPlan') return derived;
  const document = writePlanDocument(derived.option, request.house);
  const faults = verifyPlan(document, request);
  if (faults.length > 0) throw new Refused(faults.slice(0, 12).map((message) => ({ path: 'plan', message })));
  const number = (await models.plan.count({ where: { parcelId: parcel.id }, transaction })) + 1;
  const id = randomUUID();
  await models.plan.create(
    {
      id,
      parcelId: parcel.id,
      number,
      personId: person.id,
      at: now,
      document,
      house: request.house,
      stock: shop.stock,
      cards: shop.cards.map((card) => ({ id: card.id, version: card.version })),
    },
    { transaction },
  );
  return { planId: id };
}

const describe = ({ choice }: NestValue): string =>
  choice
    ? `${choice.layers.map((layer) => `${layer.turns} × ${layer.material}`).join(', ') || 'no wrap'}; box ${choice.box}; ${choice.fill}`
    : 'no nest yet';
