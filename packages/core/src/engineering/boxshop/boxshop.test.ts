import fc from 'fast-check';
import type { Triple } from '../geometry/wrapLayer.ts';
import { cellDivider } from './cellDivider.ts';
import { cornerTubes } from './cornerTubes.ts';
import { crossDivider, takesCross } from './crossDivider.ts';
import type { CutPart } from './CutPart.ts';
import { linerPanels } from './linerPanels.ts';
import { lowerBox } from './lowerBox.ts';
import { padsFor } from './padsFor.ts';
import { rigidCore } from './rigidCore.ts';
import { shortenBox } from './shortenBox.ts';
import { tubeCollar } from './tubeCollar.ts';
import { wrapAround } from './wrapAround.ts';

const inches = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('cross divider (exact)', () => {
  test('strips as long as the free diagonal, slots half the height', () => {
    const cross = crossDivider(12, 9, 4, 0.16);
    expect(cross.diagonalIn).toBe(15);
    expect(cross.slotWidthIn).toBeCloseTo((0.16 * 12) / 9, 12);
    expect(cross.lengthIn).toBeCloseTo(15 - (0.16 * 12) / 9, 12);
    expect(cross.slotAtIn).toBeCloseTo(cross.lengthIn / 2, 12);
    expect(cross.slotDepthIn).toBe(2);
    expect(crossDivider(10, 10, 4, 0.16).slotWidthIn).toBeCloseTo(0.16, 12); // one caliper only in a square box
  });

  test('a strip of that length and thickness turned to the diagonal stays within the box, and one a hair longer does not', () => {
    fc.assert(
      fc.property(inches(4, 40), inches(4, 40), inches(0.05, 0.3), (length, width, caliper) => {
        const { lengthIn, diagonalIn } = crossDivider(length, width, 3, caliper);
        // corners of a strip along the diagonal, from the middle of the box
        const [cos, sin] = [length / diagonalIn, width / diagonalIn];
        const reach = (long: number): Triple => [(long / 2) * cos + (caliper / 2) * sin, (long / 2) * sin + (caliper / 2) * cos, 0];
        const [x, y] = reach(lengthIn);
        expect(x).toBeLessThanOrEqual(length / 2 + 1e-9);
        expect(y).toBeLessThanOrEqual(width / 2 + 1e-9);
        const [further, higher] = reach(lengthIn + 1e-3);
        expect(further > length / 2 || higher > width / 2).toBe(true);
      }),
    );
  });

  test('one slot opens above, the other below, both at the centre', () => {
    const cross = crossDivider(12, 9, 4, 0.2);
    const [above, below] = cross.parts;
    expect(above!.knife.map((line) => line.from[1])).toEqual([4, 2, 2]);
    expect(below!.knife.map((line) => line.from[1])).toEqual([0, 2, 2]);
    expect((above!.knife[0]!.from[0] + above!.knife[2]!.from[0]) / 2).toBeCloseTo(cross.lengthIn / 2, 12);
    expect(cross.boardUsedIn2).toBeCloseTo(2 * cross.lengthIn * 4, 12);
    expect(() => crossDivider(1, 1, 4, 0.8)).toThrow(RangeError);
    // a strip √2 − 0.7 long is longer than its slot of 0.7 is wide, one of √2 − 0.71 is not
    expect([takesCross(1, 1, 0.7), takesCross(1, 1, 0.71), takesCross(40, 0.25, 0.16)]).toEqual([true, false, false]);
  });
});

