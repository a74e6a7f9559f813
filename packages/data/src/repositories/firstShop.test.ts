import { houseOfSet, BEDDED_HOUSE, READY_SETS } from '@inch-nest/core';
import { firstShop, type FirstShop } from '@inch-nest/contracts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl } from '../../tests/smallShop.ts';
import { credentialOf, inShop, listShelf, makeFirstShop, readShop, readShopId, readStock } from '../index.ts';

const NOW = new Date('2026-11-23T10:00:00Z');
const ASKED: FirstShop = {
  facts: { name: 'Fen Lane Finds', zone: 'Europe/London', currency: 'GBP', originPostcode: '10115', paper: 'a4', lastCutOff: '15:30' },
  people: [
    { name: ' Una ', system: 'metric' },
    { name: 'Piet', system: 'imperial' },
  ],
  set: 'tightRoll',
  password: 'three words here',
  materials: true,
};

const HASH = '$argon2id$…';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
beforeEach(async () => (fresh = await freshDatabase()));
afterEach(() => fresh.drop());

test('a place with no shop gets one, by the application itself: its people, its rules, an empty stockroom', async () => {
  const [una, piet] = await makeFirstShop(fresh.database, ASKED, HASH, NOW);
  const room = inShop(fresh.database, await readShopId(fresh.database));
  const shop = await readShop(room, NOW);
  // whoever is named first owns it, and has chosen how she comes in
  expect((await credentialOf(room, una!))?.passwordHash).toBe(HASH);
  expect(await credentialOf(room, piet!)).toBeNull();
  expect(shop).toMatchObject({
    ...ASKED.facts,
    people: [
      { id: una, name: 'Una', system: 'metric', role: 'owner' },
      { id: piet, name: 'Piet', role: 'packer' },
    ],
    cards: [],
  });
  expect(shop.house).toMatchObject(
    houseOfSet(
      READY_SETS.find(({ key }) => key === 'tightRoll')!,
      BEDDED_HOUSE,
    ),
  );
  expect(shop.stock.boxes).toEqual([]);
  expect(
    [...shop.stock.wraps.map(({ onHandFt2 }) => onHandFt2), ...shop.stock.fills.map(({ onHandFt3 }) => onHandFt3)].every(
      (left) => left === 0,
    ),
  ).toBe(true);
  // nothing has moved yet, and a first sale can be typed
  expect((await readStock(room, shop)).moves).toEqual([]);
  await bowl(room, shop);
  expect(await listShelf(room)).toHaveLength(1);
});

test('of two who begin at once one makes it, and the other is told', async () => {
  const both = await Promise.allSettled(
    [ASKED, { ...ASKED, materials: false }].map((asked) => makeFirstShop(fresh.database, asked, HASH, NOW)),
  );
  expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected']);
  expect(await fresh.database.models.shop.count()).toBe(1);
  await expect(makeFirstShop(fresh.database, ASKED, HASH, NOW)).rejects.toThrow(/already/);
});

test.each<[string, object, RegExp]>([
  ['nobody', { people: [] }, /somebody packs there/],
  [
    'one name twice',
    {
      people: [
        { name: 'Una', system: 'metric' },
        { name: 'una', system: 'metric' },
      ],
    },
    /two people of one name/,
  ],
  ['a zone there is not', { facts: { ...ASKED.facts, zone: 'Alder/Quay' } }, /not a time zone/],
  ['a password too short', { password: 'short' }, /at least 10 signs/],
  ['a password of one sign', { password: 'aaaaaaaaaaaa' }, /four different/],
  ['no currency', { facts: { ...ASKED.facts, currency: 'POUNDS' } }, /three letters/],
])('%s is refused in words', (_, part, says) => expect(() => firstShop.parse({ ...ASKED, ...part })).toThrow(says));
