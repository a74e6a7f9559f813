import { randomUUID } from 'node:crypto';
import { derivePlan, planParcel } from '@inch-nest/core';
import { heldIn, planRequestFor } from '@inch-nest/contracts';
import { finish } from '../../../core/tests/sampleRequest.ts';
import { bowl, keepOne, NOW, ODILE, wholeNest } from '../../tests/smallShop.ts';
import { useSmallShop } from '../../tests/useSmallShop.ts';
import { addPiece, appendEvent, applyTemplate, keepTemplate, readParcel, splitParcel, takeBack, templatesFor } from '../index.ts';

// Templates of one piece and of a set: kept, found, taken.

const here = useSmallShop();
const read = (id: string) => readParcel(here.room, id, ODILE);
const add = (id: string, line: string) => addPiece(here.room, here.shop, id, { act: 'add', personId: ODILE, id: randomUUID(), line }, NOW);
const keepRecommended = async (id: string) => {
  const view = await read(id);
  const chosen = finish(planParcel(planRequestFor(view, here.shop)));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return keepOne(here.room, here.shop, id, { path: 'nest', value: wholeNest(chosen.recommended.choice), basedOn: view.nest.revision });
};
const keep = async (id: string, name: string) => {
  const template = randomUUID();
  await keepTemplate(here.room, here.shop, id, { id: template, personId: ODILE, name }, NOW);
  return template;
};
const take = (id: string, templateId: string) => applyTemplate(here.room, here.shop, id, { templateId, personId: ODILE }, NOW);

/** A horn with a crook that comes off it. */
async function horn(): Promise<string> {
  const id = await bowl(here.room, here.shop);
  await add(id, 'crook, 6 x 4 x 2, 8 oz');
  const [whole, part] = heldIn(await read(id));
  const value = { pieceId: whole!.pieceId, after: null, loosens: 'two screws' };
  expect(
    await keepOne(here.room, here.shop, id, { path: `piece/${part!.pieceId}/partOf`, value: JSON.stringify(value), basedOn: 0 }),
  ).toMatchObject({
    kind: 'kept',
  });
  await keepRecommended(id);
  return id;
}

test('a set is kept whole and one piece becomes it: further pieces with their facts, what comes off what, and its nest fits', async () => {
  const kept = await keep(await horn(), 'horn with its crook');
  const next = await bowl(here.room, here.shop);
  const offered = (await templatesFor(here.room, here.shop, next)).find(({ id }) => id === kept)!;
  expect(offered).toMatchObject({ kind: 'template', pieces: 2 });
  await take(next, kept);
  const view = await read(next);
  const held = heldIn(view);
  expect(held.map(({ piece }) => piece.title.value)).toEqual(['bowl', 'crook']);
  expect(held[1]!.piece.size.value).toEqual([6, 4, 2]);
  expect(held[1]!.piece.partOf.value).toEqual({ pieceId: held[0]!.pieceId, after: null, loosens: 'two screws' });
  const derived = derivePlan(planRequestFor(view, here.shop), offered.choice);
  expect(derived.kind).toBe('plan');
  if (derived.kind === 'plan') expect(derived.option.rated.weighed.filled.stowed.bundles).toHaveLength(2);
});

test('taken again it puts in nothing more, and what was put in is taken back by one step', async () => {
  const kept = await keep(await horn(), 'once more');
  const next = await bowl(here.room, here.shop);
  await take(next, kept);
  await take(next, kept);
  expect(heldIn(await read(next))).toHaveLength(2);
  await takeBack(here.room, here.shop, next, { personId: ODILE, direction: 'undo' }, NOW);
  expect(heldIn(await read(next))).toHaveLength(1);
});

test('a set is offered for one piece and for as many as it holds, one piece’s not for a set; as last time goes by the number too', async () => {
  const earlier = await horn();
  const [one, two] = [
    await keep(
      await (async () => {
        const id = await bowl(here.room, here.shop);
        await keepRecommended(id);
        return id;
      })(),
      'one bowl',
    ),
    await keep(earlier, 'a set'),
  ];
  const set = await bowl(here.room, here.shop);
  await add(set, 'crook, 6 x 4 x 2, 8 oz');
  const forSet = await templatesFor(here.room, here.shop, set);
  expect(forSet.map(({ id }) => id)).toContain(two);
  expect(forSet.map(({ id }) => id)).not.toContain(one);
  expect(forSet.find(({ id }) => id === earlier)).toMatchObject({ kind: 'parcel', pieces: 2 });
  const alone = await bowl(here.room, here.shop);
  const forOne = (await templatesFor(here.room, here.shop, alone)).map(({ id }) => id);
  expect(forOne).toEqual(expect.arrayContaining([one, two]));
  expect(forOne).not.toContain(earlier);
});

