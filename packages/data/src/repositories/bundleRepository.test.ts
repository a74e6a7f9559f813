import { randomUUID } from 'node:crypto';
import { planParcel, verifyPlan, type Happening } from '@inch-nest/core';
import { benchPlanFor, heldIn, planRequestFor, type SplitParcel } from '@inch-nest/contracts';
import { finish } from '../../../core/tests/sampleRequest.ts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, keepOne, NOW, ODILE, smallShop, tell, wholeNest } from '../../tests/smallShop.ts';
import {
  addPiece,
  appendEvent,
  createParcel,
  inShop,
  listShelf,
  lockParcel,
  moveBundles,
  readParcel,
  Refused,
  dividePiece,
  saleFromLine,
  sealParcel,
  splitParcel,
  takeBack,
  type ShopDatabase,
} from '../index.ts';

// Several different pieces in one parcel: put in, taken out, joined with another sale, and what becomes of money and nests.

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Awaited<ReturnType<typeof smallShop>>;
let room: ShopDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
});
afterAll(() => fresh.drop());

const read = (id: string) => readParcel(room, id, ODILE);
const add = (id: string, line: string, bundleId = randomUUID()) =>
  addPiece(room, shop, id, { act: 'add', personId: ODILE, id: bundleId, line }, NOW);
const move = (id: string, bundleId: string, to: string) =>
  moveBundles(room, shop, id, { act: 'move', personId: ODILE, bundleIds: [bundleId], to }, NOW);
const split = (id: string, ...lots: string[][]) => portion(id, ...lots.map((lot) => lot.map((bundleId) => ({ bundleId }))));
const portion = (id: string, ...lots: SplitParcel['lots']) => splitParcel(room, shop, id, { act: 'split', personId: ODILE, lots }, NOW);
const step = (id: string, direction: 'undo' | 'redo') => takeBack(room, shop, id, { personId: ODILE, direction }, NOW);
const titles = async (id: string) => heldIn(await read(id)).map(({ piece }) => piece.title.value);
const keepRecommended = async (id: string) => {
  const view = await read(id);
  const chosen = finish(planParcel(planRequestFor(view, shop)));
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
  return keepOne(room, shop, id, { path: 'nest', value: wholeNest(chosen.recommended.choice), basedOn: view.nest.revision });
};
const soldTo = (buyer: string, line: string) => {
  const { sale, piece, more } = saleFromLine(line, shop, 'imperial');
  return createParcel(room, shop, { id: randomUUID(), personId: ODILE, sale: { ...sale, buyer }, piece, ...(more ? { more } : {}) }, NOW);
};

describe('one of several alike that differs', () => {
  const divide = (id: string, bundleId: string, count = 1) =>
    dividePiece(room, shop, id, { act: 'divide', personId: ODILE, bundleId, count }, NOW);
  const counts = async (id: string) => heldIn(await read(id)).map(({ piece }) => [piece.title.value, piece.count.value]);

  test('is a piece of its own beside the others, with all that was said of them; one step takes it back', async () => {
    const id = await soldTo('AL–KE', 'six cut glass goblets, 3 x 3 x 7, 8 oz each, sold 72, to 40217');
    await keepRecommended(id);
    const { bundleId } = await read(id);
    await divide(id, bundleId);
    expect(await counts(id)).toEqual([
      ['cut glass goblets', 5],
      ['cut glass goblets', 1],
    ]);
    const view = await read(id);
    const own = view.others[0]!;
    expect(own.piece.weight.value).toBe(0.5);
    expect(own.piece.archetype.value).toBe(view.piece.archetype.value);
    // both together are still worth what was paid
    expect(view.nest.choice).toBeNull();
    expect(await keepOne(room, shop, id, { path: `piece/${own.pieceId}/size`, value: '3 x 3 x 9', basedOn: 0 })).toMatchObject({
      kind: 'kept',
    });
    expect((await read(id)).piece.size.value).toEqual([3, 3, 7]);
    await step(id, 'undo');
    await step(id, 'undo');
    expect(await counts(id)).toEqual([['cut glass goblets', 6]]);
    expect((await read(id)).nest.choice).not.toBeNull();
    await step(id, 'redo');
    expect(await counts(id)).toHaveLength(2);
  });

  test('all there is of it, and more than there is, are one sentence, and nothing is changed', async () => {
    const id = await soldTo('AL–KO', 'three jars, 3 x 3 x 7, 8 oz each, sold 30, to 40217');
    const { bundleId } = await read(id);
    await expect(divide(id, bundleId, 3)).rejects.toThrow(/stands by itself/);
    await expect(divide(id, bundleId, 4)).rejects.toThrow(/only 3 of it/);
    await expect(divide(id, randomUUID())).rejects.toThrow(Refused);
    expect(await counts(id)).toEqual([['jars', 3]]);
    await divide(id, bundleId, 2);
    expect(await counts(id)).toEqual([
      ['jars', 1],
      ['jars', 2],
    ]);
  });
});

