import type { Triple } from '../geometry/wrapLayer.ts';
import type { Face } from '../pieces/hardPoints.ts';

/** How many alike bundles stand along length, width and depth. */
export type Grid = Triple;

/** What stands in line with a bundle across one face. */
export interface Column {
  /** Bundles between it and the wall. */
  readonly beyond: number;
  /** Bundles behind it, which bear on it when that face strikes. */
  readonly behind: number;
  /** Cells that are left empty between the outermost and the wall. */
  readonly empty: number;
  /** So many bundles stand so. */
  readonly places: number;
}

/** How alike bundles stand against one another: in rows, columns and storeys, the topmost storey perhaps not full. */
export interface Layout {
  readonly grid: Grid;
  readonly count: number;
  /** Cells that are filled, in the order in which they are: along, across, then upward. */
  readonly cells: readonly Triple[];
  /** How they stand in line with each face; the first is how the first of them does. */
  readonly columns: Readonly<Record<Face, readonly Column[]>>;
  /** Pairs that stand side by side, behind one another, upon one another. */
  readonly pairs: Triple;
}

const ALONE: readonly Column[] = [{ beyond: 0, behind: 0, empty: 0, places: 1 }];

/** One bundle alone. */
export const ONE: Layout = {
  grid: [1, 1, 1],
  count: 1,
  cells: [[0, 0, 0]],
  columns: { bottom: ALONE, top: ALONE, front: ALONE, back: ALONE, left: ALONE, right: ALONE },
  pairs: [0, 0, 0],
};

const known = new Map<string, Layout>();

/**
 * So many alike bundles in a grid of cells, filled along, across, then upward.
 *
 * @throws RangeError for a grid with fewer cells than bundles
 */
export function layoutOf(grid: Grid, count: number): Layout {
  if (count === 1) return ONE;
  const key = `${grid.join('x')} ${count}`;
  const found = known.get(key) ?? makeLayout(grid, count);
  known.set(key, found);
  return found;
}

function makeLayout(grid: Grid, count: number): Layout {
  const [nx, ny, nz] = grid;
  if (nx * ny * nz < count) throw new RangeError(`a block of ${grid.join(' × ')} does not hold ${count}`);
  const cells = Array.from({ length: count }, (_, i): Triple => [i % nx, Math.floor(i / nx) % ny, Math.floor(i / (nx * ny))]);
  const filled = new Set(cells.map(String));
  const along = (cell: Triple, axis: 0 | 1 | 2, from: number, to: number): number => {
    let sum = 0;
    for (let at = from; at < to; at++) if (filled.has(String(cell.map((one, i) => (i === axis ? at : one))))) sum++;
    return sum;
  };
  const columnAt = (cell: Triple, axis: 0 | 1 | 2, toward: 'low' | 'high'): Omit<Column, 'places'> => {
    const below = along(cell, axis, 0, cell[axis]);
    const above = along(cell, axis, cell[axis] + 1, grid[axis]);
    // rows and storeys fill up from the low end, so that what is empty lies at the high one
    return toward === 'low'
      ? { beyond: below, behind: above, empty: 0 }
      : { beyond: above, behind: below, empty: grid[axis] - 1 - below - above };
  };
  const columnsOn = (axis: 0 | 1 | 2, toward: 'low' | 'high'): Column[] => {
    const found = new Map<string, Column>();
    for (const cell of cells) {
      const column = columnAt(cell, axis, toward);
      const name = Object.values(column).join();
      found.set(name, { ...column, places: (found.get(name)?.places ?? 0) + 1 });
    }
    return [...found.values()];
  };
  const columns: Layout['columns'] = {
    left: columnsOn(0, 'low'),
    right: columnsOn(0, 'high'),
    front: columnsOn(1, 'low'),
    back: columnsOn(1, 'high'),
    bottom: columnsOn(2, 'low'),
    top: columnsOn(2, 'high'),
  };
  // whatever has another beyond it stands next to it: rows have no holes
  const pairsToward = (face: Face): number => columns[face].reduce((sum, { beyond, places }) => sum + (beyond > 0 ? places : 0), 0);
  return { grid, count, cells, columns, pairs: [pairsToward('right'), pairsToward('back'), pairsToward('top')] };
}

/**
 * Outside of a block of bundles.
 *
 * @param wallIn board between neighbours, inches
 * @param pitchIn from one to the next, inches: less than a bundle's own side where one sits in the other
 */
