import fc from 'fast-check';
import { girthIn, wrapLengthIn } from './wrapLength.ts';
import { wrapLayer } from './wrapLayer.ts';
import { orient, orientationsAllowed } from './orientations.ts';

describe('length of a wrap', () => {
  // exact: a roll's length is π(D² − d²)/(4t)
  test('n turns round a cylinder are the area of the ring over the thickness', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 30, noNaN: true }),
        fc.double({ min: 0.01, max: 1, noNaN: true }),
        fc.integer({ min: 1, max: 12 }),
        (d, t, n) => {
          const outer = d + 2 * n * t;
          expect(wrapLengthIn(Math.PI * d, t, n) / ((Math.PI * (outer ** 2 - d ** 2)) / (4 * t))).toBeCloseTo(1, 10);
        },
      ),
    );
  });

  // Steiner (exact): the area between a convex section and its parallel at distance r is girth·r + π·r²
  test('and the same round a block with rounded corners', () => {
    const [w, h, t, n] = [6, 4, 0.17, 3];
    const ring = girthIn('block', w, h) * n * t + Math.PI * (n * t) ** 2;
    expect(wrapLengthIn(girthIn('block', w, h), t, n)).toBeCloseTo(ring / t, 10);
  });
});

test('a layer in hand-worked figures', () => {
  // 9 × 6 × 6 block, 2 turns of 0.45 in from a 24 in roll: 2·24 + π·0.45·4 = 53.65; width 9 + 6 + 1.8 = 16.8 → one sheet
  const { lengthIn, sheets, areaIn2, bundleIn } = wrapLayer('block', [9, 6, 6], { thicknessIn: 0.45, turns: 2, rollWidthIn: 24 });
  expect(lengthIn).toBeCloseTo(53.6549, 4);
  expect(sheets).toBe(1);
  expect(areaIn2).toBeCloseTo(53.6549 * 24, 2);
  expect(bundleIn).toEqual([10.8, 7.8, 7.8]);
  expect(wrapLayer('block', [9, 6, 6], { thicknessIn: 0.17, turns: 1, rollWidthIn: 12 }).sheets).toBe(2);
});

test('orientations', () => {
  expect(orient([9, 8, 14], [2, 0, 1])).toEqual([14, 9, 8]);
  expect(orientationsAllowed(true)).toHaveLength(2);
  expect(new Set(orientationsAllowed(false).map((one) => one.join())).size).toBe(6);
});