test('into a sealed parcel nothing is put', async () => {
  const kept = await keep(await horn(), 'for the sealed');
  const id = await bowl(here.room, here.shop);
  await keepRecommended(id);
  const event = {
    id: randomUUID(),
    parcelId: id,
    personId: ODILE,
    happening: { kind: 'sealed' } as const,
    now: NOW,
    undoOf: null,
    gated: false,
  };
  await here.room.sequelize.transaction((transaction) => appendEvent(here.room, event, transaction));
  await expect(take(id, kept)).rejects.toThrow(/sealed|packed|put in/);
  expect(heldIn(await read(id))).toHaveLength(1);
});

test('a piece that has left the set since changes nothing of the template', async () => {
  const from = await horn();
  const kept = await keep(from, 'still whole');
  const [, part] = heldIn(await read(from));
  await splitParcel(here.room, here.shop, from, { act: 'split', personId: ODILE, lots: [[{ bundleId: part!.bundleId }]] }, NOW);
  const next = await bowl(here.room, here.shop);
  await take(next, kept);
  expect(heldIn(await read(next)).map(({ piece }) => piece.title.value)).toEqual(['bowl', 'crook']);
});

describe('a lamp and its stand, each in a box of its own', () => {
  /** The lamp's parcel of a sale in two boxes, both with a nest. */
  async function inTwo(): Promise<string> {
    const id = await bowl(here.room, here.shop);
    await add(id, 'stand, 7 x 5 x 3, 2 lb');
    const [lamp, stand] = heldIn(await read(id));
    const value = JSON.stringify({ pieceId: lamp!.pieceId, after: null, loosens: '' });
    await keepOne(here.room, here.shop, id, { path: `piece/${stand!.pieceId}/partOf`, value, basedOn: 0 });
    await splitParcel(here.room, here.shop, id, { act: 'split', personId: ODILE, lots: [[{ bundleId: stand!.bundleId }]] }, NOW);
    for (const { id: one } of (await read(id)).set) expect(await keepRecommended(one)).toMatchObject({ kind: 'kept' });
    return id;
  }

  test('are kept as one template, and the next one comes to the same two parcels, the second with its nest', async () => {
    const from = await inTwo();
    const kept = await keep(from, 'lamp and stand');
    const next = await bowl(here.room, here.shop);
    expect((await templatesFor(here.room, here.shop, next)).find(({ id }) => id === kept)).toMatchObject({ pieces: 2, boxes: 2 });
    await take(next, kept);
    const view = await read(next);
    expect(view.set).toHaveLength(2);
    expect(heldIn(view).map(({ piece }) => piece.title.value)).toEqual(['bowl']);
    const there = await read(view.set.find(({ id }) => id !== next)!.id);
    expect(heldIn(there).map(({ piece }) => piece.title.value)).toEqual(['stand']);
    expect(there.piece.partOf.value).toEqual({ pieceId: view.pieceId, after: null, loosens: '' });
    const sibling = await read((await read(from)).set.find(({ id }) => id !== from)!.id);
    expect(there.nest.choice).toEqual(sibling.nest.choice);
    expect(there.nest.plan).not.toBeNull();
    // one step joins them again
    await takeBack(here.room, here.shop, next, { personId: ODILE, direction: 'undo' }, NOW);
    expect(heldIn(await read(next)).map(({ piece }) => piece.title.value)).toEqual(['bowl', 'stand']);
  });

  test('taken once more for what goes in two boxes already, it makes no third', async () => {
    const kept = await keep(await inTwo(), 'lamp and stand again');
    const next = await bowl(here.room, here.shop);
    await take(next, kept);
    await take(next, kept);
    expect((await read(next)).set).toHaveLength(2);
    expect(heldIn(await read(next))).toHaveLength(1);
  });

  test('a box without a nest is left out of it', async () => {
    const id = await bowl(here.room, here.shop);
    await add(id, 'stand, 7 x 5 x 3, 2 lb');
    const [, stand] = heldIn(await read(id));
    await splitParcel(here.room, here.shop, id, { act: 'split', personId: ODILE, lots: [[{ bundleId: stand!.bundleId }]] }, NOW);
    await keepRecommended(id);
    const kept = await keep(id, 'the lamp alone');
    const next = await bowl(here.room, here.shop);
    expect((await templatesFor(here.room, here.shop, next)).find((one) => one.id === kept)).toMatchObject({ pieces: 1, boxes: 1 });
  });
});
