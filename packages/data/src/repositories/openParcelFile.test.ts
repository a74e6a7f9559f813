import { randomUUID } from 'node:crypto';
import { planParcel, verifyPlan } from '@inch-nest/core';
import { heldIn, planRequestFor, valuesOf, type ParcelView } from '@inch-nest/contracts';
import { finish } from '../../../core/tests/sampleRequest.ts';
import { bowl, keepOne, NOW, ODILE, wholeNest } from '../../tests/smallShop.ts';
import { useSmallShop } from '../../tests/useSmallShop.ts';
import { addPiece, openParcelFile, readParcel, Refused } from '../index.ts';

// A parcel's file, read back as another parcel.

const here = useSmallShop();
const read = (id: string) => readParcel(here.room, id, ODILE);
const fileOf = (view: ParcelView, more: object = {}) =>
  JSON.stringify({ format: 'inch-nest-parcel', version: 1, parcel: { ...view, ...more } });
const open = (file: string, id = randomUUID(), shop = here.shop) => openParcelFile(here.room, shop, { id, personId: ODILE, file }, NOW);

/** A horn with a crook that comes off it, what goes along, and a nest. */
async function horn(): Promise<ParcelView> {
  const id = await bowl(here.room, here.shop);
  await addPiece(here.room, here.shop, id, { act: 'add', personId: ODILE, id: randomUUID(), line: 'crook, 15 x 10 x 5 cm, 8 oz' }, NOW);
  const [whole, part] = heldIn(await read(id));
  const keep = async (path: string, value: string) =>
    expect(await keepOne(here.room, here.shop, id, { path, value, basedOn: 0 })).toMatchObject({ kind: 'kept' });
  await keep(`piece/${part!.pieceId}/partOf`, JSON.stringify({ pieceId: whole!.pieceId, after: null, loosens: 'two screws' }));
  await keep(`piece/${whole!.pieceId}/mostChance`, '1 in 90');
  await keep(`piece/${whole!.pieceId}/accessories`, JSON.stringify([{ id: 'cloth', name: 'cloth', count: 1, part: 'apart' }]));
  const view = await read(id);
  const chosen = finish(planParcel(planRequestFor(view, here.shop)));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  await keepOne(here.room, here.shop, id, { path: 'nest', value: wholeNest(chosen.recommended.choice), basedOn: view.nest.revision });
  return read(id);
}
/** All that is known of its sale and its pieces, what names a piece by its place. */
const factsOf = (view: ParcelView) => {
  const held = heldIn(view);
  const named = held.reduce(
    (text, { pieceId }, at) => text.replaceAll(pieceId, `piece ${at}`),
    JSON.stringify(held.map(({ piece }) => valuesOf(piece))),
  );
  return { sale: valuesOf(view.sale), pieces: JSON.parse(named) as unknown };
};

test('comes out as it went in, with its nest, and is a parcel of its own', async () => {
  const from = await horn();
  const { id, nest } = await open(fileOf(from));
  const to = await read(id);
  expect(nest).toBe('kept');
  expect(factsOf(to)).toEqual(factsOf(from));
  expect(to.nest.choice).toEqual(from.nest.choice);
  expect(verifyPlan(to.nest.plan!.document, planRequestFor(to, here.shop))).toEqual([]);
  expect([to.code, to.saleId, to.pieceId]).not.toEqual([from.code, from.saleId, from.pieceId]);
  expect(to.events.filter(({ kind }) => kind !== 'opened' && kind !== 'planned').map(({ kind }) => kind)).toEqual([]);
});

test('whoever types in centimetres reads the same inches', async () => {
  const from = await horn();
  const shop = { ...here.shop, people: here.shop.people.map((one) => ({ ...one, system: 'metric' as const })) };
  const { id } = await open(fileOf(from), randomUUID(), shop);
  expect(heldIn(await read(id)).map(({ piece }) => piece.size.value)).toEqual(heldIn(from).map(({ piece }) => piece.size.value));
});

test('heard twice it is opened once; what cannot be made from this stockroom is left, all else is there', async () => {
  const from = await horn();
  const id = randomUUID();
  await open(fileOf(from), id);
  const { revision } = await read(id);
  await open(fileOf(from), id);
  expect((await read(id)).revision).toBe(revision);
  const strange = { ...from.nest, choice: { ...from.nest.choice!, box: 'a box nobody has' } };
  const left = await open(fileOf(from, { nest: strange }));
  expect(left.nest).toBe('left');
  expect((await read(left.id)).nest.choice).toBeNull();
  expect((await open(fileOf(from, { nest: { ...from.nest, choice: null } }))).nest).toBe('none');
});

test.each<[string, (view: ParcelView) => string, RegExp]>([
  ['no JSON', () => 'a,b,c', /not the file of a parcel/],
  ['another file', () => JSON.stringify({ format: 'recipe', version: 1 }), /not the file of a parcel/],
  ['a later version', (view) => fileOf(view).replace('"version":1', '"version":2'), /later version/],
  ['a piece is missing', (view) => fileOf(view, { pieceId: undefined }), /pieceId/],
  ['a field nobody knows', (view) => fileOf(view, { piece: { ...view.piece, soul: { text: 'x', value: 'x' } } }), /soul.*no such field/],
  [
    'text and meaning differ',
    (view) => fileOf(view, { piece: { ...view.piece, weight: { ...view.piece.weight, text: '9 lb', value: 2 } } }),
    /weight.*“9 lb” does not mean/,
  ],
])('%s: it is said where, and nothing is opened', async (_, made, says) => {
  const id = randomUUID();
  const file = made(await read(await bowl(here.room, here.shop)));
  const refused = await open(file, id).catch((error: unknown) => error);
  expect(refused).toBeInstanceOf(Refused);
  expect((refused as Refused).problems.map(({ path, message }) => `${path}: ${message}`).join('; ')).toMatch(says);
  await expect(read(id)).rejects.toThrow(/no such parcel/);
});
