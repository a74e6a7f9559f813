import { useSmallShop } from '../../tests/useSmallShop.ts';
import { CARD } from '../../../core/tests/sampleRequest.ts';
import { NOW, ODILE } from '../../tests/smallShop.ts';
import { addCard, listCards, Missing, readShop, Refused, withdrawCard } from '../index.ts';

const here = useSmallShop();

const inForce = async () => (await readShop(here.room, NOW)).cards.map((card) => card.version);

test('a flawed card is not taken in, whoever sends it', async () => {
  await expect(addCard(here.room, here.shop, { ...CARD, id: '../etc', version: 2 })).rejects.toThrow(Refused);
  await expect(addCard(here.room, here.shop, { ...CARD, version: 2, validTo: '2001-01-01' })).rejects.toThrow(/before it begins/);
  expect(await inForce()).toEqual([1]);
});

test('a version out of force gives way to the one before it, and comes back; who did so is a change of the shop', async () => {
  await addCard(here.room, here.shop, { ...CARD, version: 2 });
  expect(await inForce()).toEqual([2]);
  const second = (await listCards(here.room, here.shop)).find((card) => card.version === 2)!;
  await withdrawCard(here.room, here.shop, { id: second.id, withdrawn: true, personId: ODILE }, NOW);
  await withdrawCard(here.room, here.shop, { id: second.id, withdrawn: true, personId: ODILE }, NOW);
  expect(await inForce()).toEqual([1]);
  expect(
    (await listCards(here.room, await readShop(here.room, NOW))).map(({ version, withdrawn, inForce: used }) => [version, withdrawn, used]),
  ).toEqual([
    [2, true, false],
    [1, false, true],
  ]);
  await withdrawCard(here.room, here.shop, { id: second.id, withdrawn: false, personId: ODILE }, NOW);
  expect(await inForce()).toEqual([2]);
  const changes = await here.room.models.shopChange.findAll({ order: [['seq', 'asc']] });
  expect(changes.map(({ path, before, after, personId }) => [path, before, after, personId])).toEqual([
    [`card/${second.id}/withdrawn`, false, true, ODILE],
    [`card/${second.id}/withdrawn`, true, false, ODILE],
  ]);
});

test('a card that is none is missing', () =>
  expect(withdrawCard(here.room, here.shop, { id: ODILE, withdrawn: true, personId: ODILE }, NOW)).rejects.toThrow(Missing));
