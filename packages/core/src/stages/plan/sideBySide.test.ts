import { evenWithin } from '../frontier/recommend.ts';
import { cheapestHonest, isBetter, isThriftier } from './sideBySide.ts';

// What is called better, case by case as a packer would: common practice, no source.

const NOW = { nestCostMinor: 3000, chance: 0.01, expectedMinor: 3200, riskMinor: 200 };
const after = (costMinor: number, riskMinor: number, chance = 0.01) => ({
  nestCostMinor: costMinor,
  chance,
  riskMinor,
  expectedMinor: costMinor + riskMinor,
});
const TIE = evenWithin(3000);

test.each<[what: string, change: ReturnType<typeof after>, better: boolean]>([
  ['cheaper by a few cents and no riskier', after(2995, 200), true],
  ['as cheap to the cent', after(3000, 200), false],
  ['cheaper and breaks less often', after(2995, 150, 0.008), true],
  ['breaks less often, but more is spoiled, within a tie', after(2970, 220, 0.008), false],
  ['breaks more often, within a tie', after(3000 - TIE, 210, 0.011), false],
  ['breaks more often and expects clearly less', after(2990 - 2 * TIE, 210, 0.011), true],
  ['dearer for less risk than it costs', after(3050, 180, 0.009), false],
  ['dearer, and expects clearly less', after(3010, 180 - 2 * TIE, 0.005), true],
])('%s', (_, change, better) => expect(isBetter(change, NOW)).toBe(better));

test('of finer steps than the search takes each is worth more than a tie', () => {
  expect(isBetter(after(2995, 200), NOW, true)).toBe(false);
  expect(isBetter(after(2999 - TIE, 200), NOW, true)).toBe(true);
});

test('thriftier is cheaper by what a packer minds, and riskier by a third', () => {
  expect(isThriftier(after(2900, 260, 0.0134), NOW)).toBe(true);
  expect(isThriftier(after(2900, 260, 0.012), NOW)).toBe(false);
  expect(isThriftier(after(2990, 260, 0.0134), NOW)).toBe(false);
});

// a nest of which six in ten break was named an honest way, for being the cheapest
test('the cheapest honest way is one that nearly always arrives; where none does there is none', () => {
  const nests = [0.6, 0.12, 0.1, 0.02].map((chance, i) => ({ costMinor: 1000 + i, chance }));
  expect(cheapestHonest(nests)).toEqual({ costMinor: 1002, chance: 0.1 });
  expect(cheapestHonest(nests.slice(0, 2))).toBeNull();
  expect(cheapestHonest([])).toBeNull();
});
