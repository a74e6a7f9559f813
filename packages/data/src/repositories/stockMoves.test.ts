import { randomUUID } from 'node:crypto';
import fc from 'fast-check';
import { countedStock, type StockKind } from '@inch-nest/core';
import { takenBack, type KeptChange, type ShopView, type ToldMove } from '@inch-nest/contracts';
import { keepShop, openSeal, readParcel, readShop, readStock, sealParcel, type ShopDatabase } from '../index.ts';
import { readyToSeal } from '../../tests/readyToSeal.ts';
import { NOW, ODILE, TAM } from '../../tests/smallShop.ts';
import { useSmallShop } from '../../tests/useSmallShop.ts';

const of = useSmallShop();
const told = (part: Partial<ToldMove> = {}): ToldMove => ({
  kind: 'box',
  key: of.shop.stock.boxes[0]!.key,
  why: 'received',
  amount: 10,
  paidMinor: null,
  supplier: null,
  leadDays: null,
  ...part,
});
const change = (path: string, value: unknown, basedOn: number, id = randomUUID()): KeptChange => ({
  id,
  path,
  value: value as KeptChange['value'],
  basedOn,
});
const keep = (changes: KeptChange[], personId = ODILE) => keepShop(of.room, of.shop, { personId, changes }, NOW);
const now = (): Promise<ShopView> => readShop(of.room, NOW);
const countOf = (shop: ShopView, kind: StockKind, key: string) =>
  countedStock(shop.stock).find((one) => one.kind === kind && one.key === key)!;

/** The record of every count adds up to the count. */
async function expectConserved(room: ShopDatabase): Promise<void> {
  const shop = await readShop(room, NOW);
  const moves = await room.models.stockMove.findAll();
  for (const { kind, key, onHand } of countedStock(shop.stock)) {
    const sum = moves.filter((move) => move.kind === kind && move.key === key).reduce((all, { amount }) => all + amount, 0);
    expect(`${key} ${Math.round(sum * 1e4) || 0}`).toBe(`${key} ${Math.round(onHand * 1e4) || 0}`);
  }
}

test('a delivery raises the count, brings the price along, and says from whom', async () => {
  const before = countOf(await now(), 'box', told().key);
  const id = randomUUID();
  const asked = [change(`moves/${id}`, told({ amount: 10, paidMinor: 4000, supplier: 'Tidegate Board Mill', leadDays: 6 }), 1)];
  expect(await keep(asked)).toMatchObject([{ kind: 'kept' }]);
  // heard twice it counts once
  expect(await keep(asked)).toMatchObject([{ kind: 'kept' }]);
  const after = countOf(await now(), 'box', told().key);
  expect(after.onHand).toBe(before.onHand + 10);
  expect(after.eachMinor).toBe(Math.round((before.onHand * before.eachMinor + 4000) / (before.onHand + 10)));
  const view = await readStock(of.room, await now());
  expect(view.moves[0]).toMatchObject({ why: 'received', amount: 10, supplier: 'Tidegate Board Mill', personId: ODILE });
  expect(view.ahead.find(({ key }) => key === told().key)).toMatchObject({ leadDays: 6, timed: true });
  await expectConserved(of.room);
});

test.each([
  ['what the stockroom does not hold', { key: 'nothing' }, 'no longer in the stockroom'],
  ['half a box', { amount: 2.5 }, 'counted whole'],
  ['nothing', { amount: 0 }, 'nothing came'],
  ['a delivery of less than nothing', { amount: -3 }, 'more than nothing'],
  ['spoiled and yet more', { why: 'spoiled' as const, amount: 3 }, 'what is spoiled goes'],
  ['more than there can be', { amount: 1e9 }, '100000'],
])('%s is refused with a sentence and nothing moves', async (_, part, says) => {
  const before = await now();
  const [verdict] = await keep([change(`moves/${randomUUID()}`, told(part), before.revision)]);
  expect(verdict).toMatchObject({ kind: 'refused' });
  expect(verdict!.kind === 'refused' && verdict!.problem).toContain(says);
  expect((await now()).stock).toEqual(before.stock);
});

