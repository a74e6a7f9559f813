import fc from 'fast-check';
import type { Triple } from '../geometry/wrapLayer.ts';
import { stowExactly } from './exactStowage.ts';
import { stowByExtremePoints } from './extremePoints.ts';
import type { StowPiece } from './Stowage.ts';
import { stowPieces } from './stowPieces.ts';
import { verifyStowage } from './verifyStowage.ts';

const some = (count: number, sizeIn: Triple, more: Partial<StowPiece> = {}): StowPiece[] =>
  Array.from({ length: count }, (_, i) => ({ id: `${sizeIn.join('x')}-${i}`, sizeIn, upright: false, weightLb: 1, ...more }));
const tight = (insideIn: Triple) => ({ insideIn, gapIn: 0, betweenIn: 0 });

describe('exact facts', () => {
  // Slothouber & Graatsma’s puzzle: the only way is hard to find by feel
  test('six 1×2×2 blocks and three 1×1×1 fit a 3×3×3 cube', () => {
    const pieces = [...some(6, [1, 2, 2]), ...some(3, [1, 1, 1])];
    const stowed = stowPieces(pieces, tight([3, 3, 3]));
    expect(stowed.fits && verifyStowage(pieces, tight([3, 3, 3]), stowed.placements)).toEqual([]);
  });

  test('six 1×2×2 and four 1×1×1 do not: their volume is 28', () =>
    expect(stowPieces([...some(6, [1, 2, 2]), ...some(4, [1, 1, 1])], tight([3, 3, 3]))).toEqual({ fits: false, proved: true }));

  // de Bruijn 1969: a box is filled by 1×2×4 bricks only where its sides are multiples of 1, 2, 4 in some order
  test('twenty-seven 1×2×4 bricks do not fill a 6×6×6 cube', () =>
    expect(stowPieces(some(27, [1, 2, 4]), tight([6, 6, 6]))).toEqual({ fits: false, proved: false }));

  test.each([2, 3, 4])('n³ unit cubes fit n³, n = %d, and one more does not', (n) => {
    const cube = tight([n, n, n]);
    const stowed = stowPieces(some(n ** 3, [1, 1, 1]), cube);
    expect(stowed.fits && verifyStowage(some(n ** 3, [1, 1, 1]), cube, stowed.placements)).toEqual([]);
    expect(stowPieces(some(n ** 3 + 1, [1, 1, 1]), cube)).toEqual({ fits: false, proved: true });
  });

  test('two 2×2×2 in 3×3×3: room enough, and yet proved not to fit', () =>
    expect(stowPieces(some(2, [2, 2, 2]), tight([3, 3, 3]))).toEqual({ fits: false, proved: true }));

  // a 1×2×4 brick in each of eight rows fills a 4×4×4 cube
  test('eight 1×2×4 bricks fill a 4×4×4 cube', () => expect(stowPieces(some(8, [1, 2, 4]), tight([4, 4, 4])).fits).toBe(true));

  test('pinwheel: four 2×1 round a 1×1 in a 3×3 layer', () => {
    const pieces = [...some(4, [2, 1, 1]), ...some(1, [1, 1, 1])];
    expect(stowExactly(pieces, [3, 3, 1])).not.toBeNull();
  });
});

