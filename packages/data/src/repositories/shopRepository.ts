import { randomUUID } from 'node:crypto';
import {
  countedStock,
  localTime,
  type BoxStock,
  type FillStock,
  type RateCard,
  type Stockroom,
  type StockUse,
  type WrapStock,
} from '@inch-nest/core';
import { house, rateCard, stockroom, type KeptShop, type Person, type ShopView } from '@inch-nest/contracts';
import { Op, type Transaction, type WhereOptions } from 'sequelize';
import type { Database } from '../database.ts';
import { inShop, type ShopDatabase } from '../inShop.ts';
import { readEach } from '../readEach.ts';
import { Missing } from '../refusals.ts';
import type { CardRow, ShopRow } from '../rows.ts';
import { cardRow } from './cardRow.ts';
import { noteMoves, type NotedMove } from './stockMoves.ts';
import { boxRow, materialRows } from './stockRows.ts';

/**
 * The shop with its people, stockroom and the cards in force on its local day. What was kept by an earlier
 * version is read through today's schemas, which fill in what it did not know.
 *
 * @throws Missing when the database holds no such shop
 */
export async function readShop({ models }: ShopDatabase, now: Date, transaction?: Transaction): Promise<ShopView> {
  const within = transaction ? { transaction } : {};
  const shop = await models.shop.findOne(within);
  if (!shop) throw new Missing('there is no shop yet');
  const { day, time } = localTime(now, shop.zone);
  const inOrder = { order: [['position', 'asc']] as [string, string][], ...within };
  const [people, boxes, materials, cards] = await readEach(
    transaction,
    () => listPersons({ models }, transaction),
    () => models.box.findAll(inOrder),
    () => models.material.findAll(inOrder),
    () =>
      models.card.findAll({
        where: {
          withdrawn: false,
          validFrom: { [Op.lte]: day },
          validTo: { [Op.or]: [{ [Op.is]: null }, { [Op.gte]: day }] },
        } as WhereOptions<CardRow>,
        order: [
          ['cardKey', 'asc'],
          ['version', 'desc'],
        ],
        ...within,
      }),
  );
  const material = <Stock>(kind: 'wrap' | 'fill', onHandKey: string): Stock[] =>
    materials
      .filter((row) => row.kind === kind)
      .map((row) => ({ ...row.properties, key: row.key, name: row.name, [onHandKey]: row.onHand }) as Stock);
  const newest = cards.filter((card, i) => cards.findIndex((other) => other.cardKey === card.cardKey) === i);
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
    people,
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

/** The shop's people alone, in their order: for what is asked with every request. */
export async function listPersons({ models }: Pick<ShopDatabase, 'models'>, transaction?: Transaction): Promise<Person[]> {
  const rows = await models.person.findAll({ order: [['position', 'asc']], ...(transaction ? { transaction } : {}) });
  return rows.map(({ id, name, system, role, seesMoney, sends, gone }) => ({ id, name, system, role, seesMoney, sends, gone }));
}

/** The shop's id alone, for what is asked every few seconds. */
export async function readShopId({ models }: Database): Promise<string> {
  const shop = await models.shop.findOne({ attributes: ['id'], order: [['id', 'asc']] });
  if (!shop) throw new Missing('there is no shop yet');
  return shop.id;
}

/** A shop to be made, with its people and what is in its stockroom. */
export interface NewShop {
  shop: Omit<ShopRow, 'tapes' | 'loading'> & { loading?: boolean };
  people: readonly Person[];
  stock: Stockroom;
  cards: readonly RateCard[];
  /** By which the first of its people signs in. */
  ownerHash?: string;
  /** Moves of its stock before now, the earliest first; the record begins with what makes them come out at what is on hand. */
  moved?: readonly NotedMove[];
}

/**
 * Makes a shop with everything it needs to plan, in one transaction.
 *
 * @param now when the record of its stock begins
 */
export async function createShop(
  database: Database,
  { shop, people, stock, cards, ownerHash, moved = [] }: NewShop,
  now: Date,
): Promise<void> {
  const { sequelize } = database;
  const room = inShop(database, shop.id);
  const { models } = room;
  const { innerTape, outerTape, linerBoard, offcuts } = stock;
  await sequelize.transaction(async (transaction) => {
    await models.shop.create({ loading: false, ...shop, tapes: { innerTape, outerTape, linerBoard, offcuts } }, { transaction });
    await models.person.bulkCreate(
      people.map((person, position) => ({ ...person, position })),
      { transaction },
    );
    if (ownerHash)
      await models.credential.create({ id: people[0]!.id, passwordHash: ownerHash, pinHash: null, changedAt: now }, { transaction });
    await models.box.bulkCreate(
      stock.boxes.map((box, i) => ({ id: randomUUID(), position: i, ...boxRow(box) })),
      { transaction },
    );
    await models.material.bulkCreate(
      materialRows(stock).map((row, i) => ({ id: randomUUID(), position: i, ...row })),
      { transaction },
    );
    const before = ({ kind, key }: Pick<StockUse, 'kind' | 'key'>) =>
      moved.filter((move) => move.kind === kind && move.key === key).reduce((sum, { amount }) => sum + amount, 0);
    const begun = countedStock(stock)
      .map(({ kind, key, onHand }) => ({ kind, key, amount: onHand - before({ kind, key }) }))
      .filter(({ amount }) => amount !== 0);
    await noteMoves(
      room,
      [...begun.map((one) => ({ ...one, why: 'counted' as const, personId: null, at: moved[0]?.at ?? now })), ...moved],
      transaction,
    );
    await models.card.bulkCreate(
      cards.map((card) => cardRow(card)),
      { transaction },
    );
  });
}

/** What is kept of a shop part by part, as it stands. */
export const keptShop = ({ house: rules, stock, people, name, currency, zone, originPostcode, paper, lastCutOff }: ShopView): KeptShop => ({
  house: rules,
  facts: { name, currency, zone, originPostcode, paper, lastCutOff },
  stock,
  people,
});
