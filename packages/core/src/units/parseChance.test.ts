import { formatChance } from './formatChance.ts';
import { parseChance } from './parseChance.ts';

test.each<[string, number | null]>([
  ['1 in 200', 1 / 200],
  ['200', 1 / 200],
  ['1 IN 1,200', 1 / 1200],
  ['3 in 100', 0.03],
  ['2 of 10', 0.2],
  ['1/50', 0.02],
  ['2%', 0.02],
  ['0.5 %', 0.005],
  ['', null],
  ['never', null],
  ['0', null],
  ['1', null],
  ['0.5', null],
  ['5 in 4', null],
  ['0 in 10', null],
  ['1 in 0', null],
  ['-2%', null],
])('%j', (text, chance) => {
  const read = parseChance(text);
  if (chance === null) expect(read).toBeNull();
  else expect(read).toBeCloseTo(chance, 12);
});

test('what is written is read again', () => {
  for (const each of [2, 7, 50, 130, 340, 4900])
    expect(formatChance(parseChance(formatChance(1 / each)) ?? 0)).toBe(formatChance(1 / each));
});
