import { randomUUID } from 'node:crypto';
import { derivePlan, verifyPlan, writePlanDocument, type Locks, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import { planRequestFor, sameContent, type SaveNest, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { Conflicting, Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { factsView, lockParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

/** What somebody chose: the nest and what they pinned of it. */
export interface NestValue {
  choice: PlanChoice | null;
  locks: Locks;
}

type Locked = Awaited<ReturnType<typeof lockParcel>>;
type Person = ShopView['people'][number];

/**
 * Keeps a nest as chosen, once it has been derived again here and found to hold.
 *
 * @param seen the browser's own figures, if it sent them: they must be the server's
 * @throws Conflicting when somebody else chose another since, Refused when the figures do not hold
 */
export async function saveNest(
  database: Database,
  shop: ShopView,
  parcelId: string,
  command: SaveNest,
  seen: PlanDocument | null,
  now: Date,
): Promise<void> {
  const person = personOf(shop, command.personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    if (await database.models.change.findByPk(command.changeId, { transaction })) return;
    const { nest } = rows.parcel;
    const wanted: NestValue = { choice: command.choice, locks: command.locks };
    const before: NestValue = { choice: nest.choice, locks: nest.locks };
    if (nest.revision !== command.basedOn && !sameContent(before, wanted)) {
      throw new Conflicting({
        entity: 'nest',
        path: 'choice',
        theirs: { text: describe(before), by: await lastToChoose(database, parcelId, shop, transaction), revision: nest.revision },
        yours: describe(wanted),
      });
    }
    if (seen) {
      const faults = verifyPlan(
        seen,
        planRequestFor({ ...factsView(rows.parcel, rows.sale, rows.piece), nest: { ...wanted, revision: 0, plan: null } }, shop),
      );
      if (faults.length > 0) throw new Refused(faults.slice(0, 12).map((message) => ({ path: 'document', message })));
    }
    await writeNest(database, shop, rows, person, before, wanted, now, transaction);
    await database.models.change.create(
      {
        id: command.changeId,
        shopId: shop.id,
        parcelId,
        entity: 'nest',
        path: 'choice',
        before,
        after: wanted,
        personId: person.id,
        at: now,
        undoOf: null,
        undone: false,
      },
      { transaction },
    );
  });
}

/** Writes a nest and the immutable plan that follows from it. The caller holds the parcel's lock. */
export async function writeNest(
  database: Database,
  shop: ShopView,
  rows: Locked,
  person: Person,
  expected: NestValue,
  wanted: NestValue,
  now: Date,
  transaction: Transaction,
): Promise<void> {
  const { parcel } = rows;
  if (!sameContent({ choice: parcel.nest.choice, locks: parcel.nest.locks }, expected))
    throw new Refused([{ path: 'nest', message: 'somebody has chosen another nest since: nothing was taken back' }]);
  const planId = wanted.choice ? await keepPlan(database, shop, rows, person, wanted, wanted.choice, now, transaction) : null;
  await parcel.update({ nest: { ...wanted, revision: parcel.nest.revision + 1 }, planId }, { transaction });
  if (planId)
    await appendEvent(
      database,
      {
        id: randomUUID(),
        shopId: shop.id,
        parcelId: parcel.id,
        personId: person.id,
        happening: { kind: 'planned', planId },
        now,
        undoOf: null,
      },
      transaction,
    );
  await parcel.increment('revision', { transaction });
}

async function keepPlan(
  { models }: Database,
  shop: ShopView,
  { parcel, sale, piece }: Locked,
  person: Person,
  wanted: NestValue,
  choice: PlanChoice,
  now: Date,
  transaction: Transaction,
): Promise<string> {
  const request = planRequestFor({ ...factsView(parcel, sale, piece), nest: { ...wanted, revision: 0, plan: null } }, shop);
  const derived = derivePlan(request, choice);
  if (derived.kind === 'noPlan') throw new Refused(derived.reasons.map((message) => ({ path: 'choice', message })));
  const document = writePlanDocument(derived.option, request.house);
  const number = (await models.plan.count({ where: { parcelId: parcel.id }, transaction })) + 1;
  const id = randomUUID();
  await models.plan.create(
    {
      id,
      shopId: shop.id,
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
  return id;
}

async function lastToChoose({ models }: Database, parcelId: string, shop: ShopView, transaction: Transaction): Promise<string> {
  const last = await models.change.findOne({ where: { parcelId, entity: 'nest' }, order: [['seq', 'desc']], transaction });
  return shop.people.find((one) => one.id === last?.personId)?.name ?? 'somebody';
}

const describe = ({ choice }: NestValue): string =>
  choice
    ? `${choice.layers.map((layer) => `${layer.turns} × ${layer.material}`).join(', ') || 'no wrap'}; box ${choice.box}; ${choice.fill}`
    : 'no nest yet';
