import { randomUUID } from 'node:crypto';
import { ODILE, NOW, TAM } from '../../tests/smallShop.ts';
import { useSmallShop } from '../../tests/useSmallShop.ts';
import type { KeptChange } from '@inch-nest/contracts';
import { keepShop, readShop } from '../index.ts';

const of = useSmallShop();
const keep = (path: string, value: KeptChange['value']) =>
  keepShop(of.room, of.shop, { personId: ODILE, changes: [{ id: randomUUID(), path, value, basedOn: of.shop.revision }] }, NOW);
const people = async () => (await readShop(of.room, NOW)).people.map(({ name, system }) => `${name} ${system}`);

test('somebody comes, is renamed, and reads her own units; those who are there stay as they are', async () => {
  const una = randomUUID();
  expect(await keep(`people/${una}`, { name: 'Una', system: 'imperial' })).toMatchObject([{ kind: 'kept' }]);
  expect(await people()).toEqual(['Odile imperial', 'Tam metric', 'Una imperial']);
  expect(await keep(`people/${una}/system`, 'metric')).toMatchObject([{ kind: 'kept' }]);
  expect(await keep(`people/${TAM}/name`, 'Tamsin')).toMatchObject([{ kind: 'kept' }]);
  expect(await people()).toEqual(['Odile imperial', 'Tamsin metric', 'Una metric']);
});

test.each<[string, string, KeptChange['value'], RegExp]>([
  ['a name that is taken', `people/${TAM}/name`, ' odile ', /two people of one name/],
  ['somebody new by a name that is taken', `people/${randomUUID()}`, { name: 'Odile', system: 'metric' }, /two people of one name/],
  ['no name', `people/${TAM}/name`, ' ', /./],
  ['nobody', `people/${randomUUID()}/name`, 'Bram', /nobody of this shop/],
  ['no id', 'people/una', { name: 'Bram', system: 'metric' }, /each with an id/],
  ['something else of hers', `people/${TAM}/id`, randomUUID(), /a shop has no/],
  ['a role there is not', `people/${TAM}/role`, 'admin', /owner, planner/],
  ['the last owner made less', `people/${ODILE}/role`, 'packer', /somebody must own/],
  ['the last owner gone', `people/${ODILE}/gone`, true, /somebody must own/],
  ['units there are not', `people/${TAM}/system`, 'cubits', /inches or centimetres/],
  ['somebody taken off', `people/${TAM}`, null, /./],
])('%s is refused in words and nothing moves', async (_, path, value, says) => {
  const before = await people();
  expect(await keep(path, value)).toMatchObject([{ kind: 'refused', problem: expect.stringMatching(says) as string }]);
  expect(await people()).toEqual(before);
});
