import { leanOf } from '../../engineering/stowage/lean.ts';
import fc from 'fast-check';
import { box, CHOICE, finish, request, STOCK } from '../../../tests/sampleRequest.ts';
import { breaksWithin } from '../../engineering/journey/dropHeights.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { blockSizeIn, cornerOf, emptyCellsIn3, gridsFor, layoutOf, takenIn3 } from '../../engineering/stowage/Block.ts';
import { planParcel, planSpace } from '../../planParcel.ts';
import { writeBenchSteps } from '../bench/writeBenchSteps.ts';
import { wayOut } from '../fill/faceLayers.ts';
import { knockChance } from '../frontier/touching.ts';
import { traceFrontier } from '../frontier/traceFrontier.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { derivePlan } from '../plan/derivePlan.ts';
import { findFaults } from '../plan/findFaults.ts';
import { verifyPlan } from '../plan/verifyPlan.ts';
import { writePlanDocument } from '../plan/writePlanDocument.ts';

// Bowls that sit in one another against counted cubes, sums by hand, and the same bowls side by side. Each in wraps of its own, set in
// without force, is common practice, no source.

const BOWL = { archetype: 'compactCeramic', lengthIn: 9, widthIn: 9, heightIn: 4, weightLb: 2, keepUpright: true } as const;
const BOXES = [box([12, 12, 10]), box([14, 14, 14]), box([16, 16, 16]), box([20, 16, 14]), box([22, 22, 12]), box([24, 24, 24])];
/** Two turns of small bubble as they lie, on one side, inches. */
const WRAP_IN = 0.34;
/** By hand: the foot 0.45 of the rim, 4 in lower; both wraps between two walls that lean so. */
const RAISED_IN = (2 * WRAP_IN) / Math.sin(Math.atan((9 - 0.45 * 9) / 2 / 4));
const [WIDE, HIGH, PITCH] = [9 + 2 * WRAP_IN, 4 + 2 * WRAP_IN, 1 + RAISED_IN];
const asked = (more: Parameters<typeof request>[0] = {}) =>
  request({ ...BOWL, count: 3, nestStepIn: 1, ...more }, { stock: { ...STOCK, boxes: BOXES }, soldMinor: 9000 });
const NEST: PlanChoice = { ...CHOICE, layers: [{ material: 'smallBubble', turns: 2 }], box: '24x24x24', grid: [1, 1, 3] };
const derive = (choice: Partial<PlanChoice> = {}, more: Parameters<typeof request>[0] = {}): PlanOption => {
  const derived = derivePlan(asked(more), { ...NEST, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return derived.option;
};
const stowedOf = (option: PlanOption) => option.rated.weighed.filled.stowed;

describe('a block of them', () => {
  const sides = fc.integer({ min: 1, max: 6 });
  test('holds what a count of unit cubes finds, and is as large as the outermost corner', () =>
    fc.assert(
      fc.property(
        fc.tuple(sides, sides, sides),
        fc.constantFrom(0 as const, 1 as const, 2 as const),
        fc.integer({ min: 1, max: 6 }),
        fc.tuple(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 3 })),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (bundleIn, axis, step, grid, share) => {
          const pitchIn = bundleIn.map((side, at) => (at === axis ? Math.min(step, side) : side)) as unknown as Triple;
          const cellsIn = grid[0] * grid[1] * grid[2];
          const count = Math.max(1, Math.ceil(cellsIn * share));
          const layout = layoutOf(count === 1 ? [1, 1, 1] : grid, count);
          const filled = new Set<string>();
          const far = [0, 0, 0];
          for (const cell of layout.cells) {
            const [x, y, z] = cornerOf(cell, pitchIn, 0);
            for (let i = 0; i < bundleIn[0]; i++)
              for (let j = 0; j < bundleIn[1]; j++) for (let k = 0; k < bundleIn[2]; k++) filled.add([x + i, y + j, z + k].join());
            [x, y, z].forEach((from, at) => (far[at] = Math.max(far[at]!, from + bundleIn[at]!)));
          }
          expect(takenIn3(layout, bundleIn, pitchIn)).toBe(filled.size);
          const size = blockSizeIn(layout, bundleIn, 0, pitchIn);
          far.forEach((side, at) => expect(size[at]).toBeGreaterThanOrEqual(side));
          if (count === cellsIn) {
            expect(size).toEqual(far);
            expect(emptyCellsIn3(layout, bundleIn, pitchIn)).toBe(far[0]! * far[1]! * far[2]! - filled.size);
          }
        },
      ),
    ));
  test('a column of them is a way to stand that upright ones have not', () => {
    expect(gridsFor(6, [9, 9, 4], 8)[0]).not.toEqual([1, 1, 6]);
    expect(gridsFor(6, [9, 9, 4], 8, [9, 9, 1.5])[0]).toEqual([1, 1, 6]);
  });
});

