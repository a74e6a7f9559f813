import { freshDatabase } from '../../tests/freshDatabase.ts';
import { CARD } from '../../../core/tests/sampleRequest.ts';
import { NOW, ODILE, smallShop } from '../../tests/smallShop.ts';
import { addCard, inShop, listCards, Missing, readShop, Refused, withdrawCard, type ShopDatabase } from '../index.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Awaited<ReturnType<typeof smallShop>>;
let room: ShopDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
}, 30_000);
afterAll(() => fresh.drop(), 30_000);

const inForce = async () => (await readShop(room, NOW)).cards.map((card) => card.version);

test('a flawed card is not taken in, whoever sends it', async () => {
  await expect(addCard(room, shop, { ...CARD, id: '../etc', version: 2 })).rejects.toThrow(Refused);
  await expect(addCard(room, shop, { ...CARD, version: 2, validTo: '2001-01-01' })).rejects.toThrow(/before it begins/);
  expect(await inForce()).toEqual([1]);
});

test('a version out of force gives way to the one before it, and comes back; who did so is a change of the shop', async () => {
  await addCard(room, shop, { ...CARD, version: 2 });
  expect(await inForce()).toEqual([2]);
  const second = (await listCards(room, shop)).find((card) => card.version === 2)!;
  await withdrawCard(room, shop, { id: second.id, withdrawn: true, personId: ODILE }, NOW);
  await withdrawCard(room, shop, { id: second.id, withdrawn: true, personId: ODILE }, NOW);
  expect(await inForce()).toEqual([1]);
  expect(
    (await listCards(room, await readShop(room, NOW))).map(({ version, withdrawn, inForce: used }) => [version, withdrawn, used]),
  ).toEqual([
    [2, true, false],
    [1, false, true],
  ]);
  await withdrawCard(room, shop, { id: second.id, withdrawn: false, personId: ODILE }, NOW);
  expect(await inForce()).toEqual([2]);
  const changes = await room.models.shopChange.findAll({ order: [['seq', 'asc']] });
  expect(changes.map(({ path, before, after, personId }) => [path, before, after, personId])).toEqual([
    [`card/${second.id}/withdrawn`, false, true, ODILE],
    [`card/${second.id}/withdrawn`, true, false, ODILE],
  ]);
});

test('a card that is none is missing', () =>
  expect(withdrawCard(room, shop, { id: ODILE, withdrawn: true, personId: ODILE }, NOW)).rejects.toThrow(Missing));