export const blockSizeIn = ({ count, grid }: Pick<Layout, 'count' | 'grid'>, bundleIn: Triple, wallIn = 0, pitchIn = bundleIn): Triple =>
  count === 1
    ? bundleIn
    : [
        rowIn(bundleIn[0], pitchIn[0], grid[0]) + wallIn * (grid[0] - 1),
        rowIn(bundleIn[1], pitchIn[1], grid[1]) + wallIn * (grid[1] - 1),
        rowIn(bundleIn[2], pitchIn[2], grid[2]) + wallIn * (grid[2] - 1),
      ];

/** Length of a row, inches. */
const rowIn = (sideIn: number, pitchIn: number, many: number): number =>
  pitchIn === sideIn ? sideIn * many : sideIn + pitchIn * (many - 1);

/** Near lower corner of a cell's bundle within the block. */
export const cornerOf = ([x, y, z]: Triple, pitchIn: Triple, wallIn: number): Triple => [
  x * (pitchIn[0] + wallIn),
  y * (pitchIn[1] + wallIn),
  z * (pitchIn[2] + wallIn),
];

/** On which axis each sits in the one before it; null where none does. */
export const nestedAxis = (bundleIn: Triple, pitchIn: Triple): 0 | 1 | 2 | null =>
  pitchIn === bundleIn ? null : (([0, 1, 2] as const).find((axis) => pitchIn[axis] < bundleIn[axis]) ?? null);

/** Room that bundles take, cubic inches: of one that sits in another what stands out of that. */
export function takenIn3({ cells, count }: Pick<Layout, 'cells' | 'count'>, bundleIn: Triple, pitchIn: Triple): number {
  const [l, w, h] = bundleIn;
  const axis = nestedAxis(bundleIn, pitchIn);
  if (axis === null) return count * l * w * h;
  const outermost = cells.filter((cell) => cell[axis] === 0).length;
  const across = (l * w * h) / bundleIn[axis];
  return across * (outermost * bundleIn[axis] + (count - outermost) * pitchIn[axis]);
}

/** Room in a block that no bundle takes, cubic inches: cells that are left empty. */
export function emptyCellsIn3(layout: Layout, bundleIn: Triple, pitchIn: Triple = bundleIn): number {
  const { grid, count } = layout;
  const [l, w, h] = bundleIn;
  if (pitchIn === bundleIn) return (grid[0] * grid[1] * grid[2] - count) * l * w * h;
  const [length, width, height] = blockSizeIn(layout, bundleIn, 0, pitchIn);
  return Math.max(0, length * width * height - takenIn3(layout, bundleIn, pitchIn));
}

/** Blocks longer than so many times their shortest side are seldom worth a box. Common practice, no source. */
const SLENDER = 8;

/**
 * The grids that so many bundles of a size may stand in, the nearest to a cube first: none with a row, column or storey
 * that could be left out, none larger than another every way.
 *
 * @param most so many at most
 * @param pitchIn from one to the next
 */
export function gridsFor(count: number, bundleIn: Triple, most: number, pitchIn = bundleIn): Grid[] {
  if (count === 1) return [[1, 1, 1]];
  const all: { grid: Grid; outline: Triple; surface: number }[] = [];
  for (let nx = 1; nx <= count; nx++) {
    for (let ny = 1; nx * (ny - 1) < count; ny++) {
      const nz = Math.ceil(count / (nx * ny));
      if ((nx - 1) * ny * nz >= count || nx * (ny - 1) * nz >= count) continue;
      const [l, w, h] = [rowIn(bundleIn[0], pitchIn[0], nx), rowIn(bundleIn[1], pitchIn[1], ny), rowIn(bundleIn[2], pitchIn[2], nz)];
      all.push({ grid: [nx, ny, nz], outline: [Math.max(l, w), Math.min(l, w), h], surface: l * w + l * h + w * h });
    }
  }
  all.sort((a, b) => a.surface - b.surface || a.grid[2] - b.grid[2] || a.grid[1] - b.grid[1]);
  const least = all.filter(
    (one, i) =>
      !all.some(
        (other, j) =>
          i !== j &&
          other.outline.every((side, axis) => side <= one.outline[axis]! + 1e-9) &&
          (j < i || other.surface < one.surface - 1e-9),
      ),
  );
  const stout = least.filter(({ outline }) => Math.max(...outline) <= SLENDER * Math.min(...outline));
  return (stout.length > 0 ? stout : least).slice(0, most).map(({ grid }) => grid);
}

/** As many even stacks as a most allows, the fuller ones first; their sizes differ by at most one. */
export function evenStacks(count: number, most: number): number[] {
  const stacks = Math.ceil(count / most);
  const least = Math.floor(count / stacks);
  return Array.from({ length: stacks }, (_, i) => least + (i < count % stacks ? 1 : 0));
}