describe('cell divider (exact)', () => {
  test('six cells of 12 × 9: one strip along, two across, each slot where another strip comes', () => {
    const { parts, cellIn, slotsAlongIn, slotsAcrossIn } = cellDivider([12, 9], [3, 2], 5, 0.15);
    expect(parts.map(({ count, lengthIn, heightIn }) => [count, lengthIn, heightIn])).toEqual([
      [1, 12, 5],
      [2, 9, 5],
    ]);
    expect(cellIn[0]).toBeCloseTo((12 - 0.3) / 3, 12);
    expect(cellIn[1]).toBeCloseTo((9 - 0.15) / 2, 12);
    expect(slotsAlongIn[0]).toBeCloseTo(3.9 + 0.075, 12);
    expect(slotsAlongIn[1]).toBeCloseTo(12 - 3.9 - 0.075, 12);
    expect(slotsAcrossIn).toEqual([4.5]);
  });

  test('put together, cells and strips fill the inside to the hair, whatever their number', () => {
    fc.assert(
      fc.property(
        inches(5, 40),
        inches(5, 40),
        fc.integer({ min: 1, max: 8 }),
        fc.integer({ min: 1, max: 8 }),
        inches(0.05, 0.3),
        (l, w, n, m, t) => {
          fc.pre(n * m > 1);
          const { cellIn, slotsAlongIn, parts, boardUsedIn2, wasteIn2, slotDepthIn } = cellDivider([l, w], [n, m], 4, t);
          expect(n * cellIn[0] + (n - 1) * t).toBeCloseTo(l, 9);
          expect(m * cellIn[1] + (m - 1) * t).toBeCloseTo(w, 9);
          // each strip across stands in the middle of its slot: what is before it is so many cells and strips
          slotsAlongIn.forEach((at, i) => expect(at).toBeCloseTo((i + 1) * cellIn[0] + i * t + t / 2, 9));
          expect(parts.reduce((sum, { count }) => sum + count, 0)).toBe(n + m - 2);
          // half of each crossing is cut from one strip and half from the other
          expect(wasteIn2).toBeCloseTo((n - 1) * (m - 1) * t * 2 * slotDepthIn, 9);
          expect(boardUsedIn2).toBeCloseTo(4 * ((m - 1) * l + (n - 1) * w), 6);
        },
      ),
    );
  });

  test('strips in one direction alone have no slots; no divider of one cell, none thicker than its cells', () => {
    expect(cellDivider([12, 9], [4, 1], 5, 0.15).parts).toMatchObject([{ count: 3, lengthIn: 9, knife: [] }]);
    expect(() => cellDivider([12, 9], [1, 1], 5, 0.15)).toThrow(/two at least/);
    expect(() => cellDivider([1, 1], [9, 9], 5, 0.2)).toThrow(/no cells/);
  });
});

// box style 0201: flaps half the box's width
describe('a box cut', () => {
  test('down keeps flaps of half its shorter side', () => {
    const lowered = lowerBox([16, 12, 12], 9, 0.156);
    expect(lowered).toMatchObject({ insideIn: [16, 12, 9], slitIn: 3, flapIn: 6, trimIn: 3, wasteIn2: 56 * 3, boardUsedIn2: 0 });
    expect(lowered.outsideIn[2]).toBeCloseTo(9 + 4 * 0.156, 12);
    const [sheet] = lowered.parts;
    expect(sheet!.score).toEqual([{ from: [0, 9], to: [56, 9] }]);
    expect(sheet!.knife.slice(0, 5).map((line) => [line.from[0], line.from[1], line.to[1]])).toEqual([
      [0, 9, 12],
      [16, 9, 12],
      [28, 9, 12],
      [44, 9, 12],
      [56, 9, 12],
    ]);
    expect(() => lowerBox([16, 12, 12], 12, 0.156)).toThrow(/below 12, not 12/);
    expect(() => lowerBox([16, 12, 12], 0, 0.156)).toThrow(RangeError);
  });

  test('shorter loses a slice of both walls; flaps meet as they did, or are trimmed where they would overlap', () => {
    const still = shortenBox([16, 12, 10], 'length', 13, 0.156);
    expect(still).toMatchObject({ insideIn: [13, 12, 10], sliceIn: 3, flapIn: 6, trimIn: 0, flapsApartIn: 1, jointIn: 22 });
    const under = shortenBox([16, 12, 10], 'length', 10, 0.156);
    expect(under).toMatchObject({ insideIn: [10, 12, 10], flapIn: 5, trimIn: 1 });
    expect(shortenBox([16, 12, 10], 'width', 9, 0.156)).toMatchObject({ insideIn: [16, 9, 10], flapIn: 4.5, trimIn: 1.5, flapsApartIn: 7 });
    expect(() => shortenBox([16, 12, 10], 'width', 12, 0.156)).toThrow(/below 12/);
  });

  test('shorter, folded up it closes: what is left round it is twice its sides, and the outer flaps meet within a thirty-second', () => {
    fc.assert(
      fc.property(
        inches(4, 30),
        inches(4, 30),
        inches(3, 20),
        inches(0.3, 0.95),
        fc.constantFrom('length' as const, 'width' as const),
        (l, w, d, share, side) => {
          const made = shortenBox([l, w, d], side, (side === 'length' ? l : w) * share, 0.156);
          const [nl, nw] = made.insideIn;
          const [sheet] = made.parts as [CutPart];
          expect(sheet.lengthIn - 2 * made.sliceIn).toBeCloseTo(2 * (nl + nw), 9);
          // flaps from two opposite walls over the shorter side
          expect(Math.abs(2 * made.flapIn - Math.min(nl, nw))).toBeLessThan(1 / 32);
          // areas: what was there is what is left and what fell off
          const before = sheet.lengthIn * sheet.heightIn;
          const after = 2 * (nl + nw) * (d + 2 * made.flapIn);
          expect(before).toBeCloseTo(after + made.wasteIn2, 6);
        },
      ),
    );
  });
});

