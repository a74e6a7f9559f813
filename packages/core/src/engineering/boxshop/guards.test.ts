import fc from 'fast-check';
import { sheetOf } from './CutPart.ts';
import { endCap } from './endCap.ts';
import { spacerBlock } from './spacerBlock.ts';
import { woundRope } from './woundRope.ts';

const inches = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const caliper = inches(0.05, 0.3);

describe('a cap over an end (exact)', () => {
  test('folded up it holds what it is for: base and walls one board further out on every side', () => {
    fc.assert(
      fc.property(inches(0.5, 12), inches(0.5, 12), inches(0.5, 8), caliper, (l, w, reach, t) => {
        const { insideIn, outsideIn, blankIn, tabIn, parts, boardUsedIn2, wasteIn2 } = endCap([l, w], reach, t);
        expect(insideIn).toEqual([l, w, reach]);
        // a wall begins at the fold, in the middle of the base's board, and reaches down from there
        const wall = (blankIn[0] - (l + t)) / 2;
        expect(wall).toBeCloseTo((blankIn[1] - (w + t)) / 2, 9);
        expect(wall - t / 2).toBeCloseTo(reach, 9);
        expect(outsideIn[1] - w).toBeCloseTo(2 * t, 9);
        // two corners share a wall of the end and do not overlap on it
        expect(2 * tabIn).toBeLessThanOrEqual(w + t + 1e-9);
        const base = (l + t) * (w + t);
        const walls = 2 * wall * (l + t) + 2 * wall * (w + t);
        expect(boardUsedIn2 - wasteIn2).toBeCloseTo(base + walls + 4 * tabIn * wall, 6);
        expect(boardUsedIn2).toBeCloseTo(sheetOf(parts), 9);
      }),
    );
  });

  test('every slit runs from a corner of the base to the edge, and every fold within the sheet', () => {
    const { parts, blankIn } = endCap([2, 2], 1.5, 0.16);
    const [blank] = parts;
    const onEdge = ([x, y]: readonly [number, number]) => x === 0 || y === 0 || x === blankIn[0] || y === blankIn[1];
    const slits = blank!.knife.filter(({ from, to }) => from[1] === to[1]);
    expect(slits).toHaveLength(4);
    for (const { to } of slits) expect(onEdge(to)).toBe(true);
    for (const { from, to } of blank!.score)
      for (const [x, y] of [from, to]) {
        expect(x >= 0 && x <= blankIn[0]).toBe(true);
        expect(y >= 0 && y <= blankIn[1]).toBe(true);
      }
  });
});

describe('a spacer (exact)', () => {
  test('folded it is as wide as the gap and as deep as was asked; the flap lies within', () => {
    fc.assert(
      fc.property(inches(1, 12), inches(1, 12), inches(0.5, 12), caliper, (gap, depth, height, t) => {
        const { parts, flapIn, outsideIn } = spacerBlock(gap, depth, height, t);
        const folds = parts[0]!.score.map(({ from }) => from[0]);
        const panels = folds.map((x, i) => x - (folds[i - 1] ?? 0));
        // walls stand on the middles of the folds: half a board beyond each is the outside
        expect(panels[0]! + t).toBeCloseTo(gap, 9);
        expect(panels[1]! + t).toBeCloseTo(depth, 9);
        expect(panels[2]).toBeCloseTo(panels[0]!, 9);
        expect(panels[3]).toBeCloseTo(panels[1]!, 9);
        expect(flapIn).toBeLessThan(panels[0]! + panels[1]!);
        expect(flapIn).toBeGreaterThan(0);
        expect(parts[0]!.lengthIn).toBeCloseTo(folds[3]! + flapIn, 9);
        expect(outsideIn).toEqual([gap, depth, height]);
      }),
    );
  });
  test('board that is too thick does not fold to it', () => expect(() => spacerBlock(0.3, 2, 3, 0.16)).toThrow(/does not fold/));
});

describe('a rope of tissue', () => {
  test('turns lie side by side over the run, each as long as its circle', () => {
    const { turns, ropeIn } = woundRope(4, 0.5, 0.5, [30, 20], 0.0015);
    expect(turns).toBe(8);
    expect(ropeIn).toBeCloseTo(8 * Math.PI * 1, 12);
    expect(woundRope(4.1, 0.5, 0.5, [30, 20], 0.0015).turns).toBe(9);
  });
  // hands find that a common sheet, 20 in wide, twists into a rope of half an inch: common practice, no source
  test('a sheet twenty inches wide makes its own length of a rope of about half an inch', () => {
    const ropeThickness = (sheets: number) => Math.sqrt(((sheets * 20 * 0.0015) / 0.15) * (4 / Math.PI));
    expect(ropeThickness(1)).toBeGreaterThan(0.4);
    expect(ropeThickness(1)).toBeLessThan(0.6);
  });
  test('as many sheets as it takes, and not one more', () => {
    fc.assert(
      fc.property(inches(1, 40), inches(0.2, 3), inches(0.3, 1.5), (run, part, thick) => {
        const { sheets, ropeIn } = woundRope(run, part, thick, [30, 20], 0.0015);
        const tissue = (Math.PI / 4) * thick ** 2 * ropeIn * 0.15;
        expect(sheets * 30 * 20 * 0.0015).toBeGreaterThanOrEqual(tissue - 1e-9);
        if (sheets > 1) expect((sheets - 1) * 30 * 20 * 0.0015).toBeLessThan(tissue);
      }),
    );
  });
});
