import { enoughWords, freeWords, insteadWords, shortWords } from './shortWords.ts';
import { writersFor } from './writers.ts';

const [inches, centimetres] = [writersFor('imperial', 'USD'), writersFor('metric', 'USD')];
const short = { key: 'k', codes: ['SF86', 'TM4W'], without: ['TM4W'] };

test.each([
  [
    { ...short, kind: 'wrap', name: 'Small bubble', wanted: 31, onHand: 12 },
    'Small bubble: 31.0 ft² wanted, 12.0 ft² there; not enough for TM4W',
  ],
  [{ ...short, kind: 'box', name: '8×8×8', wanted: 2, onHand: 0 }, '8×8×8: 2 wanted, none there; not enough for TM4W'],
] as const)('%#: in a packer’s words', (one, says) => expect(shortWords(one, inches)).toBe(says));

test('and in the other measure', () =>
  expect(shortWords({ ...short, kind: 'board', name: 'Sheet board', wanted: 10, onHand: 5 }, centimetres)).toBe(
    'Sheet board: 0.93 m² wanted, 0.46 m² there; not enough for TM4W',
  ));

test('of one nest: what it wants and what is free for it', () => {
  expect(freeWords({ ...short, kind: 'wrap', name: 'Small bubble', wanted: 31, onHand: 12 }, inches)).toBe(
    'Small bubble: 31.0 ft² wanted, 12.0 ft² free',
  );
  expect(freeWords({ ...short, kind: 'box', name: '8×8×8', wanted: 1, onHand: -2 }, inches)).toBe('8×8×8: 1 wanted, none free');
});

test.each([
  [1850, 'save $1.50'],
  [2000, 'cost the same'],
  [2031, 'cost $0.31 more'],
])('with enough it would cost %d instead of 2000', (costMinor, says) => {
  const best = { costMinor, chance: 1 / 150, short: [{ ...short, kind: 'fill' as const, name: 'Loose fill', wanted: 3, onHand: 1 }] };
  const words = enoughWords({ costMinor: 2000, chance: 1 / 100 }, best, inches);
  expect(words).toContain(`would ${says} and break 1 in 150`);
  expect(words).toContain('Loose fill: 3.0 ft³ wanted, 1.0 ft³ free');
});

test('another nest instead of one that is short', () =>
  expect(insteadWords({ costMinor: 1534, chance: 1 / 310 }, { costMinor: 1575, chance: 1 / 250 }, inches)).toBe(
    'costs $0.41 more, 1 in 250',
  ));
