import type { Triple } from '../geometry/wrapLayer.ts';
import type { Face } from '../pieces/hardPoints.ts';
import { blockSizeIn, emptyCellsIn3, evenStacks, gridsFor, layoutOf, ONE } from './Block.ts';
import { stowExactly } from './exactStowage.ts';
import { verifyStowage } from './verifyStowage.ts';

describe('even stacks', () => {
  test('for every count and every most: as few as can be, none too high, their sizes apart by one at most', () => {
    for (let count = 1; count <= 60; count++) {
      for (let most = 1; most <= 60; most++) {
        const stacks = evenStacks(count, most);
        expect(stacks.reduce((sum, one) => sum + one, 0)).toBe(count);
        expect(Math.max(...stacks)).toBeLessThanOrEqual(most);
        expect(stacks[0]! - stacks.at(-1)!).toBeLessThanOrEqual(1);
        // one stack fewer would be too high somewhere
        expect((stacks.length - 1) * most).toBeLessThan(count);
      }
    }
  });
  test('thirty-one books with at most nine in a stack', () => expect(evenStacks(31, 9)).toEqual([8, 8, 8, 7]));
});

const BUNDLES: readonly Triple[] = [
  [4, 4, 7],
  [10, 7, 2],
  [3, 5, 6],
];

describe('grids', () => {
  test('hold them all, with no row, column or storey to spare', () => {
    for (const bundle of BUNDLES)
      for (let count = 2; count <= 60; count++)
        for (const [nx, ny, nz] of gridsFor(count, bundle, 60)) {
          expect(nx * ny * nz).toBeGreaterThanOrEqual(count);
          for (const less of [(nx - 1) * ny * nz, nx * (ny - 1) * nz, nx * ny * (nz - 1)]) expect(less).toBeLessThan(count);
        }
  });

  test('what fits a room in any grid fits it in one of them; brute force over all grids', () => {
    const fits = (grid: Triple, bundle: Triple, room: Triple) => {
      const [l, w, h] = grid.map((one, axis) => one * bundle[axis]!) as unknown as Triple;
      return h <= room[2] && ((l <= room[0] && w <= room[1]) || (w <= room[0] && l <= room[1]));
    };
    for (const bundle of BUNDLES)
      for (const count of [2, 3, 5, 6, 7, 12, 19])
        for (const room of [
          [12, 12, 12],
          [20, 16, 10],
          [24, 14, 8],
          [30, 30, 12],
          [16, 8, 28],
        ] as Triple[]) {
          const all = Array.from({ length: count ** 2 }, (_, i): Triple => {
            const [nx, ny] = [1 + (i % count), 1 + Math.floor(i / count)];
            return [nx, ny, Math.ceil(count / (nx * ny))];
          });
          const stout = gridsFor(count, bundle, 60);
          // long thin rows are left out where a stouter block is to be had
          const longest = Math.max(...stout.map((grid) => Math.max(...blockSizeIn(layoutOf(grid, count), bundle))));
          const wanted = all.some(
            (grid) => fits(grid, bundle, room) && Math.max(...grid.map((one, axis) => one * bundle[axis]!)) <= longest,
          );
          expect([count, room, stout.some((grid) => fits(grid, bundle, room))]).toEqual([count, room, wanted]);
        }
  });
});

describe('a layout', () => {
  const FACES: readonly [Face, 0 | 1 | 2, -1 | 1][] = [
    ['left', 0, -1],
    ['right', 0, 1],
    ['front', 1, -1],
    ['back', 1, 1],
    ['bottom', 2, -1],
    ['top', 2, 1],
  ];
  test.each([
    [[3, 2, 1], 6],
    [[3, 2, 2], 11],
    [[2, 2, 2], 7],
    [[4, 1, 3], 10],
    [[1, 1, 5], 5],
  ] as [Triple, number][])('%s with %s: columns and pairs as counted cell by cell', (grid, count) => {
    const { cells, columns, pairs } = layoutOf(grid, count);
    const at = new Set(cells.map(String));
    for (const [face, axis, way] of FACES) {
      const counted = cells.map((cell) => {
        let [beyond, behind] = [0, 0];
        for (let step = 1; step < 6; step++) {
          if (at.has(String(cell.map((one, i) => (i === axis ? one + way * step : one))))) beyond++;
          if (at.has(String(cell.map((one, i) => (i === axis ? one - way * step : one))))) behind++;
        }
        return `${beyond} ${behind} ${grid[axis] - 1 - beyond - behind}`;
      });
      const told = columns[face].flatMap(({ beyond, behind, empty, places }) =>
        Array.from({ length: places }, () => `${beyond} ${behind} ${empty}`),
      );
      const emptied = way === -1 ? counted.map((one) => one.replace(/\d+$/, '0')) : counted;
      expect(told.sort()).toEqual(emptied.sort());
    }
    const near = (one: Triple, other: Triple) => one.reduce((sum, value, i) => sum + Math.abs(value - other[i]!), 0) === 1;
    const neighbours = cells.flatMap((one, i) => cells.slice(i + 1).filter((other) => near(one, other))).length;
    expect(pairs[0] + pairs[1] + pairs[2]).toBe(neighbours);
  });

  test('agrees with the stowage engine: what stands in a block goes into its outline, and nothing overlaps', () => {
    for (const [grid, count] of [
      [[3, 2, 1], 6],
      [[2, 2, 2], 7],
    ] as [Triple, number][]) {
      const bundle: Triple = [4, 3, 5];
      const layout = layoutOf(grid, count);
      const room = blockSizeIn(layout, bundle);
      const pieces = layout.cells.map((_, i) => ({ id: String(i), sizeIn: bundle, upright: true, weightLb: 1 }));
      const placed = layout.cells.map((cell, i) => ({
        id: String(i),
        atIn: cell.map((one, axis) => one * bundle[axis]!) as unknown as Triple,
        sizeIn: bundle,
      }));
      expect(verifyStowage(pieces, { insideIn: room, gapIn: 0, betweenIn: 0 }, placed)).toEqual([]);
      expect(stowExactly(pieces, room)).not.toBeNull();
      expect(emptyCellsIn3(layout, bundle)).toBeCloseTo(room[0] * room[1] * room[2] - count * 60, 9);
    }
  });

  test('one is one, and a block too small for them is refused', () => {
    expect(layoutOf([1, 1, 1], 1)).toBe(ONE);
    expect(() => layoutOf([2, 2, 1], 5)).toThrow(/does not hold 5/);
  });
});