describe('one more piece', () => {
  test('joins the parcel with its money; the nest is to be found anew, and both are planned and kept', async () => {
    const id = await bowl(room, shop);
    await keepRecommended(id);
    await add(id, 'glass float, 5 x 5 x 5, 1 lb, sold 30');
    const view = await read(id);
    expect(await titles(id)).toEqual(['bowl', 'glass float']);
    expect(view.sale.soldMinor.value).toBe(11_400);
    // each stays worth what it was sold for
    expect(heldIn(view).map(({ piece }) => piece.replacementMinor.value)).toEqual([8400, 3000]);
    expect(view.nest).toMatchObject({ choice: null, plan: null });
    expect(await keepRecommended(id)).toMatchObject({ kind: 'kept' });
    const kept = await read(id);
    expect(kept.nest.plan!.document.others).toHaveLength(1);
    expect(verifyPlan(kept.nest.plan!.document, planRequestFor(kept, shop))).toEqual([]);
    expect((await listShelf(room)).find((tag) => tag.id === id)!.title).toBe('bowl, glass float');
  });

  test('heard twice it is one; a line without a name is one sentence, and nothing is put in', async () => {
    const id = await bowl(room, shop);
    const bundleId = randomUUID();
    await add(id, 'tray, 12 x 8 x 1', bundleId);
    await add(id, 'tray, 12 x 8 x 1', bundleId);
    await expect(add(id, '12 x 8 x 1')).rejects.toThrow(Refused);
    expect(await titles(id)).toEqual(['bowl', 'tray']);
    for (let i = 3; i <= 12; i++) await add(id, `tray ${i}`);
    await expect(add(id, 'one too many')).rejects.toThrow(/at most 12/);
  });

  test('a part that comes off what is there: of its kind unless it says of what, and off what is not there it is refused', async () => {
    const id = await bowl(room, shop);
    const whole = (await read(id)).pieceId;
    const ofGlass = { path: `piece/${whole}/archetype`, value: JSON.stringify('denseGlass'), basedOn: 0 };
    expect(await keepOne(room, shop, id, ofGlass)).toMatchObject({ kind: 'kept' });
    const off = (line: string, partOf: string) =>
      addPiece(room, shop, id, { act: 'add', personId: ODILE, id: randomUUID(), line, partOf }, NOW);
    await off('lid, 5 x 5 x 1', whole);
    await off('porcelain knob, 1 x 1 x 1', whole);
    expect((await read(id)).others.map(({ piece }) => [piece.archetype.value, piece.partOf.value?.pieceId])).toEqual([
      ['denseGlass', whole],
      ['compactCeramic', whole],
    ]);
    await expect(off('spout, 1 x 1 x 1', randomUUID())).rejects.toThrow(/not in this parcel any more/);
    expect(await titles(id)).toEqual(['bowl', 'lid', 'porcelain knob']);
  });

  test('its fields are kept by its own id, and taken back by it', async () => {
    const id = await bowl(room, shop);
    await add(id, 'tray, 12 x 8 x 1');
    const other = (await read(id)).others[0]!;
    expect(await keepOne(room, shop, id, { path: `piece/${other.pieceId}/weight`, value: '3 lb', basedOn: 0 })).toMatchObject({
      kind: 'kept',
    });
    expect((await read(id)).others[0]!.piece.weight.value).toBe(3);
    expect((await read(id)).piece.weight.value).toBe(2);
    await step(id, 'undo');
    expect((await read(id)).others[0]!.piece.weight.value).toBeNull();
  });

  test('taken back it is gone, done again it is there, with the nest that stood', async () => {
    const id = await bowl(room, shop);
    await keepRecommended(id);
    const { choice } = (await read(id)).nest;
    await add(id, 'tray, 12 x 8 x 1');
    await step(id, 'undo');
    expect(await titles(id)).toEqual(['bowl']);
    expect((await read(id)).nest.choice).toEqual(choice);
    await step(id, 'redo');
    expect(await titles(id)).toEqual(['bowl', 'tray']);
    expect((await read(id)).nest.choice).toBeNull();
  });
});

