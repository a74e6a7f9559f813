import { besideWords } from './besideWords.ts';

const money = (minor: number) => `$${(minor / 100).toFixed(2)}`;
const beside = { nestCostMinor: 2000, chance: 1 / 300 };

test.each([
  [2420, 1 / 610, '$4.20 more, 1 in 300 becomes 1 in 610'],
  [1950, 1 / 200, '$0.50 less, 1 in 300 becomes 1 in 200'],
  [2000.3, 1 / 300, 'for the same, 1 in 300 becomes 1 in 300'],
])('%p minor units at %p', (nestCostMinor, chance, words) => expect(besideWords({ nestCostMinor, chance }, beside, money)).toBe(words));
