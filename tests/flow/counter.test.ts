import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { AddressInfo } from 'node:net';
import { quoteOrder, type LabelOrder } from '@inch-nest/contracts';
import { DEMO_CARDS } from '@inch-nest/data/demo-cards';
import { createCounter, NEW_STATE } from '../../apps/counter/src/Counter.ts';
import { counterServer } from '../../apps/counter/src/counterServer.ts';
import { holdBook } from '../../apps/counter/src/holdBook.ts';
import { httpCounter } from '../../apps/web/src/server/counter/httpCounter.ts';

const ORDER: LabelOrder = {
  service: 'ground',
  serviceName: 'Ground',
  cardId: 'ambry-ground',
  cardVersion: 1,
  weightLb: 3,
  outsideIn: [12, 12, 12],
  fromPostcode: '10115',
  toPostcode: '40217',
  coverMinor: 0,
  signature: false,
  shipDate: '2026-11-26',
  goods: ['flatCeramic'],
  priceMinor: 980,
};
const STRAIGHT = { slowMs: 0, fails: 'never', drops: false, hearsTwice: false, dearerMinor: 0 } as const;

test('on a full disk it refuses, and has charged nothing', () => {
  let full = true;
  const state = structuredClone(NEW_STATE);
  const keep = () => {
    if (full) throw Object.assign(new Error('no space left on device'), { syscall: 'write' });
  };
  const counter = createCounter(
    state,
    keep,
    () => new Date('2026-11-26T10:00:00Z'),
    () => STRAIGHT,
  );
  expect(() => counter.buy('a:1:1', ORDER)).toThrow(/no space/);
  expect(counter.find('a:1:1')).toEqual({ kind: 'unknown' });
  expect(counter.charges()).toBe(0);
  expect(() => counter.close('b:1:1')).toThrow(/no space/);
  expect(counter.find('b:1:1')).toEqual({ kind: 'unknown' });
  full = false;
  expect(counter.buy('a:1:1', ORDER)).toMatchObject({ kind: 'bought' });
  full = true;
  expect(() => counter.void('a:1:1')).toThrow(/no space/);
  expect(counter.find('a:1:1')).toMatchObject({ purchase: { voided: false } });
});

test('one book has one counter; what a killed one left behind holds nobody up', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'book-'));
  const book = join(folder, 'counter.json');
  try {
    const held = await holdBook(book);
    await expect(holdBook(book)).rejects.toThrow(/another counter has the book/);
    await new Promise((done) => held.close(done));
    const again = await holdBook(book);
    await new Promise((done) => again.close(done));
  } finally {
    rmSync(folder, { recursive: true });
  }
});

describe('it prices from the cards it publishes', () => {
  const post = DEMO_CARDS.find((card) => card.id === ORDER.cardId);
  const { key, name } = post!.services[0]!;
  const order: LabelOrder = { ...ORDER, service: key, serviceName: name, cardId: post!.id, cardVersion: post!.version };
  const asked = quoteOrder(post!, order);
  const priceMinor = asked && !('refused' in asked) ? asked.totalMinor : NaN;
  const open = () =>
    createCounter(
      structuredClone(NEW_STATE),
      () => undefined,
      () => new Date('2026-11-26T10:00:00Z'),
      () => STRAIGHT,
      DEMO_CARDS,
    );

  test('at its own price it sells', () => {
    expect(priceMinor).toBeGreaterThan(0);
    expect(open().buy('a:1:1', { ...order, priceMinor })).toMatchObject({ kind: 'bought', purchase: { chargedMinor: priceMinor } });
  });

  test('at one cent, or a cent beside it, nothing is charged and its own price is said', () => {
    const counter = open();
    for (const wrong of [1, priceMinor - 1, priceMinor + 1])
      expect(counter.buy(`b:1:${wrong}`, { ...order, priceMinor: wrong })).toEqual({ kind: 'priceChanged', priceMinor });
    expect(counter.charges()).toBe(0);
  });

  test('what no service takes, and a service that is none, are refused with why', () => {
    const counter = open();
    expect(counter.buy('c:1:1', { ...order, weightLb: 400, priceMinor })).toEqual({
      kind: 'refused',
      reason: expect.stringMatching(/400|lb/) as string,
    });
    expect(counter.buy('d:1:1', { ...order, service: 'rocket', priceMinor })).toEqual({
      kind: 'refused',
      reason: 'there is no such service',
    });
    expect(counter.charges()).toBe(0);
  });

  test('a card that is none of its own is taken at the price agreed', () =>
    expect(open().buy('e:1:1', { ...order, cardId: 'a-card-of-ones-own', priceMinor: 777 })).toMatchObject({
      purchase: { chargedMinor: 777 },
    }));
});

test('without its secret it answers nobody', async () => {
  const state = structuredClone(NEW_STATE);
  const server = counterServer(state, () => undefined, { secret: 'open sesame' });
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  try {
    for (const authorization of [undefined, 'Bearer open sesam', 'open sesame', 'Bearer '])
      for (const [method, path] of [
        ['GET', '/charges'],
        ['PUT', '/switches'],
        ['PUT', '/clock'],
        ['POST', '/purchases/a:1:1'],
        ['POST', '/pickups'],
      ] as const) {
        const answer = await fetch(address + path, { method, headers: authorization ? { authorization } : {} });
        expect([path, answer.status]).toEqual([path, 401]);
      }
    await expect(httpCounter(address, 2000, 'wrong').find('a:1:1')).rejects.toThrow(/401/);
    expect(await httpCounter(address, 2000, 'open sesame').find('a:1:1')).toEqual({ kind: 'unknown' });
    expect([await httpCounter(address, 2000, 'open sesame').answers(), await httpCounter(address, 2000).answers()]).toEqual([true, false]);
  } finally {
    server.closeAllConnections();
    server.close();
  }
});
