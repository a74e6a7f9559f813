import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { LabelOrder } from '@inch-nest/contracts';
import { createCounter, NEW_STATE } from '../../apps/counter/src/Counter.ts';
import { holdBook } from '../../apps/counter/src/holdBook.ts';

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
  goods: 'flatCeramic',
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