describe('rules of a box', () => {
  test('an upright piece is turned on the floor only', () => {
    expect(stowPieces(some(1, [4, 2, 6]), tight([6, 4, 2])).fits).toBe(true);
    expect(stowPieces(some(1, [4, 2, 6], { upright: true }), tight([6, 4, 2]))).toEqual({ fits: false, proved: true });
    expect(stowPieces(some(1, [4, 2, 6], { upright: true }), tight([2, 4, 6])).fits).toBe(true);
  });

  test('gaps along walls and between pieces are kept, to the last bit', () => {
    const box = { insideIn: [2 * 3 + 0.5 + 2, 5, 5] as Triple, gapIn: 1, betweenIn: 0.5 };
    const pieces = some(2, [3, 3, 3]);
    const stowed = stowPieces(pieces, box);
    expect(stowed.fits && verifyStowage(pieces, box, stowed.placements)).toEqual([]);
    expect(stowPieces(pieces, { ...box, betweenIn: 0.51 })).toEqual({ fits: false, proved: true });
    expect(stowPieces(pieces, { ...box, gapIn: 2.6 })).toEqual({ fits: false, proved: true });
  });

  test('the heavy one lies low', () => {
    const pieces = [...some(1, [4, 4, 2], { id: 'light' }), ...some(1, [4, 4, 2.5], { id: 'heavy', weightLb: 9 })];
    const stowed = stowPieces(pieces, tight([4, 4, 4.5]));
    expect(stowed.fits && stowed.placements.find((place) => place.id === 'heavy')!.atIn[2]).toBe(0);
  });

  test('nothing fits anywhere; one id twice and a negative gap are mistakes', () => {
    expect(stowPieces([], tight([1, 1, 1]))).toEqual({ fits: true, placements: [] });
    expect(() => stowPieces([...some(1, [1, 1, 1]), ...some(1, [1, 1, 1])], tight([3, 3, 3]))).toThrow(RangeError);
    expect(() => stowPieces(some(1, [1, 1, 1]), { ...tight([3, 3, 3]), gapIn: -1 })).toThrow(/gapIn/);
    expect(() => stowPieces(some(1, [1, 0, 1]), tight([3, 3, 3]))).toThrow(/above 0/);
  });
});

const side = fc.integer({ min: 1, max: 5 });
const anyPieces = fc
  .array(fc.record({ size: fc.tuple(side, side, side), upright: fc.boolean() }), { minLength: 1, maxLength: 6 })
  .map((list) => list.map(({ size, upright }, i): StowPiece => ({ id: `${i}`, sizeIn: size, upright, weightLb: 1 + i })));
const anyRoom = fc.tuple(side, side, side).map(([l, w, h]): Triple => [l + 1, w + 1, h + 1]);

/** The slow twin: every piece at every whole inch. */
function stowOnGrid(pieces: readonly StowPiece[], room: Triple): boolean {
  const taken = new Set<string>();
  const cells = (at: Triple, size: Triple) => {
    const all: string[] = [];
    for (let x = 0; x < size[0]; x++)
      for (let y = 0; y < size[1]; y++) for (let z = 0; z < size[2]; z++) all.push(`${at[0] + x},${at[1] + y},${at[2] + z}`);
    return all;
  };
  const place = (i: number): boolean => {
    if (i === pieces.length) return true;
    const [l, w, h] = pieces[i]!.sizeIn;
    const ways: Triple[] = pieces[i]!.upright
      ? [
          [l, w, h],
          [w, l, h],
        ]
      : [
          [l, w, h],
          [w, l, h],
          [l, h, w],
          [h, l, w],
          [w, h, l],
          [h, w, l],
        ];
    for (const size of ways) {
      for (let x = 0; x + size[0] <= room[0]; x++)
        for (let y = 0; y + size[1] <= room[1]; y++)
          for (let z = 0; z + size[2] <= room[2]; z++) {
            const mine = cells([x, y, z], size);
            if (mine.some((cell) => taken.has(cell))) continue;
            mine.forEach((cell) => taken.add(cell));
            if (place(i + 1)) return true;
            mine.forEach((cell) => taken.delete(cell));
          }
    }
    return false;
  };
  return place(0);
}

describe('the quick search', () => {
  const place = (pieces: StowPiece[], room: Triple) => stowByExtremePoints(pieces, room)!.map(({ id, atIn }) => [id, ...atIn]);

  // lowest first, then foremost, then leftmost; the heaviest goes first
  test('fills the floor from the corner, the heavy one first, then the next floor', () => {
    const pieces = ['c', 'a', 'd', 'b', 'e'].map((id) => ({
      id,
      sizeIn: [2, 2, 2] as Triple,
      upright: false,
      weightLb: 100 - id.charCodeAt(0),
    }));
    expect(new Map(place(pieces, [4, 4, 4]).map(([id, ...at]) => [id, at]))).toEqual(
      new Map([
        ['a', [0, 0, 0]],
        ['b', [2, 0, 0]],
        ['c', [0, 2, 0]],
        ['d', [2, 2, 0]],
        ['e', [0, 0, 2]],
      ]),
    );
  });

  test('a flat one lies down rather than standing', () =>
    expect(stowByExtremePoints(some(1, [1, 4, 4]), [5, 5, 5])![0]!.sizeIn[2]).toBe(1));

  test('a hole behind a small piece is found by sliding back', () => {
    const pieces = [
      ...some(1, [4, 2, 2], { id: 'long', weightLb: 9 }),
      ...some(1, [2, 2, 2], { id: 'cube', weightLb: 5 }),
      ...some(1, [2, 2, 4], { id: 'tall', upright: true, weightLb: 2 }),
    ];
    const placed = stowByExtremePoints(pieces, [4, 4, 4])!;
    expect(verifyStowage(pieces, tight([4, 4, 4]), placed)).toEqual([]);
    expect(placed.find((one) => one.id === 'tall')!.atIn).toEqual([2, 2, 0]);
  });

  test('answers in the order it was asked, and null when nothing goes in', () => {
    expect(stowByExtremePoints([...some(1, [1, 1, 1]), ...some(1, [2, 2, 2])], [3, 3, 3])!.map((one) => one.id)).toEqual([
      '1x1x1-0',
      '2x2x2-0',
    ]);
    expect(stowByExtremePoints(some(1, [4, 1, 1]), [3, 3, 3])).toBeNull();
    expect(stowByExtremePoints(some(1, [4, 1, 3], { upright: true }), [3, 4, 3])![0]!.sizeIn).toEqual([1, 4, 3]);
  });
});

