import fc from 'fast-check';
import { apportion } from './apportion.ts';

// Largest remainder, as Hamilton’s method of 1792 shares out seats: Balinski & Young, Fair Representation (values by hand)
test.each([
  ['thirds of a dollar', 100, [1, 1, 1], [34, 33, 33]],
  ['by weight', 1000, [41, 35, 24], [410, 350, 240]],
  ['the largest remainder first', 10, [6, 6, 2], [4, 4, 2]],
  ['nothing is worth anything: evenly', 7, [0, 0], [4, 3]],
  ['one alone', 7200, [5], [7200]],
])('%s', (_, amount, weights, shares) => expect(apportion(amount, weights)).toEqual(shares));

test('of any amount: it sums to the cent, and nobody is off by a cent or more', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 10_000_000 }),
      fc.array(fc.integer({ min: 0, max: 5000 }), { minLength: 1, maxLength: 12 }),
      (amount, weights) => {
        const shares = apportion(amount, weights);
        const all = weights.reduce((sum, weight) => sum + weight, 0);
        expect(shares.reduce((sum, share) => sum + share, 0)).toBe(amount);
        if (all > 0) shares.forEach((share, i) => expect(Math.abs(share - (amount * weights[i]!) / all)).toBeLessThan(1));
      },
    ),
  );
});
