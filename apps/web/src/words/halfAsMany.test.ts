import type { NextChange } from '@inch-nest/core';
import { halfAsMany } from './halfAsMany.ts';

const change = (chance: number, deltaCostMinor: number, blocks = false) =>
  ({ change: { kind: 'turns', layer: 0, turns: deltaCostMinor }, chance, deltaCostMinor, blocks }) as unknown as NextChange;
const say = (...changes: NextChange[]) =>
  halfAsMany(
    0.008,
    changes,
    (one) => `Turn ${(one as unknown as { turns: number }).turns}`,
    (minor) => `$${(minor / 100).toFixed(2)}`,
  );

test.each<[string, NextChange[], string | null]>([
  ['the cheapest that halves', [change(0.004, 81), change(0.001, 300), change(0.0039, 95)], 'Half as many with turn 81, $0.81 more.'],
  ['not one that falls short of half', [change(0.0041, 10)], null],
  ['not one that cannot be carried out', [change(0.001, 5, true), change(0.002, 60)], 'Half as many with turn 60, $0.60 more.'],
  ['one that costs less', [change(0.002, -40)], 'Half as many with turn -40, and $0.40 less.'],
  ['one for nothing', [change(0.002, 0.2)], 'Half as many with turn 0.2, for nothing more.'],
  ['nothing to change', [], null],
])('%s', (_, changes, words) => expect(say(...changes)).toBe(words));
