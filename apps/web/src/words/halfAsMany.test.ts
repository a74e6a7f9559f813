import type { NextChange, PlanDocument } from '@inch-nest/core';
import { halfAsMany } from './halfAsMany.ts';

const change = (chance: number, deltaCostMinor: number, blocks = false) =>
  ({ change: { kind: 'turns', layer: 0, turns: deltaCostMinor }, chance, deltaCostMinor, blocks }) as unknown as NextChange;
const nest = (chance: number, nestCostMinor: number, name: string) => ({ chance, nestCostMinor, box: { name } }) as unknown as PlanDocument;
const say = (changes: NextChange[], others: PlanDocument[] = []) =>
  halfAsMany(
    nest(0.008, 1000, 'in hand'),
    changes,
    (one) => `Turn ${(one as unknown as { turns: number }).turns}`,
    (minor) => `$${(minor / 100).toFixed(2)}`,
    others,
  );

test.each<[string, NextChange[], string | null]>([
  ['the cheapest that halves', [change(0.004, 81), change(0.001, 300), change(0.0039, 95)], 'Half as many with turn 81, $0.81 more.'],
  ['not one that falls short of half', [change(0.0041, 10)], null],
  ['not one that cannot be carried out', [change(0.001, 5, true), change(0.002, 60)], 'Half as many with turn 60, $0.60 more.'],
  ['one that costs less', [change(0.002, -40)], 'Half as many with turn -40, and $0.40 less.'],
  ['one for nothing', [change(0.002, 0.2)], 'Half as many with turn 0.2, for nothing more.'],
  ['nothing to change', [], null],
])('%s', (_, changes, words) => expect(say(changes)).toBe(words));

test('another nest where that costs less than any single change, and only one that halves', () => {
  const others = [nest(0.0045, 1050, 'not half'), nest(0.004, 1300, '12×12×12'), nest(0.001, 2000, 'dearer')];
  expect(say([change(0.004, 900)], others)).toBe('Half as many in another nest, 12×12×12, $3.00 more.');
  expect(say([], others)).toBe('Half as many in another nest, 12×12×12, $3.00 more.');
  expect(say([change(0.004, 81)], others)).toBe('Half as many with turn 81, $0.81 more.');
});
