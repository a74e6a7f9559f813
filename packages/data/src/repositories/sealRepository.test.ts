import { randomUUID } from 'node:crypto';
import { stockUsed, type Happening } from '@inch-nest/core';
import { benchPlanFor } from '@inch-nest/contracts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { readyToSeal } from '../../tests/readyToSeal.ts';
import { bowl, keepOne, NOW, ODILE, smallShop, tell } from '../../tests/smallShop.ts';
import { inShop, openSeal, readParcel, readShop, Refused, sealParcel, type ShopDatabase } from '../index.ts';

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
const report = (id: string, happening: Happening, undoOf: string | null = null) => tell(room, id, happening, NOW, undoOf);
const stockNow = async () => (await readShop(room, NOW)).stock;
const seal = (id: string, eventId = randomUUID()) => sealParcel(room, shop, id, { eventId, personId: ODILE, now: NOW });

const ready = (board = false) => readyToSeal(room, shop, board);

test('sealing takes what was really used, once, in one go', async () => {
  const id = await ready(true);
  const { option } = benchPlanFor(await read(id), shop)!;
  const layer = option.rated.weighed.filled.stowed.bundles[0].wrapped.layers[0]!;
  await report(id, {
    kind: 'stepDone',
    step: 'wrap',
    phase: 'bundle',
    seconds: 40,
    used: [{ kind: 'wrap', key: layer.stock.key, planned: layer.turns, amount: layer.turns * 2 }],
  });
  const before = await stockNow();
  const eventId = randomUUID();
  await Promise.all([seal(id, eventId), seal(id, eventId)]);
  await seal(id, eventId);
  const after = await stockNow();
  const planned = stockUsed(option);
  expect(planned.map((use) => use.kind)).toContain('board');
  for (const use of planned) {
    const factor = use.kind === 'wrap' && use.key === layer.stock.key ? 2 : 1;
    const count = (stock: typeof before) =>
      use.kind === 'wrap'
        ? stock.wraps.find((one) => one.key === use.key)!.onHandFt2
        : use.kind === 'fill'
          ? stock.fills.find((one) => one.key === use.key)!.onHandFt3
          : use.kind === 'board'
            ? stock.linerBoard!.onHandFt2
            : stock.boxes.find((one) => one.key === use.key)!.onHand;
    expect(count(before) - count(after)).toBeCloseTo(use.amount * factor, 4);
  }
  const view = await read(id);
  expect(view.life.sealed).toBe(true);
  expect(view.events.filter((event) => event.kind === 'sealed')).toHaveLength(1);
});

test('with stock short reality wins: the count goes below zero', async () => {
  const id = await ready();
  const boxKey = (await read(id)).nest.plan!.document.box.key;
  await fresh.database.models.box.update({ onHand: 0 }, { where: { key: boxKey } });
  await seal(id);
  expect((await stockNow()).boxes.find((box) => box.key === boxKey)!.onHand).toBe(-1);
});

test('a test that failed or was not done keeps it open and takes nothing', async () => {
  const id = await ready();
  await report(id, { kind: 'testTried', test: 'shake', result: 'failed' });
  const before = await stockNow();
  await expect(seal(id)).rejects.toThrow(/shake test failed/);
  expect(await stockNow()).toEqual(before);
  const bare = await bowl(room, shop);
  await expect(seal(bare)).rejects.toThrow(/keep a nest first/);
});