describe('in a box', () => {
  // exact mathematics of the two ends: nothing between lids of a flat stack but the wraps, and no end to it between upright walls
  test.each([
    ['a plate', [10, 10, 1], 0.94, 0.01],
    ['a bowl', [12, 12, 6], 0.48, 0.01],
    ['a cup', [3.5, 3.5, 3], 0.3, 0.01],
    ['what is flat', [10, 10, 1e-9], 1, 1e-9],
    ['a tall tube', [1, 1, 1e6], 0, 1e-6],
  ] as const)('%s leans as far out as its sides have it', (_, sides, lean, within) =>
    expect(Math.abs(leanOf(sides) - lean)).toBeLessThan(within),
  );
  test('each further one adds its step and both wraps between: three bowls, by hand', () => {
    const close = (sides: Triple, wanted: Triple) => sides.forEach((side, at) => expect(side).toBeCloseTo(wanted[at]!, 12));
    const { blockIn, emptyIn3, bundles } = stowedOf(derive());
    close(bundles[0].bundleIn, [WIDE, WIDE, HIGH]);
    close(blockIn, [WIDE, WIDE, HIGH + 2 * PITCH]);
    expect(emptyIn3).toBeCloseTo(0, 9);
    // lying, the same along the way they look
    close(stowedOf(derive({ orientation: [2, 1, 0], grid: [3, 1, 1] }, { keepUpright: false })).blockIn, [HIGH + 2 * PITCH, WIDE, WIDE]);
  });
  test('less fill is bought than for the same upon one another, and all else is theirs', () => {
    const [nested, stacked] = [derive(), derive({}, { nestStepIn: null })];
    const bought = (option: PlanOption) => option.rated.weighed.filled.amounts[0]!.boughtFt3;
    // what a bowl that sits in another leaves free is fill round them instead
    expect(bought(nested) - bought(stacked)).toBeCloseTo((1.06 * WIDE * WIDE * 2 * (HIGH - PITCH)) / 1728, 9);
    const wraps = (option: PlanOption) => option.costLines.find(({ key }) => key === 'wraps')!.amountMinor;
    expect(wraps(nested)).toBe(wraps(stacked));
  });
  test.each<[string, Parameters<typeof request>[0] & object]>([
    ['a step as high as they are', { nestStepIn: 4 }],
    ['one alone', { count: 1 }],
    ['in one wrap, they are higher as a stack', { stackOf: 3 }],
  ])('%s: nothing goes into anything', (_, more) => {
    const { bundles } = stowedOf(derive({ grid: [1, 1, more.count === 1 || more.stackOf ? 1 : 3] }, more));
    expect(bundles[0].pitchIn).toEqual(bundles[0].bundleIn);
    if (more.stackOf) expect(bundles[0].bundleIn[2]).toBeCloseTo(HIGH + 2 * 1, 9);
  });
  test('cells part them', () => {
    const { bundles, blockIn } = stowedOf(derive({ cells: true, grid: [1, 1, 3], box: '24x24x24' }));
    expect(bundles[0].pitchIn).toEqual(bundles[0].bundleIn);
    expect(blockIn[2]).toBeGreaterThan(3 * HIGH);
  });
});

