import { randomUUID } from 'node:crypto';
import { BEDDED_HOUSE } from '@inch-nest/core';
import { CARD, STOCK } from '../../core/testing/sampleRequest.ts';
import { createParcel, readShop, type Database } from '../src/index.ts';

export const NOW = new Date('2026-11-23T10:00:00Z');
export const ODILE = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e02';
export const TAM = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e03';

/** A shop with two people, a small stockroom and one card. */
export async function smallShop(database: Database) {
  const shopId = randomUUID();
  const { models } = database;
  const { innerTape, outerTape } = STOCK;
  await models.shop.create({
    id: shopId,
    name: 'Lantern Row',
    zone: 'Europe/London',
    currency: 'USD',
    originPostcode: '10115',
    lastCutOff: '16:00',
    house: BEDDED_HOUSE,
    tapes: { innerTape, outerTape },
    demo: false,
  });
  await models.person.bulkCreate([
    { id: ODILE, shopId, name: 'Odile', system: 'imperial', position: 0 },
    { id: TAM, shopId, name: 'Tam', system: 'metric', position: 1 },
  ]);
  await models.box.bulkCreate(
    STOCK.boxes.map(({ key, name, onHand, ...properties }, position) => ({
      id: randomUUID(),
      shopId,
      key,
      name,
      position,
      onHand,
      properties,
    })),
  );
  await models.material.bulkCreate([
    ...STOCK.wraps.map(({ key, name, onHandFt2, ...properties }, position) => ({
      id: randomUUID(),
      shopId,
      kind: 'wrap' as const,
      key,
      name,
      position,
      onHand: onHandFt2,
      properties,
    })),
    ...STOCK.fills.map(({ key, name, onHandFt3, ...properties }, position) => ({
      id: randomUUID(),
      shopId,
      kind: 'fill' as const,
      key,
      name,
      position,
      onHand: onHandFt3,
      properties,
    })),
  ]);
  await models.card.create({
    id: randomUUID(),
    shopId,
    cardKey: CARD.id,
    version: CARD.version,
    carrier: CARD.carrier,
    validFrom: CARD.validFrom,
    validTo: null,
    document: CARD,
  });
  return readShop(database, NOW);
}

/** A parcel with a bowl in it. */
export const bowl = async (database: Database, shop: Awaited<ReturnType<typeof smallShop>>): Promise<string> =>
  createParcel(
    database,
    shop,
    {
      id: randomUUID(),
      personId: ODILE,
      sale: { soldMinor: '84', destinationPostcode: '40217' },
      piece: { title: 'bowl', size: '6 x 5 x 5', weight: '2 lb', archetype: '"compactCeramic"' },
    },
    NOW,
  );
