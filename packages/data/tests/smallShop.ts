import { randomUUID } from 'node:crypto';
import { BEDDED_HOUSE, type Happening, type RatedFor } from '@inch-nest/core';
import { CARD, SERVICE, STOCK } from '../../core/tests/sampleRequest.ts';
import { appendEvent, createParcel, createShop, readShop, type Database } from '../src/index.ts';

export const NOW = new Date('2026-11-23T10:00:00Z');
export const ODILE = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e02';
export const TAM = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e03';

/** A shop with two people, a small stockroom and one card. */
export async function smallShop(database: Database) {
  const shop = {
    id: randomUUID(),
    name: 'Lantern Row',
    zone: 'Europe/London',
    currency: 'USD',
    originPostcode: '10115',
    lastCutOff: '16:00',
    house: BEDDED_HOUSE,
    demo: false,
  };
  const people = [
    { id: ODILE, name: 'Odile', system: 'imperial' as const },
    { id: TAM, name: 'Tam', system: 'metric' as const },
  ];
  await createShop(database, { shop, people, stock: STOCK, cards: [CARD] });
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

/** The sample card's service as a parcel of three and a half pounds is rated on it. */
export const RATE: RatedFor = {
  service: SERVICE.key,
  serviceName: SERVICE.name,
  cardId: CARD.id,
  cardVersion: CARD.version,
  weightLb: 3.5,
  outsideIn: [12, 12, 12],
  priceMinor: 985,
  coverAdded: false,
  signature: false,
};

/** Says what happened to a parcel, as Odile. */
export const tell = (database: Database, shopId: string, parcelId: string, happening: Happening, now: Date, undoOf: string | null = null) =>
  database.sequelize.transaction((transaction) =>
    appendEvent(database, { id: randomUUID(), shopId, parcelId, personId: ODILE, happening, now, undoOf }, transaction),
  );
