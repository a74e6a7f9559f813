import { randomUUID } from 'node:crypto';
import { localTime, type BoxStock, type FillStock, type RateCard, type Stockroom, type WrapStock } from '@inch-nest/core';
import { house, rateCard, sameContent, stockroom, type Person, type SaveShop, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { Conflicting, Missing, Refused } from '../refusals.ts';
import type { ShopRow } from '../rows.ts';
import { cardRow } from './cardRow.ts';
import { personOf } from './personOf.ts';

/**
 * The shop with its people, stockroom and the cards in force on its local day. What was kept by an earlier
 * version is read through today's schemas, which fill in what it did not know.
 *
 * @throws Missing when the database holds no shop
 */
export async function readShop({ models }: Database, now: Date, transaction?: Transaction): Promise<ShopView> {
  const within = transaction ? { transaction } : {};
  const shop = await models.shop.findOne({ ...within });
  if (!shop) throw new Missing('there is no shop yet');
  const { day, time } = localTime(now, shop.zone);
  const order = { order: [['position', 'asc']] as [string, string][], where: { shopId: shop.id }, ...within };
  const [people, boxes, materials, cards] = await Promise.all([
    models.person.findAll(order),
    models.box.findAll(order),
    models.material.findAll(order),
    models.card.findAll({
      where: { shopId: shop.id },
      order: [
        ['cardKey', 'asc'],
        ['version', 'desc'],
      ],
      ...within,
    }),
  ]);
  const material = <Stock>(kind: 'wrap' | 'fill', onHandKey: string): Stock[] =>
    materials
      .filter((row) => row.kind === kind)
      .map((row) => ({ ...row.properties, key: row.key, name: row.name, [onHandKey]: row.onHand }) as Stock);
  const inForce = (card: (typeof cards)[number]) => card.validFrom <= day && (card.validTo === null || card.validTo >= day);
  const newest = cards.filter(
    (card, i) => inForce(card) && cards.findIndex((other) => other.cardKey === card.cardKey && inForce(other)) === i,
  );
  return {
    id: shop.id,
    name: shop.name,
    zone: shop.zone,
    currency: shop.currency,
    originPostcode: shop.originPostcode,
    paper: shop.paper ?? 'letter',
    lastCutOff: shop.lastCutOff,
    revision: shop.revision ?? 1,
    today: day,
    time,
    todayIsOver: time > shop.lastCutOff,
    people: people.map(({ id, name, system }) => ({ id, name, system })),
    house: house.parse(shop.house),
    stock: stockroom.parse({
      boxes: boxes.map((row) => ({ ...row.properties, key: row.key, name: row.name, onHand: row.onHand }) as BoxStock),
      wraps: material<WrapStock>('wrap', 'onHandFt2'),
      fills: material<FillStock>('fill', 'onHandFt3'),
      ...shop.tapes,
    }),
    cards: newest.map((card) => rateCard.parse(card.document)),
  };
}

/** The shop's id alone, for what is asked every few seconds. */
export async function readShopId({ models }: Database): Promise<string> {
  const shop = await models.shop.findOne({ attributes: ['id'] });
  if (!shop) throw new Missing('there is no shop yet');
  return shop.id;
}

/** A shop to be made, with its people and what is in its stockroom. */
export interface NewShop {
  shop: Omit<ShopRow, 'tapes'>;
  people: readonly Person[];
  stock: Stockroom;
  cards: readonly RateCard[];
}

/** Makes a shop with everything it needs to plan, in one transaction. */
export async function createShop(database: Database, { shop, people, stock, cards }: NewShop): Promise<void> {
  const { models, sequelize } = database;
  const { innerTape, outerTape, linerBoard } = stock;
  const shopId = shop.id;
  await sequelize.transaction(async (transaction) => {
    await models.shop.create({ ...shop, tapes: { innerTape, outerTape, linerBoard } }, { transaction });
    await models.person.bulkCreate(
      people.map((person, position) => ({ ...person, shopId, position })),
      { transaction },
    );
    await writeStock(database, shopId, stock, transaction);
    await models.card.bulkCreate(
      cards.map((card) => cardRow(shopId, card)),
      { transaction },
    );
  });
}

/** Puts a whole stockroom in place of what was there. */
async function writeStock(
  { models }: Database,
  shopId: string,
  { boxes, wraps, fills }: Stockroom,
  transaction: Transaction,
): Promise<void> {
  const row = (position: number) => ({ id: randomUUID(), shopId, position });
  await models.box.destroy({ where: { shopId }, transaction });
  await models.material.destroy({ where: { shopId }, transaction });
  await models.box.bulkCreate(
    boxes.map(({ key, name, onHand, ...properties }, i) => ({ ...row(i), key, name, onHand, properties })),
    { transaction },
  );
  await models.material.bulkCreate(
    [
      ...wraps.map(({ key, name, onHandFt2, ...properties }) => ({ kind: 'wrap' as const, key, name, onHand: onHandFt2, properties })),
      ...fills.map(({ key, name, onHandFt3, ...properties }) => ({ kind: 'fill' as const, key, name, onHand: onHandFt3, properties })),
    ].map((material, i) => ({ ...row(i), ...material })),
    { transaction },
  );
}

/**
 * Keeps what was changed of the shop: its rules, its facts, its stockroom. All of a command or nothing.
 *
 * @throws Conflicting when somebody changed the shop since, Refused on keys that stand there twice
 */
export async function saveShop(database: Database, shop: ShopView, command: SaveShop, now: Date): Promise<void> {
  const person = personOf(shop, command.personId);
  const { stock, house: rules, facts } = command;
  const twice =
    stock && [...stock.boxes, ...stock.wraps, ...stock.fills].map((one) => one.key).find((key, i, all) => all.indexOf(key) !== i);
  if (twice) throw new Refused([{ path: 'stock', message: `${twice} stands there twice` }]);
  await database.sequelize.transaction(async (transaction) => {
    const row = (await database.models.shop.findByPk(shop.id, { transaction, lock: transaction.LOCK.UPDATE }))!;
    const revision = row.revision ?? 1;
    if (revision !== command.basedOn) {
      const current = await readShop(database, now, transaction);
      const same = (!rules || sameContent(current.house, rules)) && (!stock || sameContent(current.stock, stock));
      if (!same)
        throw new Conflicting({
          entity: 'shop',
          path: stock ? 'stock' : rules ? 'house' : 'facts',
          theirs: { text: 'changed meanwhile', by: 'somebody else', revision },
          yours: person.name,
        });
    }
    if (stock) await writeStock(database, shop.id, stock, transaction);
    const { innerTape, outerTape, linerBoard } = stock ?? {};
    await row.update(
      {
        ...(rules ? { house: rules } : {}),
        ...(facts ?? {}),
        ...(innerTape && outerTape ? { tapes: { innerTape, outerTape, linerBoard: linerBoard ?? null } } : {}),
        revision: revision + 1,
      },
      { transaction },
    );
  });
}
