import { randomUUID } from 'node:crypto';
import type { BoxStock, FillStock, RateCard, Stockroom, WrapStock } from '@inch-nest/core';
import { house, rateCard, stockroom, type Person, type ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { Missing } from '../refusals.ts';
import type { ShopRow } from '../rows.ts';

/** The local day and time of an instant in a zone, as `YYYY-MM-DD` and `HH:MM`. */
export function localTime(now: Date, zone: string): { day: string; time: string } {
  const parts = new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(now);
  const of = (type: string) => parts.find((part) => part.type === type)!.value;
  return { day: `${of('year')}-${of('month')}-${of('day')}`, time: `${of('hour')}:${of('minute')}` };
}

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
  const newest = cards.filter(
    (card, i) => card.validFrom <= day && cards.findIndex((other) => other.cardKey === card.cardKey && other.validFrom <= day) === i,
  );
  return {
    id: shop.id,
    name: shop.name,
    zone: shop.zone,
    currency: shop.currency,
    originPostcode: shop.originPostcode,
    today: day,
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
export async function createShop({ models, sequelize }: Database, { shop, people, stock, cards }: NewShop): Promise<void> {
  const { boxes, wraps, fills, innerTape, outerTape, linerBoard } = stock;
  const shopId = shop.id;
  const row = (position: number) => ({ id: randomUUID(), shopId, position });
  await sequelize.transaction(async (transaction) => {
    await models.shop.create({ ...shop, tapes: { innerTape, outerTape, linerBoard } }, { transaction });
    await models.person.bulkCreate(
      people.map((person, position) => ({ ...person, shopId, position })),
      { transaction },
    );
    await models.box.bulkCreate(
      boxes.map(({ key, name, onHand, ...properties }, i) => ({ ...row(i), key, name, onHand, properties })),
      { transaction },
    );
    await models.material.bulkCreate(
      wraps.map(({ key, name, onHandFt2, ...properties }, i) => ({
        ...row(i),
        kind: 'wrap' as const,
        key,
        name,
        onHand: onHandFt2,
        properties,
      })),
      { transaction },
    );
    await models.material.bulkCreate(
      fills.map(({ key, name, onHandFt3, ...properties }, i) => ({
        ...row(i),
        kind: 'fill' as const,
        key,
        name,
        onHand: onHandFt3,
        properties,
      })),
      { transaction },
    );
    await models.card.bulkCreate(
      cards.map((card) => ({
        id: randomUUID(),
        shopId,
        cardKey: card.id,
        version: card.version,
        carrier: card.carrier,
        validFrom: card.validFrom,
        validTo: card.validTo,
        document: card,
      })),
      { transaction },
    );
  });
}
