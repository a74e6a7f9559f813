import fc from 'fast-check';
import type { Triple } from '../geometry/wrapLayer.ts';
import { FACES } from '../pieces/hardPoints.ts';
import { loadsOf, restingOf } from './resting.ts';
import { boardsIn, membersOf, rowOf, standIn, standsAll, type Stand } from './Stand.ts';
import { movedBeside, standsFor, swapped, type Stander } from './standsFor.ts';
import type { Placement } from './Stowage.ts';
import { stowPieces } from './stowPieces.ts';
import { verifyStowage } from './verifyStowage.ts';

const TWO_ON_ONE: Stand = { along: 2, parts: [0, { along: 0, parts: [1, 2] }] };
const SIZES: Triple[] = [
  [10, 6, 4],
  [5, 6, 3],
  [4, 5, 2],
];

describe('where each stands', () => {
  test('the first lowest; parts side by side; what is smaller in the near lower corner of its part', () => {
    expect(standIn(TWO_ON_ONE, SIZES)).toEqual({
      sizeIn: [10, 6, 7],
      at: [
        [0, 0, 0],
        [0, 0, 4],
        [5, 0, 4],
      ],
    });
    expect(standIn(rowOf(3), SIZES).sizeIn).toEqual([19, 6, 4]);
  });

  test('each once, and none that is not there', () => {
    expect(standsAll(TWO_ON_ONE, 3)).toBe(true);
    for (const wrong of [0, rowOf(2), { along: 0, parts: [0, 1, 1] }, { along: 0, parts: [0, 1, 3] }] as Stand[])
      expect(standsAll(wrong, 3)).toBe(false);
  });

  test('two in each other’s place, and back again', () => {
    expect(membersOf(swapped(TWO_ON_ONE, 0, 2))).toEqual([2, 1, 0]);
    expect(swapped(swapped(TWO_ON_ONE, 0, 2), 2, 0)).toEqual(TWO_ON_ONE);
  });
});

describe('moved next to another', () => {
  test('beside, behind and upon it; what it stood with closes up', () => {
    const row: Stand = { along: 0, parts: [0, 1, 2] };
    expect(movedBeside(row, 2, 0, 2, false)).toEqual({ along: 0, parts: [{ along: 2, parts: [0, 2] }, 1] });
    expect(movedBeside(row, 2, 0, 0, true)).toEqual({ along: 0, parts: [2, 0, 1] });
    expect(movedBeside({ along: 0, parts: [0, 1] }, 0, 1, 2, true)).toEqual({ along: 2, parts: [0, 1] });
  });
  test('onto itself, or next to one that is not there, nothing moves', () => {
    expect(movedBeside(TWO_ON_ONE, 1, 1, 0, true)).toBe(TWO_ON_ONE);
    expect(movedBeside(TWO_ON_ONE, 1, 7, 0, true)).toBe(TWO_ON_ONE);
  });
  test('whatever is moved wherever: each still stands once, next to the one it was put to, and none overlaps another', () => {
    const axis = fc.constantFrom(0 as const, 1 as const, 2 as const);
    const move = fc.tuple(fc.nat(3), fc.nat(3), axis, fc.boolean());
    const side = fc.double({ min: 1, max: 9, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(move, { minLength: 1, maxLength: 6 }),
        fc.array(fc.tuple(side, side, side), { minLength: 4, maxLength: 4 }),
        (moves, sizes) => {
          const stand = moves.reduce<Stand>((now, [one, other, along, before]) => movedBeside(now, one, other, along, before), rowOf(4));
          expect(standsAll(stand, 4)).toBe(true);
          const { at } = standIn(stand, sizes);
          for (let a = 0; a < 4; a++)
            for (let b = a + 1; b < 4; b++)
              expect(
                [0, 1, 2].some((i) => at[a]![i]! + sizes[a]![i]! <= at[b]![i]! + 1e-9 || at[b]![i]! + sizes[b]![i]! <= at[a]![i]! + 1e-9),
              ).toBe(true);
          const [one, other, along, before] = moves.at(-1)!;
          if (one === other) return;
          const [near, far] = before ? [one, other] : [other, one];
          expect(at[far]![along] - at[near]![along] - sizes[near]![along]).toBeCloseTo(0, 9);
        },
      ),
    );
  });
});