test('opened again: what can be used again comes back as used, the rest does not', async () => {
  const id = await ready();
  await seal(id);
  const { option } = benchPlanFor(await read(id), shop)!;
  const uses = stockUsed(option);
  const before = await stockNow();
  const eventId = randomUUID();
  const told = { eventId, personId: ODILE, now: NOW, reason: 'the card', reused: uses };
  await openSeal(room, shop, id, told);
  await openSeal(room, shop, id, told);
  const after = await stockNow();
  for (const use of uses) {
    if (use.kind === 'box') {
      const used = after.boxes.find((box) => box.key === `${use.key}-used`)!;
      expect([used.onHand, used.priceMinor, used.name.endsWith(', used')]).toEqual([1, 0, true]);
      expect(used.earlierUses).toBe(before.boxes.find((box) => box.key === use.key)!.earlierUses + 1);
      expect(after.boxes.find((box) => box.key === use.key)).toEqual(before.boxes.find((box) => box.key === use.key));
    } else if (use.kind === 'wrap') {
      const used = after.wraps.find((wrap) => wrap.key === `${use.key}-used`)!;
      expect(used.reused).toBe(true);
      expect(used.onHandFt2).toBeCloseTo(use.amount, 4);
    } else {
      const count = (stock: typeof before) => stock.fills.find((one) => one.key === use.key)!.onHandFt3;
      expect(count(after) - count(before)).toBeCloseTo(use.amount, 4);
    }
  }
  expect((await read(id)).life.sealed).toBe(false);
  await expect(openSeal(room, shop, id, { ...told, eventId: randomUUID() })).rejects.toThrow(/not sealed/);
});

test('only steps and tests can be taken back, and nothing but a taking back takes back', async () => {
  const id = await ready();
  const tried = (await read(id)).events.find((event) => event.kind === 'testTried')!;
  await report(id, { kind: 'takenBack' }, tried.id);
  expect((await read(id)).life.tests[tried.kind === 'testTried' ? tried.test : 'feel']).toBe('untried');
  await report(id, { kind: 'testTried', test: tried.kind === 'testTried' ? tried.test : 'feel', result: 'passed' });
  await seal(id);
  const events = (await read(id)).events;
  const sealed = events.find((event) => event.kind === 'sealed')!;
  await expect(report(id, { kind: 'takenBack' }, sealed.id)).rejects.toThrow(Refused);
  await expect(report(id, { kind: 'contentChanged', what: 'x' }, sealed.id)).rejects.toThrow(Refused);
  // what is sealed was tried as it stands: no test is taken back, passed or done again until it is opened
  const again = events.findLast((event) => event.kind === 'testTried')!;
  await expect(report(id, { kind: 'takenBack' }, again.id)).rejects.toThrow(/open it again/);
  await expect(report(id, { kind: 'testTried', test: 'feel', result: 'failed' })).rejects.toThrow(/open it again/);
});

test('a nest that must be mended first is not sealed, whatever the tests say', async () => {
  const id = await ready();
  const { nest } = await read(id);
  const choice = { ...nest.choice!, layers: [{ material: 'largeBubble', turns: 0.5 }] };
  const kept = await keepOne(room, shop, id, {
    path: 'nest',
    value: { set: choice, drop: [], pin: {}, unpin: [] },
    basedOn: nest.revision,
    now: NOW,
  });
  expect(kept).toMatchObject({ kind: 'kept' });
  await expect(seal(id)).rejects.toThrow(/mend the nest first/);
});

test('sealed, its nest and serial stand still, and no more comes back than went in', async () => {
  const id = await ready();
  await seal(id);
  const { nest, piece, pieceId, events } = await read(id);
  const still = await keepOne(room, shop, id, {
    path: 'nest',
    value: { set: { board: true }, drop: [], pin: {}, unpin: [] },
    basedOn: nest.revision,
    now: NOW,
  });
  expect(still).toMatchObject({ kind: 'refused', problem: expect.stringMatching(/open it again/) as string });
  const serial = await keepOne(room, shop, id, { path: `piece/${pieceId}/serial`, value: 'X-1', basedOn: piece.serial.revision, now: NOW });
  expect(serial).toMatchObject({ kind: 'refused' });
  const sealed = events.findLast((event) => event.kind === 'sealed')!;
  const used = sealed.kind === 'sealed' ? sealed.used! : [];
  const twice = used.map((use) => ({ ...use, amount: use.amount * 2 }));
  const told = { eventId: randomUUID(), personId: shop.people[0]!.id, now: NOW, reason: 'a doubt' };
  await expect(openSeal(room, shop, id, { ...told, reused: twice })).rejects.toThrow(/more of .* comes back than went in/);
  await openSeal(room, shop, id, { ...told, reused: used });
});
