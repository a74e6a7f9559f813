import { randomUUID } from 'node:crypto';
import { CARD, STOCK } from '../../../core/tests/sampleRequest.ts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { NOW, smallShop } from '../../tests/smallShop.ts';
import { inShop, Missing, readShop, type ShopDatabase } from '../index.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let room: ShopDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
});
afterAll(() => fresh.drop());

test('without a shop there is none to read', async () =>
  expect(readShop(inShop(fresh.database, randomUUID()), NOW)).rejects.toThrow(Missing));

test('a shop comes back as it was made: stock in its order, people with their units', async () => {
  const shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
  expect(shop.stock).toEqual(STOCK);
  expect(shop.people.map(({ name, system }) => [name, system])).toEqual([
    ['Odile', 'imperial'],
    ['Tam', 'metric'],
  ]);
  expect(shop.cards).toEqual([CARD]);
});

test('its day is the local one, over once the last cut-off has passed', async () => {
  const at = async (instant: string) => {
    const { today, todayIsOver } = await readShop(room, new Date(instant));
    return [today, todayIsOver];
  };
  expect(await at('2026-11-23T15:59:00Z')).toEqual(['2026-11-23', false]);
  expect(await at('2026-11-23T16:01:00Z')).toEqual(['2026-11-23', true]);
  expect(await at('2026-06-30T23:30:00Z')).toEqual(['2026-07-01', false]); // summer time: half past midnight
});

test('of a card’s versions the newest in force is used', async () => {
  const { id: shopId } = await readShop(room, NOW);
  const version = (number: number, validFrom: string) =>
    fresh.database.models.card.create({
      id: randomUUID(),
      shopId,
      cardKey: CARD.id,
      version: number,
      carrier: CARD.carrier,
      validFrom,
      validTo: null,
      withdrawn: false,
      document: { ...CARD, version: number, validFrom },
    });
  await version(2, '2026-11-01');
  await version(3, '2027-01-01');
  expect((await readShop(room, NOW)).cards.map((card) => card.version)).toEqual([2]);
  expect((await readShop(room, new Date('2027-01-02T10:00:00Z'))).cards.map((card) => card.version)).toEqual([3]);
});