test('six liner panels take two calipers off every side and fit together', () => {
  const { parts, insideIn, boardUsedIn2 } = linerPanels([12, 10, 8], 0.25, ['bottom', 'top', 'left', 'right', 'front', 'back']);
  expect(insideIn).toEqual([11.5, 9.5, 7.5]);
  expect(parts.map((part) => [part.lengthIn, part.heightIn])).toEqual([
    [12, 10],
    [12, 10],
    [11.5, 7.5],
    [11.5, 7.5],
    [10, 7.5],
    [10, 7.5],
  ]);
  expect(boardUsedIn2).toBe(2 * 120 + 2 * 86.25 + 2 * 75);
  expect(linerPanels([12, 10, 8], 0.25, ['bottom']).insideIn).toEqual([12, 10, 7.75]);
  expect(() => linerPanels([0.4, 10, 8], 0.25, ['left', 'right'])).toThrow(RangeError);
});

test('pads lie flat with a quarter of an inch to go in by, and take their height off the depth', () => {
  const pads = padsFor([12, 10, 8], 3, 0.156);
  expect(pads.parts).toMatchObject([{ count: 3, lengthIn: 11.75, heightIn: 9.75 }]);
  expect(pads.insideIn[2]).toBeCloseTo(8 - 3 * 0.156, 12);
  expect(pads.boardUsedIn2).toBeCloseTo(3 * 11.75 * 9.75, 9);
  expect(() => padsFor([12, 10, 0.3], 2, 0.156)).toThrow(/no depth/);
});

describe('corner tubes (exact)', () => {
  test('pressed to what is left between the corner of the box and that of the bundle, on the diagonal', () => {
    fc.assert(
      fc.property(inches(0.5, 3), inches(0.65, 1.1), (gap, share) => {
        // 2 · g·√2/(√2 + 1) is the tube that just reaches
        const diameter = (2 * gap * Math.SQRT2 * share) / (Math.SQRT2 + 1);
        if (share < 1 - 1e-6) {
          expect(() => cornerTubes([12, 10, 8], diameter, gap)).toThrow(/does not reach/);
          return;
        }
        fc.pre(share > 1 + 1e-6);
        const { pressedToIn, pressedShare } = cornerTubes([12, 10, 8], diameter, gap);
        // a circle that touches both walls: its near point on the diagonal, and the bundle's corner there
        const radius = diameter / 2;
        const near = Math.hypot(radius, radius) - radius;
        expect(near + pressedToIn).toBeCloseTo(Math.hypot(gap, gap), 9);
        expect(pressedShare).toBeGreaterThan(0);
        expect(pressedShare).toBeLessThan(1);
      }),
    );
  });
  test('in gaps that differ: the circle touches both walls, and the bundle’s corner is as far from it as it is pressed', () => {
    fc.assert(
      fc.property(inches(1, 3), inches(1, 3), inches(0.6, 1), (gap, across, share) => {
        fc.pre(Math.abs(gap - across) > 1e-6);
        const diameter = 2 * Math.min(gap, across) * share;
        const centre = diameter / 2;
        const reach = Math.hypot(gap - centre, across - centre);
        if (reach > centre) expect(() => cornerTubes([14, 12, 8], diameter, gap, across)).toThrow(/does not reach/);
        else {
          const made = cornerTubes([14, 12, 8], diameter, gap, across);
          expect(made.pressedToIn).toBeCloseTo(centre + reach, 9);
          expect(made.insideIn).toEqual([14 - 2 * gap, 12 - 2 * across, 8]);
        }
      }),
    );
    expect(() => cornerTubes([14, 12, 8], 3, 1.2, 2)).toThrow(/does not go into a gap of 1.2/);
  });
  test('in gaps all but alike it is what it is in gaps that are', () =>
    expect(cornerTubes([14, 12, 8], 2.5, 1.5, 1.5 + 1e-9).pressedToIn).toBeCloseTo(cornerTubes([14, 12, 8], 2.5, 1.5).pressedToIn, 6));
  test('four as long as the inside is deep', () =>
    expect(cornerTubes([12, 10, 8], 1.5, 1)).toMatchObject({ count: 4, eachIn: 8, insideIn: [10, 8, 8] }));
});