describe('how they fare', () => {
  test('on a side all of them bear where the outermost and the rims are', () => {
    const carriedBy = (nestStepIn: number | null) => {
      const stowed = stowedOf(derive({}, { nestStepIn }));
      return wayOut(stowed, 0, 'left', stowed.bundles[0].layout.columns.left[0]!).carried;
    };
    expect(carriedBy(null)).toBe(1);
    expect(carriedBy(1)).toBeCloseTo((3 * HIGH) / (HIGH + 2 * PITCH), 12);
    // three that hardly stand out bear as three on one
    expect(carriedBy(0.001)).toBeCloseTo((3 * HIGH) / (HIGH + 2 * (PITCH - 0.999)), 12);
    // and downward each carries what is above it, as upon one another
    const stowed = stowedOf(derive());
    expect(stowed.bundles[0].layout.columns.bottom.map(({ beyond, behind }) => [beyond, behind])).toEqual([
      [0, 2],
      [1, 1],
      [2, 0],
    ]);
  });
  test('one meets the other whichever way the box falls: bare, a fifth of the times', () => {
    const bare = stowedOf(derive({ layers: [], grid: [1, 1, 2] }, { count: 2 }));
    expect(knockChance(bare, 1)).toBeCloseTo(0.2 * breaksWithin(1, 1), 9);
    const upon = stowedOf(derive({ layers: [], grid: [1, 1, 2] }, { count: 2, nestStepIn: null }));
    expect(knockChance(upon, 1)).toBeLessThan(knockChance(bare, 1));
  });
});

describe('planned', () => {
  const plan = (nestStepIn: number | null, count = 3) => {
    const of = asked({ count, nestStepIn });
    const chosen = finish(planParcel(of));
    if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join());
    return { of, option: chosen.recommended };
  };
  test('three bowls that nest go in a smaller box for less than three that do not, and the plan verifies', () => {
    const [nested, apart] = [plan(1), plan(null)];
    const inside = ({ option }: typeof nested) => stowedOf(option).shell.insideIn.reduce((volume, side) => volume * side, 1);
    expect(inside(nested)).toBeLessThan(inside(apart));
    expect(nested.option.expectedMinor).toBeLessThan(apart.option.expectedMinor);
    const document = writePlanDocument(nested.option, nested.of.house);
    expect(verifyPlan(document, nested.of)).toEqual([]);
    expect(findFaults(nested.option.rated.weighed, nested.of.house).filter(({ blocks }) => blocks)).toEqual([]);
    // one that is moved a little sideways stands in its neighbour
    const [first, ...others] = document.block.at;
    const moved = { ...document, block: { ...document.block, at: [[first![0] + 0.5, first![1], first![2]] as Triple, ...others] } };
    expect(verifyPlan(moved, nested.of).some((fault) => fault.startsWith('block: '))).toBe(true);
  });
  test('the bench says how they go in', () => {
    const { of, option } = plan(1);
    const says = writeBenchSteps(option, of.house).map((step) => step.says);
    expect(says.filter((text) => /one in another, (upward|lying): each set into the one before it without force/i.test(text))).toHaveLength(
      1,
    );
  });
  test('the search finds what the exhaustive one does', () => {
    const space = planSpace({
      ...asked({ count: 3 }),
      stock: { ...STOCK, boxes: BOXES.slice(0, 3), wraps: STOCK.wraps.slice(0, 3), fills: STOCK.fills.slice(0, 2) },
    });
    const points = (every: boolean) =>
      finish(traceFrontier(space, every)).frontier.map(({ nestCostMinor, chance }) => [nestCostMinor, chance]);
    expect(points(false)).toEqual(points(true));
    expect(points(true).length).toBeGreaterThan(3);
  });
});