describe('several on one line', () => {
  test('stand in one parcel in their order, money summed', async () => {
    const id = await soldTo('LM', 'binnacle lamp, 7 x 7 x 14, 5 lb, sold 120, to 40217 + stand, 30 x 6 x 6, 7 lb, sold 40');
    const view = await read(id);
    expect(await titles(id)).toEqual(['binnacle lamp', 'stand']);
    expect([view.sale.soldMinor.value, view.sale.destinationPostcode.value, view.others[0]!.piece.weight.value]).toEqual([
      16_000,
      '40217',
      7,
    ]);
    expect(heldIn(view).map(({ piece }) => piece.replacementMinor.value)).toEqual([12_000, 4000]);
  });

  test('sold together at one price they share it; of several alike the worth is of one', async () => {
    const worths = async (line: string) => heldIn(await read(await soldTo('LM', line))).map(({ piece }) => piece.replacementMinor.value);
    expect(await worths('lamp, sold 120, to 40217 + stand')).toEqual([null, null]);
    expect(await worths('six jars, sold 90, to 40217 + tray, sold 20, paid 14 shipping')).toEqual([1500, 2000]);
  });
});

describe('taken out', () => {
  test('into a parcel of its own: 1 of 2 and 2 of 2, the money shared to the cent by worth; joined again by one step', async () => {
    const id = await soldTo('PB', 'six jars, 3 x 3 x 6, 11 oz each, sold 100.01 + tray, 12 x 8 x 1, 2 lb, to 40217');
    const { others } = await read(id);
    await split(id, [others[0]!.bundleId]);
    const here = await read(id);
    expect(await titles(id)).toEqual(['jars']);
    expect(here.set).toHaveLength(2);
    const sibling = here.set.find((one) => one.id !== id)!;
    const there = await read(sibling.id);
    expect(there.piece.title.value).toBe('tray');
    const money = [here.share!, there.share!];
    expect(money.reduce((sum, { soldMinor }) => sum + soldMinor, 0)).toBe(10_001);
    // seven pieces, worth alike for want of anything better
    expect(money.map(({ soldMinor }) => soldMinor)).toEqual([8572, 1429]);
    // what goes in the other box is known by what it is worth, since the pieces may be nothing without each other
    expect(there.elsewhere).toEqual([{ id: here.pieceId, partOf: null, worthMinor: 8572 }]);
    expect(here.elsewhere.map(({ id }) => id)).toEqual([there.pieceId]);
    const placeOf = async (one: string) => (await listShelf(room)).find((tag) => tag.id === one)?.ofSet ?? null;
    expect([await placeOf(id), await placeOf(sibling.id)].map((place) => place?.of)).toEqual([2, 2]);
    expect((await placeOf(id))!.place + (await placeOf(sibling.id))!.place).toBe(3);
    await step(id, 'undo');
    expect(await placeOf(id)).toBeNull();
    expect(await titles(id)).toEqual(['jars', 'tray']);
    expect((await read(id)).share).toBeNull();
    expect((await read(id)).elsewhere).toEqual([]);
    expect((await listShelf(room)).some((tag) => tag.id === sibling.id)).toBe(false);
    await step(id, 'redo');
    expect((await read(id)).set.map((one) => one.id).sort()).toEqual([id, sibling.id].sort());
    expect((await read(id)).share).toEqual(here.share);
  });

  test('what was collected for sending goes by what each box costs once all are planned, to the cent; by worth until then', async () => {
    const id = await soldTo('PC', 'urn, 9 x 8 x 14, 9 lb, sold 90 + dish, 5 x 4 x 1, 8 oz, sold 10, shipping 24.01, to 40217');
    await split(id, [(await read(id)).others[0]!.bundleId]);
    const sibling = (await read(id)).set.find((one) => one.id !== id)!.id;
    const collected = async () => [(await read(id)).share!, (await read(sibling)).share!].map((share) => share.shippingCollectedMinor);
    const [whole] = await collected();
    expect(await collected()).toEqual([2161, 240]);
    await keepRecommended(id);
    expect(await collected()).toEqual([whole, 240]);
    await keepRecommended(sibling);
    const [urn, dish] = (await read(id)).set.sort((a) => (a.id === id ? -1 : 1)).map((one) => one.costMinor!);
    const shared = await collected();
    expect(shared[0]! + shared[1]!).toBe(2401);
    expect(shared[0]).toBe(Math.round((2401 * urn!) / (urn! + dish!)));
    expect(shared[1]).toBeGreaterThan(240);
    // what they were sold for stays by worth
    expect((await read(sibling)).share!.soldMinor).toBe(1000);
  });

  test('in three boxes in one step: a set of three, one step joins them all, one more parts them again', async () => {
    const id = await soldTo('TR', 'bowl, 6 x 5 x 5, 2 lb, sold 100.01 + tray, 12 x 8 x 1, 2 lb + vase, 5 x 5 x 9, 3 lb, to 40217');
    const [, tray, vase] = heldIn(await read(id));
    await split(id, [tray!.bundleId], [vase!.bundleId]);
    const set = (await read(id)).set;
    const others = set.filter((one) => one.id !== id);
    expect(others).toHaveLength(2);
    expect((await Promise.all(others.map((one) => titles(one.id)))).flat().sort()).toEqual(['tray', 'vase']);
    const shares = await Promise.all(set.map(async (one) => (await read(one.id)).share!.soldMinor));
    expect(shares.reduce((sum, one) => sum + one, 0)).toBe(10_001);
    await step(id, 'undo');
    expect(await titles(id)).toEqual(['bowl', 'tray', 'vase']);
    expect((await read(id)).set).toEqual([]);
    const shelf = await listShelf(room);
    expect(others.filter((one) => shelf.some((tag) => tag.id === one.id))).toEqual([]);
    await step(id, 'redo');
    for (const one of set)
      expect((await read(one.id)).set.map((member) => member.id).sort()).toEqual(set.map((member) => member.id).sort());
  });

  test('a bundle goes in one box, not in two, and something stays', async () => {
    const id = await soldTo('TW', 'bowl, 6 x 5 x 5, 2 lb + tray, 12 x 8 x 1, to 40217');
    const [bowlIs, tray] = heldIn(await read(id));
    await expect(split(id, [tray!.bundleId], [tray!.bundleId])).rejects.toThrow(/one box, not in two/);
    await expect(split(id, [bowlIs!.bundleId], [tray!.bundleId])).rejects.toThrow(/parcel of its own/);
    await expect(split(id, [randomUUID()])).rejects.toThrow(/no such bundle/);
    expect(await titles(id)).toEqual(['bowl', 'tray']);
  });

  test('twelve alike in three boxes: four in each, the money shared to the cent, twelve again by one step', async () => {
    const id = await soldTo('TP', 'twelve plates, 10 x 10 x 1, 1 lb each, sold 100.01, to 40217');
    const plates = heldIn(await read(id))[0]!;
    await portion(id, [{ bundleId: plates.bundleId, count: 4 }], [{ bundleId: plates.bundleId, count: 4 }]);
    const { set } = await read(id);
    const [here, ...others] = await Promise.all([id, ...set.filter((one) => one.id !== id).map((one) => one.id)].map(read));
    const counts = [here!, ...others].map((view) => heldIn(view).map(({ piece }) => piece.count.value));
    expect(counts).toEqual([[4], [4], [4]]);
    expect(here!.pieceId).toBe(plates.pieceId);
    expect(others.map(({ piece }) => [piece.title.value, piece.weight.value])).toEqual([
      ['plates', 1],
      ['plates', 1],
    ]);
    expect([here!, ...others].map(({ share }) => share!.soldMinor).sort()).toEqual([3333, 3334, 3334]);
    await step(id, 'undo');
    const again = await read(id);
    expect(heldIn(again).map(({ pieceId, piece }) => [pieceId, piece.count.value])).toEqual([[plates.pieceId, 12]]);
    expect([again.set, again.share]).toEqual([[], null]);
    await step(id, 'redo');
    expect((await read(id)).piece.count.value).toBe(4);
    expect((await Promise.all(set.map((one) => read(one.id)))).map(({ piece }) => piece.count.value)).toEqual([4, 4, 4]);
  });

  test('what is told of alike ones once stays where it is; whoever counts anew meanwhile is heard', async () => {
    const id = await soldTo('TQ', 'six jars, 3 x 3 x 6, 11 oz each + tray, 12 x 8 x 1, to 40217');
    const [jars, tray] = heldIn(await read(id));
    expect(
      await keepOne(room, shop, id, {
        path: `piece/${jars!.pieceId}/accessories`,
        value: JSON.stringify([{ id: 'lids', name: 'lids', count: 6, part: 'apart' }]),
        basedOn: 0,
      }),
    ).toMatchObject({ kind: 'kept' });
    await expect(portion(id, [{ bundleId: jars!.bundleId, count: 7 }])).rejects.toThrow(/only 6 of it/);
    await expect(portion(id, [{ bundleId: jars!.bundleId, count: 6 }, { bundleId: tray!.bundleId }])).rejects.toThrow(/parcel of its own/);
    await portion(id, [{ bundleId: jars!.bundleId, count: 3 }, { bundleId: tray!.bundleId }]);
    const sibling = (await read(id)).set.find((one) => one.id !== id)!;
    const there = heldIn(await read(sibling.id));
    expect(there.map(({ piece }) => [piece.title.value, piece.count.value])).toEqual([
      ['jars', 3],
      ['tray', 1],
    ]);
    expect([(await read(id)).piece.accessories.value.length, there[0]!.piece.accessories.value.length]).toEqual([1, 0]);
    const { revision } = (await read(id)).piece.count;
    await keepOne(room, shop, id, { path: `piece/${jars!.pieceId}/count`, value: '2', basedOn: revision });
    await step(id, 'undo'); // the count
    expect((await read(id)).piece.count.value).toBe(3);
    await step(id, 'undo');
    expect(await titles(id)).toEqual(['jars', 'tray']);
    expect((await read(id)).piece.count.value).toBe(6);
  });

  test('aside it does not go, and the last of a parcel cannot', async () => {
    const id = await bowl(room, shop);
    await add(id, 'tray, 12 x 8 x 1');
    const { others, bundleId } = await read(id);
    await move(id, others[0]!.bundleId, 'aside');
    expect(await titles(id)).toEqual(['bowl']);
    await expect(move(id, bundleId, 'aside')).rejects.toThrow(/all there is/);
    await expect(split(id, [bundleId])).rejects.toThrow(/parcel of its own/);
    await expect(move(id, randomUUID(), 'aside')).rejects.toThrow(/no such bundle/);
  });
});

