import { randomUUID } from 'node:crypto';
import { BEDDED_HOUSE, type Happening, type Locks, type PlanChoice, type RatedFor } from '@inch-nest/core';
import type { KeptChange, NestChange, ShopView, Verdict } from '@inch-nest/contracts';
import { CARD, SERVICE, STOCK } from '../../core/tests/sampleRequest.ts';
import { appendEvent, createParcel, createShop, inShop, keepParcel, readShop, type Database, type ShopDatabase } from '../src/index.ts';

export const NOW = new Date('2026-11-23T10:00:00Z');
export const ODILE = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e02';
export const TAM = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e03';

/** A shop with two people, a small stockroom and one card. */
/**
 * @param strangers people with ids of their own, for a second shop beside the first
 */
export async function smallShop(database: Database, strangers = false) {
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
    {
      id: strangers ? randomUUID() : ODILE,
      name: 'Odile',
      system: 'imperial' as const,
      role: 'owner' as const,
      gone: false,
      seesMoney: false,
      sends: false,
    },
    {
      id: strangers ? randomUUID() : TAM,
      name: 'Tam',
      system: 'metric' as const,
      role: 'planner' as const,
      gone: false,
      seesMoney: false,
      sends: false,
    },
  ];
  await createShop(database, { shop, people, stock: STOCK, cards: [CARD] }, NOW);
  return readShop(inShop(database, shop.id), NOW);
}

/** A parcel with a bowl in it. */
export const bowl = async (database: ShopDatabase, shop: Awaited<ReturnType<typeof smallShop>>): Promise<string> =>
  createParcel(
    database,
    shop,
    {
      id: randomUUID(),
      personId: shop.people[0]!.id,
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
  // the card’s own: 800 + 60 × 3 for the step to 4 lb in zone 5
  priceMinor: 980,
  coverAdded: false,
  signature: false,
};

/** Says what happened to a parcel, as Odile. */
export const tell = (database: ShopDatabase, parcelId: string, happening: Happening, now: Date, undoOf: string | null = null) =>
  database.sequelize.transaction((transaction) =>
    appendEvent(database, { id: randomUUID(), parcelId, personId: ODILE, happening, now, undoOf }, transaction),
  );

/** Keeps one change of a parcel, as Odile unless somebody else does; answers what became of it. */
export async function keepOne(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  {
    path,
    value,
    basedOn,
    personId = ODILE,
    id = randomUUID(),
    now = NOW,
  }: {
    path: string;
    value: unknown;
    basedOn: number;
    personId?: string;
    id?: string;
    now?: Date;
  },
): Promise<Verdict> {
  const change = { id, path, value: JSON.parse(JSON.stringify(value)) as KeptChange['value'], basedOn };
  return (await keepParcel(database, shop, parcelId, { personId, changes: [change] }, now))[0]!;
}

/** A whole nest as a change. */
export const wholeNest = (choice: PlanChoice, locks: Locks = {}): NestChange =>
  ({ set: choice, drop: [], pin: locks, unpin: [] }) as unknown as NestChange;