test('alike pieces whose sides were written down in another order are still found a place', () => {
  // the turnings of alike pieces were once counted off in two different orders, and half of them left out
  const pieces = [...some(1, [2, 2, 3]), ...some(1, [3, 2, 2], { weightLb: 2 })];
  expect(verifyStowage(pieces, tight([3, 2, 4]), stowExactly(pieces, [3, 2, 4])!)).toEqual([]);
});

describe('any pieces', () => {
  test('what is said to fit holds when verified; what the quick search finds the certain one finds', () => {
    fc.assert(
      fc.property(anyPieces, anyRoom, fc.constantFrom(0, 0.25), fc.constantFrom(0, 0.5), (pieces, insideIn, gapIn, betweenIn) => {
        const stowed = stowPieces(pieces, { insideIn, gapIn, betweenIn });
        if (stowed.fits) expect(verifyStowage(pieces, { insideIn, gapIn, betweenIn }, stowed.placements)).toEqual([]);
        if (stowByExtremePoints(pieces, insideIn)) expect(stowExactly(pieces, insideIn)).not.toBeNull();
      }),
      { numRuns: 150 },
    );
  });

  // whole sides pushed into a corner lie on whole inches, so that a grid misses nothing
  test('certain: as a search over every whole inch has it', () => {
    fc.assert(
      fc.property(
        anyPieces.map((pieces) => pieces.slice(0, 4)),
        anyRoom.map(([l, w, h]): Triple => [Math.min(4, l), Math.min(4, w), Math.min(3, h)]),
        (pieces, room) => expect(stowExactly(pieces, room) !== null).toBe(stowOnGrid(pieces, room)),
      ),
      { numRuns: 200 },
    );
  });
});

describe('faults found', () => {
  const pieces = some(2, [2, 2, 2]);
  const box = { insideIn: [6, 4, 4] as Triple, gapIn: 0.5, betweenIn: 0.5 };
  const at = (x: number) => ({ atIn: [x, 0.5, 0.5] as Triple, sizeIn: [2, 2, 2] as Triple });
  const [first, second] = [pieces[0]!.id, pieces[1]!.id];
  test.each<[string, Parameters<typeof verifyStowage>[2], RegExp]>([
    ['one missing', [{ id: first, ...at(0.5) }], /placed 0 times/],
    [
      'too near to a wall',
      [
        { id: first, ...at(0.2) },
        { id: second, ...at(3) },
      ],
      /nearer to a wall/,
    ],
    [
      'too near to each other',
      [
        { id: first, ...at(0.5) },
        { id: second, ...at(2.8) },
      ],
      /nearer than 0.5/,
    ],
    [
      'shrunk',
      [
        { id: first, ...at(0.5), sizeIn: [2, 2, 1] },
        { id: second, ...at(3) },
      ],
      /not a way it may lie/,
    ],
    [
      'a stranger',
      [
        { id: first, ...at(0.5) },
        { id: second, ...at(3) },
        { id: 'x', ...at(5.4) },
      ],
      /not one of the pieces/,
    ],
  ])('%s', (_, placements, why) => expect(verifyStowage(pieces, box, placements).join()).toMatch(why));
});