describe('two sales to one buyer', () => {
  test('one joins the other’s parcel, and comes out again into the parcel it had', async () => {
    const [first, second] = [
      await soldTo('Buyer', 'bowl, 6 x 5 x 5, 2 lb, sold 84, to 40217'),
      await soldTo('Buyer', 'vase, 5 x 5 x 9, 3 lb, sold 60, to 40217'),
    ];
    const { bundleId, code } = await read(second);
    await move(second, bundleId, first);
    const joined = await read(first);
    expect(await titles(first)).toEqual(['bowl', 'vase']);
    expect(joined.share).toMatchObject({ soldMinor: 14_400 });
    expect((await listShelf(room)).some((tag) => tag.id === second)).toBe(false);
    await expect(read(second)).rejects.toThrow(`the pieces of parcel ${code} went into another parcel`);
    // taken back where it is looked at, and done again
    await step(first, 'undo');
    expect((await read(second)).piece.title.value).toBe('vase');
    expect(await titles(first)).toEqual(['bowl']);
    await step(first, 'redo');
    expect(await titles(first)).toEqual(['bowl', 'vase']);
    await split(first, [bundleId]);
    expect((await read(second)).piece.title.value).toBe('vase');
    expect((await read(second)).code).toBe(code);
    expect((await read(second)).share).toBeNull();
  });

  test('not where they go to different places, nor into a sealed parcel', async () => {
    const [here, there] = [
      await soldTo('One', 'bowl, 6 x 5 x 5, 2 lb, to 40217'),
      await soldTo('Another', 'vase, 5 x 5 x 9, 3 lb, to 40217'),
    ];
    const { bundleId } = await read(there);
    await expect(move(there, bundleId, here)).rejects.toThrow(/one buyer at one place/);
    await expect(move(there, bundleId, there)).rejects.toThrow(/in that parcel already/);
  });
});

