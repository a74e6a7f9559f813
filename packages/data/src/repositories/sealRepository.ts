import { randomUUID } from 'node:crypto';
import { blockingFaults, recordParcel, stockUsed, type StockUse } from '@inch-nest/core';
import { benchPlanFor, countPath, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { eventsOf, factsView, lockParcel } from './parcelRows.ts';
import type { StockMoveRow } from '../rows.ts';
import { personOf } from './personOf.ts';
import { noteMoves } from './stockMoves.ts';

/** Used ones stand after the new ones on the list. */
const AFTER_THE_NEW = 1000;

interface Told {
  eventId: string;
  personId: string;
  now: Date;
}

/**
 * Seals a parcel and takes from the stockroom what was really used, in one transaction; told twice it counts
 * once. Counts may go below zero: reality wins, and a count below zero asks to be counted.
 *
 * @throws Refused when no nest is kept, or a test that is due has not passed and was not skipped
 */
export async function sealParcel(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  { eventId, personId, now }: Told,
): Promise<void> {
  const person = personOf(shop, personId);
  await database.sequelize.transaction(async (transaction) => {
    const rows = await lockParcel(database, parcelId, transaction);
    if (await database.models.event.findByPk(eventId, { transaction })) return;
    const plan = benchPlanFor({ ...factsView(rows), nest: { ...rows.parcel.nest, plan: null } }, shop);
    if (!plan) throw new Refused([{ path: 'sealed', message: 'keep a nest first: nothing says what goes into the box' }]);
    const wrong = blockingFaults(plan.option, shop.house);
    if (wrong.length > 0) throw new Refused([{ path: 'sealed', message: `mend the nest first: ${wrong.join('; ')}` }]);
    const life = recordParcel(await eventsOf(database, parcelId, transaction));
    const used = stockUsed(
      plan.option,
      life.steps.flatMap((step) => step.used),
    );
    await appendEvent(
      database,
      {
        id: eventId,
        parcelId,
        personId: person.id,
        happening: { kind: 'sealed', used },
        now,
        undoOf: null,
        testsDue: plan.due,
        bundleTests: plan.ofBundles,
      },
      transaction,
    );
    await moveStock(database, { personId: person.id, parcelId, at: now, why: 'used' }, used, take, transaction);
  });
}

/**
 * Opens a sealed parcel again. Stock does not come back by itself: what somebody says can be used again
 * comes back as used.
 *
 * @throws Refused when it is not sealed
 */
export async function openSeal(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  { eventId, personId, now, reason, reused }: Told & { reason: string; reused: readonly StockUse[] },
): Promise<void> {
  const person = personOf(shop, personId);
  await database.sequelize.transaction(async (transaction) => {
    await lockParcel(database, parcelId, transaction);
    if (await database.models.event.findByPk(eventId, { transaction })) return;
    const life = recordParcel(await eventsOf(database, parcelId, transaction));
    if (!life.sealed) throw new Refused([{ path: 'sealOpened', message: 'it is not sealed' }]);
    const tooMuch = moreThanUsed(await lastUsed(database, parcelId, transaction), reused);
    if (tooMuch) throw new Refused([{ path: 'sealOpened', message: tooMuch }]);
    await appendEvent(
      database,
      {
        id: eventId,
        parcelId,
        personId: person.id,
        happening: { kind: 'sealOpened', reason, reused },
        now,
        undoOf: null,
      },
      transaction,
    );
    await moveStock(database, { personId: person.id, parcelId, at: now, why: 'cameBack' }, reused, bringBack, transaction);
  });
}

/** What the last sealing took. */
async function lastUsed(database: ShopDatabase, parcelId: string, transaction: Transaction): Promise<readonly StockUse[]> {
  const sealed = (await eventsOf(database, parcelId, transaction)).findLast((event) => event.kind === 'sealed');
  return sealed?.kind === 'sealed' ? (sealed.used ?? []) : [];
}

/** Of what comes back nothing can be more than went in; the words for what is. */
function moreThanUsed(used: readonly StockUse[], reused: readonly StockUse[]): string | null {
  const sum = (uses: readonly StockUse[], { kind, key }: StockUse) =>
    uses.filter((one) => one.kind === kind && one.key === key).reduce((total, one) => total + one.amount, 0);
  const over = reused.find((one) => sum(reused, one) > sum(used, one) * (1 + 1e-9) + 1e-9);
  return over ? `more of ${over.key} comes back than went in` : null;
}

/**
 * Moves amounts out of the stockroom or back into it, notes each move, and marks the counts that moved: whoever is typing one
 * of them is told, and nobody else.
 *
 * @param move moves one of them; answers what moved by how much, null where nothing did
 */
async function moveStock(
  database: ShopDatabase,
  of: Pick<StockMoveRow, 'personId' | 'parcelId' | 'at' | 'why'> & { personId: string },
  uses: readonly StockUse[],
  move: (database: ShopDatabase, use: StockUse, transaction: Transaction) => Promise<StockUse | null>,
  transaction: Transaction,
): Promise<void> {
  const row = (await database.models.shop.findOne({ transaction, lock: transaction.LOCK.UPDATE }))!;
  const revision = (row.revision ?? 1) + 1;
  const moved: StockUse[] = [];
  for (const use of uses) {
    const one = await move(database, use, transaction);
    if (one) moved.push(one);
  }
  await noteMoves(
    database,
    moved.map(({ kind, key, amount }) => ({ ...of, kind, key, amount })),
    transaction,
  );
  const marks = Object.fromEntries(moved.map((one) => [countPath(one), { revision, by: of.personId }]));
  await database.models.shop.update({ revision, marks: { ...row.marks, ...marks } }, { where: {}, transaction });
}

/** What no longer stands in the stockroom does not move. */
async function take({ models }: ShopDatabase, { kind, key, amount }: StockUse, transaction: Transaction): Promise<StockUse | null> {
  const moved = { kind, key, amount: -amount };
  if (kind === 'board') return (await countBoard(models, -amount, transaction)) ? moved : null;
  if (kind === 'box') {
    const row = await models.box.findOne({ where: { key }, transaction });
    return row ? row.increment('onHand', { by: -amount, transaction }).then(() => moved) : null;
  }
  const row = await models.material.findOne({ where: { kind, key }, transaction });
  return row ? row.increment('onHand', { by: -amount, transaction }).then(() => moved) : null;
}

/** Sheet board is kept with the shop itself; false where there is none. */
async function countBoard(models: ShopDatabase['models'], byFt2: number, transaction: Transaction): Promise<boolean> {
  const row = (await models.shop.findOne({ transaction }))!;
  const { linerBoard } = row.tapes;
  if (!linerBoard) return false;
  await models.shop.update(
    { tapes: { ...row.tapes, linerBoard: { ...linerBoard, onHandFt2: (linerBoard.onHandFt2 ?? 0) + byFt2 } } },
    { where: {}, transaction },
  );
  return true;
}

/** A box has been through the bench once more, a wrap is a reused one; fill is fill. */
async function bringBack({ models }: ShopDatabase, { kind, key, amount }: StockUse, transaction: Transaction): Promise<StockUse | null> {
  if (kind === 'board') return (await countBoard(models, amount, transaction)) ? { kind, key, amount } : null;
  const usedKey = kind === 'fill' || key.endsWith('-used') ? key : `${key}-used`;
  const asUsed = (row: { name: string; position: number }) => ({
    id: randomUUID(),
    key: usedKey,
    name: row.name.endsWith(', used') ? row.name : `${row.name.slice(0, 50)}, used`,
    position: row.position + AFTER_THE_NEW,
    onHand: amount,
  });
  const moved = { kind, key: usedKey, amount };
  if (kind === 'box') {
    const used = await models.box.findOne({ where: { key: usedKey }, transaction });
    if (used) return used.increment('onHand', { by: amount, transaction }).then(() => moved);
    const row = await models.box.findOne({ where: { key }, transaction });
    if (!row) return null;
    const properties = { ...row.properties, priceMinor: 0, earlierUses: Number(row.properties['earlierUses'] ?? 0) + 1 };
    return models.box.create({ ...asUsed(row), properties }, { transaction }).then(() => moved);
  }
  const used = await models.material.findOne({ where: { kind, key: usedKey }, transaction });
  if (used) return used.increment('onHand', { by: amount, transaction }).then(() => moved);
  const row = kind === 'fill' ? null : await models.material.findOne({ where: { kind, key }, transaction });
  if (!row) return null;
  const properties = { ...row.properties, reused: true, priceMinor: 0 };
  return models.material.create({ kind, ...asUsed(row), properties }, { transaction }).then(() => moved);
}