describe('what rests on what', () => {
  const { sizeIn, at } = standIn(TWO_ON_ONE, SIZES);
  const resting = restingOf(
    SIZES.map((size, i) => ({ atIn: at[i]!, sizeIn: size })),
    sizeIn,
  );

  test('two lie on the lowest, which lies on the ground; upward it bears on both, by where they overlap', () => {
    expect(resting.bottom.on).toEqual([[], [{ at: 0, share: 1 }], [{ at: 0, share: 1 }]]);
    // 5 × 6 against 4 × 5 square inches
    expect(resting.top.on[0]).toEqual([
      { at: 1, share: expect.closeTo(30 / 50, 12) as number },
      { at: 2, share: expect.closeTo(20 / 50, 12) as number },
    ]);
  });

  test('what is left empty before the outside: above the lower of the two an inch, behind it another', () => {
    expect(resting.top.emptyIn).toEqual([0, 0, 1]);
    expect(resting.back.emptyIn).toEqual([0, 0, 1]);
    expect(resting.right.emptyIn).toEqual([0, 0, 1]);
  });

  test('the lowest carries all of them on its base, and nothing when the lid strikes', () => {
    expect(loadsOf(resting.bottom, [5, 2, 1])).toEqual([8, 2, 1]);
    expect(loadsOf(resting.top, [5, 2, 1])).toEqual([5, 2 + 5 * (30 / 50), 1 + 5 * (20 / 50)]);
  });
});

const side = fc.integer({ min: 2, max: 12 });
const anyStanders = fc
  .array(fc.record({ sizeIn: fc.tuple(side, side, side), weightLb: fc.integer({ min: 1, max: 9 }) }), { minLength: 2, maxLength: 9 })
  .map((all) =>
    all.map(({ sizeIn: [l, w, h], weightLb }): Stander => ({
      weightLb,
      turns: [
        [l, w, h],
        [w, l, h],
        [l, h, w],
      ],
    })),
  );

const LOCKED = (
  [
    [4, 8, 8],
    [3, 3, 9],
    [5, 4, 5],
  ] as const
).map((size): Stander => ({ weightLb: 1, turns: allTurns(size) }));

/** True where a plane along some axis has pieces on either side and goes through none. */
const isPartedByCut = (placed: readonly Placement[]): boolean =>
  ([0, 1, 2] as const).some((axis) =>
    placed.some(({ atIn: { [axis]: cut } }) => {
      const below = placed.filter(({ atIn, sizeIn }) => atIn[axis] + sizeIn[axis] <= cut + 1e-9);
      const above = placed.filter(({ atIn }) => atIn[axis] >= cut - 1e-9);
      return below.length > 0 && below.length + above.length === placed.length;
    }),
  );

describe('ways to stand together', () => {
  test('of any few each stands once, within the outside, none in another', () => {
    fc.assert(
      fc.property(anyStanders, (standers) => {
        const ways = standsFor(standers, 6);
        expect(ways.length).toBeGreaterThan(0);
        for (const { stand, turnOf, sizeIn } of ways) {
          expect(standsAll(stand, standers.length)).toBe(true);
          const sizes = turnOf.map((turn, i) => standers[i]!.turns[turn]!);
          const stood = standIn(stand, sizes);
          expect(stood.sizeIn).toEqual(sizeIn);
          const pieces = sizes.map((size, i) => ({ id: `${i}`, sizeIn: size, upright: true, weightLb: 1 }));
          const placed = sizes.map((size, i) => ({ id: `${i}`, atIn: stood.at[i]!, sizeIn: size }));
          expect(verifyStowage(pieces, { insideIn: sizeIn, gapIn: 0, betweenIn: 0 }, placed)).toEqual([]);
        }
      }),
      { numRuns: 60 },
    );
  });

  // what the certain search of another making puts into a box the straight cuts find too, but for three that lock into one another
  test('two or three that go into a box at all stand together so that they do, unless no straight cut parts them', () => {
    const few = anyStanders.map((all) => all.slice(0, 3).map(({ weightLb, turns }) => ({ weightLb, turns: allTurns(turns[0]!) })));
    fc.assert(
      fc.property(few, fc.tuple(side, side, side), (standers, insideIn) => {
        const pieces = standers.map(({ turns, weightLb }, i) => ({ id: `${i}`, sizeIn: turns[0]!, upright: false, weightLb }));
        const stowage = stowPieces(pieces, { insideIn, gapIn: 0, betweenIn: 0 });
        const goesIn = ([l, w, h]: Triple) =>
          h <= insideIn[2] && ((l <= insideIn[0] && w <= insideIn[1]) || (w <= insideIn[0] && l <= insideIn[1]));
        const stand = standsFor(standers, 500).some(({ sizeIn }) => goesIn(sizeIn));
        const mayStand = stowage.fits && (stand || isPartedByCut(stowage.placements));
        expect(stand).toBe(mayStand);
      }),
      // three that locked into one another, found by chance: 4 × 8 × 8 on the floor, and the slip over both
      { numRuns: 200, examples: [[LOCKED, [12, 8, 7]]] },
    );
  });

  test('a flat one on edge, and in front of it a slip in line with a block, fill a box to the last of it', () => {
    const three = [allTurns([3, 4, 4]), allTurns([3, 8, 11]), allTurns([9, 2, 2])].map((turns): Stander => ({ weightLb: 1, turns }));
    expect(standsFor(three, 500).some(({ sizeIn: [l, w, h] }) => l <= 12 && w <= 12 && h <= 4)).toBe(true);
  });

  test('the heavy one lies below, or nearer', () => {
    const ways = standsFor(
      [
        { weightLb: 1, turns: [[6, 6, 3]] },
        { weightLb: 8, turns: [[6, 6, 3]] },
      ],
      3,
    );
    for (const { stand } of ways) expect(membersOf(stand)).toEqual([1, 0]);
  });

  test('twelve of them stand as close as their volume allows within a half', () => {
    const twelve = Array.from({ length: 12 }, (_, i): Stander => ({ weightLb: 1 + i, turns: allTurns([3 + (i % 4), 4, 5]) }));
    const [closest] = standsFor(twelve, 4);
    const volume = ([l, w, h]: Triple) => l * w * h;
    const all = twelve.reduce((sum, { turns }) => sum + volume(turns[0]!), 0);
    expect(volume(closest!.sizeIn)).toBeLessThan(1.5 * all);
  });
});