describe('at the bench', () => {
  test('each bundle passes its own tests before the parcel is sealed; a piece of a sealed parcel stays', async () => {
    const id = await bowl(room, shop);
    await add(id, 'glass float, 5 x 5 x 5, 1 lb');
    await keepRecommended(id);
    const bench = benchPlanFor(await read(id), shop)!;
    const { bundleId, others } = await read(id);
    expect(new Set(bench.ofBundles.map((one) => one.bundleId))).toEqual(new Set([bundleId, others[0]!.bundleId]));
    const report = (happening: Happening, of: string | null = null) =>
      fresh.database.sequelize.transaction(async (transaction) => {
        await lockParcel(room, id, transaction);
        await appendEvent(
          room,
          { id: randomUUID(), parcelId: id, personId: ODILE, happening, bundleId: of, now: NOW, undoOf: null },
          transaction,
        );
      });
    for (const test of bench.due) await report({ kind: 'testTried', test, result: 'passed' });
    const seal = () => sealParcel(room, shop, id, { personId: ODILE, eventId: randomUUID(), now: NOW });
    for (const { test } of bench.ofBundles.filter((one) => one.bundleId === bundleId))
      await report({ kind: 'testTried', test, result: 'passed' }, bundleId);
    await expect(seal()).rejects.toThrow(/feel \(B\) test is not done/);
    for (const { test } of bench.ofBundles.filter((one) => one.bundleId !== bundleId))
      await report({ kind: 'testTried', test, result: 'passed' }, others[0]!.bundleId);
    await seal();
    await expect(split(id, [others[0]!.bundleId])).rejects.toThrow(/sealed/);
    await expect(add(id, 'tray, 12 x 8 x 1')).rejects.toThrow(/sealed/);
    await tell(room, id, { kind: 'sealOpened', reason: 'a tray too' }, NOW);
    await add(id, 'tray, 12 x 8 x 1');
    expect(await titles(id)).toHaveLength(3);
  });
});
