import { randomUUID } from 'node:crypto';
import { recordParcel, stockUsed, type StockUse } from '@inch-nest/core';
import { benchPlanFor, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { eventsOf, factsView, lockParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

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
export async function sealParcel(database: Database, shop: ShopView, parcelId: string, { eventId, personId, now }: Told): Promise<void> {
  const person = personOf(shop, personId);
  await database.sequelize.transaction(async (transaction) => {
    const { parcel, sale, piece } = await lockParcel(database, parcelId, transaction);
    if (await database.models.event.findByPk(eventId, { transaction })) return;
    const plan = benchPlanFor({ ...factsView(parcel, sale, piece), nest: { ...parcel.nest, plan: null } }, shop);
    if (!plan) throw new Refused([{ path: 'sealed', message: 'keep a nest first: nothing says what goes into the box' }]);
    const life = recordParcel(await eventsOf(database, parcelId, transaction));
    const used = stockUsed(
      plan.option,
      life.steps.flatMap((step) => step.used),
    );
    await appendEvent(
      database,
      {
        id: eventId,
        shopId: shop.id,
        parcelId,
        personId: person.id,
        happening: { kind: 'sealed', used },
        now,
        undoOf: null,
        testsDue: plan.due,
      },
      transaction,
    );
    for (const use of used) await take(database, shop.id, use, transaction);
    await database.models.shop.increment('revision', { where: { id: shop.id }, transaction });
  });
}

/**
 * Opens a sealed parcel again. Stock does not come back by itself: what somebody says can be used again
 * comes back as used.
 *
 * @throws Refused when it is not sealed
 */
export async function openSeal(
  database: Database,
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
    await appendEvent(
      database,
      {
        id: eventId,
        shopId: shop.id,
        parcelId,
        personId: person.id,
        happening: { kind: 'sealOpened', reason, reused },
        now,
        undoOf: null,
      },
      transaction,
    );
    for (const use of reused) await bringBack(database, shop.id, use, transaction);
    await database.models.shop.increment('revision', { where: { id: shop.id }, transaction });
  });
}

async function take({ models }: Database, shopId: string, { kind, key, amount }: StockUse, transaction: Transaction): Promise<void> {
  if (kind === 'box') await models.box.decrement('onHand', { by: amount, where: { shopId, key }, transaction });
  else await models.material.decrement('onHand', { by: amount, where: { shopId, kind, key }, transaction });
}

/** A box has been through the bench once more, a wrap is a reused one; fill is fill. */
async function bringBack({ models }: Database, shopId: string, { kind, key, amount }: StockUse, transaction: Transaction): Promise<void> {
  if (kind === 'fill') {
    await models.material.increment('onHand', { by: amount, where: { shopId, kind, key }, transaction });
    return;
  }
  const usedKey = key.endsWith('-used') ? key : `${key}-used`;
  const asUsed = (row: { name: string; position: number }) => ({
    id: randomUUID(),
    key: usedKey,
    name: row.name.endsWith(', used') ? row.name : `${row.name.slice(0, 50)}, used`,
    position: row.position + AFTER_THE_NEW,
    onHand: amount,
  });
  if (kind === 'wrap') {
    const row = await models.material.findOne({ where: { shopId, kind, key }, transaction });
    const used = await models.material.findOne({ where: { shopId, kind, key: usedKey }, transaction });
    if (used) await used.increment('onHand', { by: amount, transaction });
    else if (row)
      await models.material.create(
        { shopId, kind, ...asUsed(row), properties: { ...row.properties, reused: true, priceMinor: 0 } },
        { transaction },
      );
    return;
  }
  const row = await models.box.findOne({ where: { shopId, key }, transaction });
  const used = await models.box.findOne({ where: { shopId, key: usedKey }, transaction });
  if (used) await used.increment('onHand', { by: amount, transaction });
  else if (row)
    await models.box.create(
      {
        shopId,
        ...asUsed(row),
        properties: { ...row.properties, priceMinor: 0, earlierUses: Number(row.properties['earlierUses'] ?? 0) + 1 },
      },
      { transaction },
    );
}