function allTurns([l, w, h]: Triple): Triple[] {
  return [
    [l, w, h],
    [w, l, h],
    [l, h, w],
    [h, l, w],
    [w, h, l],
    [h, w, l],
  ];
}

test('a bundle alone meets the wall on every face', () => {
  const resting = restingOf([{ atIn: [0, 0, 0], sizeIn: [3, 4, 5] }], [3, 4, 5]);
  for (const face of FACES) expect(resting[face]).toEqual({ on: [[]], emptyIn: [0] });
});

describe('boards between neighbours', () => {
  test('each as large as the smaller of the two is there, and everything behind it so much farther', () => {
    const boards = boardsIn(
      { along: 0, parts: [0, { along: 2, parts: [1, 2] }] },
      [
        [4, 6, 8],
        [5, 3, 2],
        [3, 3, 3],
      ],
      0.25,
    );
    // upright between the first and the pair, as wide as the pair and as high; then flat between those two
    expect(boards).toEqual([
      { atIn: [4, 0, 0], sizeIn: [0.25, 3, 5.25] },
      { atIn: [4.25, 0, 2], sizeIn: [3, 3, 0.25] },
    ]);
    const { sizeIn, at } = standIn(
      { along: 0, parts: [0, { along: 2, parts: [1, 2] }] },
      [
        [4, 6, 8],
        [5, 3, 2],
        [3, 3, 3],
      ],
      0.25,
    );
    expect([sizeIn, at]).toEqual([
      [9.25, 6, 8],
      [
        [0, 0, 0],
        [4.25, 0, 0],
        [4.25, 0, 2.25],
      ],
    ]);
  });

  test('none overlaps a bundle or another board, and all lie within', () => {
    const side = fc.double({ min: 0.5, max: 9, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(side, side, side), { minLength: 2, maxLength: 5 }), fc.constantFrom(0, 1, 2), (sizes, along) => {
        const half = Math.ceil(sizes.length / 2);
        const some = (from: number, to: number): Stand =>
          to - from === 1 ? from : { along: ((along + 1) % 3) as 0 | 1 | 2, parts: Array.from({ length: to - from }, (_, i) => from + i) };
        const stand: Stand = { along: along, parts: [some(0, half), some(half, sizes.length)] };
        const { sizeIn, at } = standIn(stand, sizes, 0.2);
        const boards = boardsIn(stand, sizes, 0.2);
        expect(boards).toHaveLength(sizes.length - 1);
        const all = [...boards, ...sizes.map((size, i) => ({ atIn: at[i]!, sizeIn: size }))];
        for (const [i, one] of all.entries()) {
          for (const axis of [0, 1, 2] as const) expect(one.atIn[axis] + one.sizeIn[axis]).toBeLessThan(sizeIn[axis] + 1e-9);
          for (const other of all.slice(i + 1))
            expect(
              ([0, 1, 2] as const).some(
                (axis) =>
                  one.atIn[axis] + one.sizeIn[axis] <= other.atIn[axis] + 1e-9 ||
                  other.atIn[axis] + other.sizeIn[axis] <= one.atIn[axis] + 1e-9,
              ),
            ).toBe(true);
        }
      }),
    );
  });
});
