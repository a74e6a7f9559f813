import { formatChance, formatPercent } from './formatChance.ts';
import { formatCaliper, formatEdgeCrush, formatLength, formatSixteenths, formatSize, formatTear, formatWeight } from './formatQuantity.ts';

test.each([
  [6.25, '6 1/4'],
  [0.0625, '1/16'],
  [3, '3'],
  [2.99, '3'],
  [11.94, '11 15/16'],
])('%p in sixteenths is %s', (inches, text) => expect(formatSixteenths(inches)).toBe(text));

test.each([
  [2.21875, 'imperial', '2 lb 3.5 oz'],
  [0.7875, 'imperial', '12.6 oz'],
  [3, 'imperial', '3 lb'],
  [1.99999, 'imperial', '2 lb'],
  [918 / 453.59237, 'metric', '918 g'],
  [1.04 / 0.45359237, 'metric', '1.04 kg'],
] as const)('%p lb in %s is %s', (pounds, system, text) => expect(formatWeight(pounds, system)).toBe(text));

test('lengths and sizes carry their unit', () => {
  expect(formatLength(2.5)).toBe('2 1/2 in');
  expect(formatLength(2.5, 'metric')).toBe('6.3 cm');
  expect([formatCaliper(0.15625), formatCaliper(0.15625, 'metric')]).toEqual(['0.156 in', '4.0 mm']);
  expect(formatSize([9, 6.25, 6])).toBe('9 × 6 1/4 × 6 in');
});

test.each([
  [1 / 243, '1 in 240'],
  [1 / 1180, '1 in 1,200'],
  [0.3, '3 in 10'],
  [0.55, '5.5 in 10'],
  [0.97, 'almost certain'],
  [0.0001, 'less than 1 in 5,000'],
  [0, 'none that we know of'],
])('a chance of %p is said as %s', (chance, words) => expect(formatChance(chance)).toBe(words));

test('percentages keep two digits', () => {
  expect(formatPercent(0.00423)).toBe('0.42%');
  expect(formatPercent(0.00001)).toBe('under 0.01%');
});

test('a film is not nothing thick', () => {
  expect(formatCaliper(0.001)).toBe('0.001 in');
  expect(formatCaliper(0.001, 'metric')).toBe('0.025 mm');
  expect(formatCaliper(0.16, 'metric')).toBe('4.1 mm');
});

// TAPPI T 811 boards of 32 and 44 lb/in are sold as 5.6 and 7.7 kN/m: from memory of board makers' tables
test.each([
  [32, '32 lb/in', '5.6 kN/m'],
  [44, '44 lb/in', '7.7 kN/m'],
])('edge crush of %d', (lbPerIn, imperial, metric) => {
  expect(formatEdgeCrush(lbPerIn)).toBe(imperial);
  expect(formatEdgeCrush(lbPerIn, 'metric')).toBe(metric);
});

// a hand tears no sixteenths: common practice, no source
test.each([
  [30.0625, '30 1/2 in', '77 cm'],
  [32, '32 in', '82 cm'],
  [20.94, '21 in', '54 cm'],
  [0.3, '1/2 in', '1 cm'],
])('%d in is torn as %s, or %s', (inches, imperial, metric) => {
  expect(formatTear(inches)).toBe(imperial);
  expect(formatTear(inches, 'metric')).toBe(metric);
});