test('a core stands from end to end with no more than an eighth to play', () => {
  const { lengthIn, boreIn, gapsIn } = rigidCore([30, 6, 5], 4, 0.25);
  expect(30 - lengthIn).toBeGreaterThan(0);
  expect(30 - lengthIn).toBeLessThanOrEqual(1 / 8);
  expect(boreIn).toBe(3.5);
  expect(gapsIn).toEqual([0.5, 1]);
  expect(() => rigidCore([30, 6, 3], 4, 0.25)).toThrow(/at most 3/);
  expect(() => rigidCore([30, 6, 5], 4, 2)).toThrow(/no bore/);
});

describe('a box folded from one sheet', () => {
  test('folds up: every wall as high as it should be, the flaps meet over the middle within a thirty-second, sheet is parts and waste', () => {
    fc.assert(
      fc.property(inches(3, 30), inches(3, 30), inches(0.5, 12), inches(0.05, 0.3), (l, w, d, t) => {
        const { blankIn, flapIn, endFlapIn, parts, wasteIn2, boardUsedIn2 } = wrapAround([l, w, d], t);
        const [sheet] = parts as [CutPart];
        const up = (y: number) => sheet.score.filter(({ from, to }) => from[1] === y && to[1] === y);
        // scores from below: flap, wall, bottom, wall, flap
        const ys = [...new Set(sheet.score.filter(({ from, to }) => from[1] === to[1]).map(({ from }) => from[1]))].sort((a, b) => a - b);
        expect(ys).toHaveLength(4);
        expect(up(ys[0]!)).toHaveLength(1);
        const [flap, wall, bottom, back, last] = [ys[0]!, ys[1]! - ys[0]!, ys[2]! - ys[1]!, ys[3]! - ys[2]!, blankIn[1] - ys[3]!];
        expect(wall).toBeCloseTo(d + t, 9);
        expect(back).toBeCloseTo(wall, 9);
        expect(bottom).toBeCloseTo(w + t, 9);
        // both flaps folded over: from either wall they reach the same middle
        expect(Math.abs(flap + last - bottom)).toBeLessThan(1 / 32);
        expect(endFlapIn).toBeLessThanOrEqual(flapIn + 1e-12);
        const body = (l + t) * (w + t) + 2 * (l + t) * (d + t + flapIn) + 2 * (w + t) * (d + t + endFlapIn);
        expect(boardUsedIn2 - wasteIn2).toBeCloseTo(body, 6);
      }),
    );
  });
});

describe('a collar of tube (exact)', () => {
  test('over a hoop it is as long as the arc and half an inch more; the wedges take out what its inner side is shorter by', () => {
    const half = tubeCollar({ radiusIn: 2, degrees: 180 }, 1, 0.5);
    expect(half.runIn).toBeCloseTo(2 * Math.PI, 12);
    expect(half.lengthIn).toBeCloseTo(2 * Math.PI + 0.5, 12);
    expect(half.wedges).toBe(6);
    // arcs of the middle line and of the inner side
    expect(half.wedges * half.wedgeIn).toBeCloseTo(Math.PI * 2 - Math.PI * (2 - 0.5), 12);
  });
  test('a straight run has none; a tube thicker than the hoop does not bend round it', () => {
    expect(tubeCollar({ runIn: 4 }, 1, 0.5)).toMatchObject({ lengthIn: 4.5, wedges: 0, wedgeIn: 0 });
    expect(() => tubeCollar({ radiusIn: 0.4, degrees: 90 }, 1, 0.5)).toThrow(/does not bend/);
    expect(() => tubeCollar({ runIn: 4 }, 1, 1)).toThrow(/below 1/);
  });
});