test('whoever types a count while a delivery comes is told', async () => {
  const { revision } = await now();
  const key = told().key;
  await keep([change(`moves/${randomUUID()}`, told({ amount: 5 }), revision)], TAM);
  const [verdict] = await keep([change(`boxes/${key}/onHand`, 77, revision)]);
  expect(verdict).toMatchObject({ kind: 'clash' });
});

test('sealing takes, opening gives back as used, and both say for which parcel', async () => {
  const shop = await now();
  const id = await readyToSeal(of.room, shop);
  const { uses, box } = (await readParcel(of.room, id, ODILE)).nest.plan!.document;
  const reserved = (await readStock(of.room, shop)).ahead.find(({ key }) => key === box.key)!;
  expect(reserved.reserved).toBe(1);
  await sealParcel(of.room, shop, id, { eventId: randomUUID(), personId: ODILE, now: NOW });
  expect((await readStock(of.room, await now())).ahead.find(({ key }) => key === box.key)).toMatchObject({
    reserved: 0,
    onHand: reserved.onHand - 1,
  });
  await expectConserved(of.room);
  await openSeal(of.room, await now(), id, {
    eventId: randomUUID(),
    personId: ODILE,
    now: NOW,
    reason: 'rattles',
    reused: [
      { kind: 'box', key: box.key, amount: 1 },
      { ...uses!.find(({ kind }) => kind === 'wrap')!, amount: 0.25 },
    ],
  });
  await expectConserved(of.room);
  const { moves } = await readStock(of.room, await now());
  expect(moves.filter(({ parcel }) => parcel?.id === id).map(({ why }) => why)).toEqual(
    expect.arrayContaining(['used', 'cameBack']) as unknown,
  );
});

test('whatever is counted, comes, spoils and is taken back, the record adds up to what is on hand', async () => {
  const shop = await now();
  const items = countedStock(shop.stock);
  const cell = { box: 'onHand', wrap: 'onHandFt2', fill: 'onHandFt3' } as const;
  const list = { box: 'boxes', wrap: 'wraps', fill: 'fills' } as const;
  const acts = fc.array(
    fc.record({
      at: fc.nat(items.length - 1),
      what: fc.constantFrom('received', 'spoiled', 'counted', 'back'),
      much: fc.integer({ min: 1, max: 40 }),
    }),
    { minLength: 1, maxLength: 8 },
  );
  await fc.assert(
    fc.asyncProperty(acts, async (all) => {
      for (const { at, what, much } of all) {
        const { kind, key } = items[at]!;
        const { revision, stock } = await now();
        if (what === 'counted') {
          if (kind !== 'board') await keep([change(`${list[kind]}/${encodeURIComponent(key)}/${cell[kind]}`, much, revision)]);
          continue;
        }
        const came = told({
          kind,
          key,
          amount: what === 'spoiled' ? -much : much,
          why: what === 'spoiled' ? 'spoiled' : 'received',
          paidMinor: what === 'spoiled' ? null : much * 7,
        });
        await keep([change(`moves/${randomUUID()}`, came, revision)]);
        if (what === 'back') await keep([change(`moves/${randomUUID()}`, takenBack(came, stock), revision)]);
      }
      await expectConserved(of.room);
    }),
    { numRuns: 15 },
  );
});

test('a row that is let go leaves nothing on record; a new one begins with what was counted', async () => {
  const { revision, stock } = await now();
  const gone = stock.boxes.at(-1)!;
  const came = { ...gone, key: 'another', name: 'another', onHand: 6 };
  await keep([change(`boxes/${encodeURIComponent(gone.key)}`, null, revision), change('boxes/another', came, revision)]);
  await expectConserved(of.room);
  const left = (await of.room.models.stockMove.findAll({ where: { kind: 'box', key: gone.key } })).reduce(
    (sum, { amount }) => sum + amount,
    0,
  );
  expect(left).toBeCloseTo(0, 6);
});
