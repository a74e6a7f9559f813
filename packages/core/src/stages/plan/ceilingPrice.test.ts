import { ceilingPrice } from './ceilingPrice.ts';

const nest = (nestCostMinor: number, chance: number, expectedMinor: number) => ({ nestCostMinor, chance, expectedMinor });
const CEILING = 1 / 50;
const HAND = nest(5013, 1 / 51, 5544);

// twenty dollars for two in a thousand fewer: a packer wants to hear of it. Common practice, no source
test('what the ceiling costs is the nest that would be taken without it', () => {
  const found = [nest(2865, 1 / 15, 4546), nest(3056, 1 / 39, 3685), nest(3064, 1 / 42, 3645), HAND];
  expect(ceilingPrice(HAND, found, CEILING)).toBe(found[2]);
});

test.each([
  ['the one in hand is above it itself', nest(3064, 1 / 42, 3645), [nest(2000, 1 / 15, 2500)]],
  ['it costs less than a tenth', HAND, [nest(4800, 1 / 40, 5100)]],
  ['what is cheaper breaks one time in ten, which nobody sends', HAND, [nest(1500, 1 / 9, 3000)]],
  ['what is cheaper is below it, and taken by itself', HAND, [nest(3064, 1 / 60, 3645)]],
  ['nothing else was found', HAND, []],
])('nothing is told where %s', (_, hand, found) => expect(ceilingPrice(hand, found, CEILING)).toBeNull());
