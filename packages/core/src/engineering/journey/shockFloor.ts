import { normalCdf } from '../numeric/normal.ts';
import { breaksWithin, DROP_SPREAD } from './dropHeights.ts';

/** The fragility's distribution cut into slices: where each ends, weaker pieces first, and how much lies in it. */
export interface Slices {
  /** Strong ends, in standard deviations. */
  readonly ends: readonly number[];
  readonly masses: readonly number[];
}

const slices = (ends: readonly number[]): Slices => ({
  ends,
  masses: ends.map((z, i) => normalCdf(z) - (i === 0 ? 0 : normalCdf(ends[i - 1]!))),
});

const evenly = (count: number, stepZ: number): Slices => slices(Array.from({ length: count }, (_, i) => -4 + stepZ * i));

/** A few slices for a first sift, many for a fine one, and very many for what is left of that. */
export const COARSE_SLICES = slices([-3.4, -2.9, -2.5, -2.1, -1.8, -1.5, -1.2, -0.8]);
export const FINE_SLICES = evenly(34, 0.141);
export const FINEST_SLICES = evenly(136, 0.03525);

const weakest = new Map<Slices, Map<number, Slices>>();

/** The same slices with the masses of the weakest of so many. */
export function slicesOfWeakest(of: Slices, pieces: number): Slices {
  if (pieces === 1) return of;
  const known = weakest.get(of) ?? new Map<number, Slices>();
  weakest.set(of, known);
  const below = (z: number) => breaksWithin(pieces, normalCdf(z));
  const found = known.get(pieces) ?? {
    ends: of.ends,
    masses: of.ends.map((z, i) => below(z) - (i === 0 ? 0 : below(of.ends[i - 1]!))),
  };
  known.set(pieces, found);
  return found;
}

/** Peak accelerations at the strong ends of the slices. */
export function sliceGs({ ends }: Slices, criticalG: number, spread: number): Float64Array {
  const gs = new Float64Array(ends.length);
  for (let slice = 0; slice < gs.length; slice++) gs[slice] = criticalG * Math.exp(spread * ends[slice]!);
  return gs;
}

const CELLS_PER_DEVIATION = 128;
const REACH = 8;
/** Φ at the lower ends of narrow cells: a floor. */
const CDF_FLOOR = Float64Array.from({ length: 2 * REACH * CELLS_PER_DEVIATION + 1 }, (_, i) => normalCdf(i / CELLS_PER_DEVIATION - REACH));
const LAST_CELL = CDF_FLOOR.length - 1;

/** Logarithms are kept as numbers of cells, so that where one lies in the table is a difference. */
const CELLS_PER_LOG = CELLS_PER_DEVIATION / DROP_SPREAD;
/** The cell of a drop as high as the median, where nothing is withstood above one inch. */
const cellOfMedian = (logMedian: number): number => logMedian * CELLS_PER_LOG + REACH * CELLS_PER_DEVIATION;

/** Heights as `addStruckFloors` takes them, in place, so many from one on; −∞ for a face that withstands nothing. */
export function takeLogs(heights: Float64Array, at = 0, count = heights.length): Float64Array {
  for (let i = at; i < at + count; i++) heights[i] = Math.log(heights[i]!) * CELLS_PER_LOG;
  return heights;
}

/**
 * Adds, slice by slice, the chance that one drop lands on a face from higher than it withstands: never above
 * the true one, and hardly below it: one table look-up.
 *
 * @param logHeights of the drop heights withstood, inches, as `takeLogs` has them, one for each slice from `at` on; none below the true one
 * @param faceChance chance of the face
 * @param logMedian logarithm of the median drop height, inches
 */
export function addStruckFloors(
  logHeights: ArrayLike<number>,
  at: number,
  faceChance: number,
  logMedian: number,
  into: Float64Array,
): void {
  const median = cellOfMedian(logMedian);
  for (let slice = 0; slice < into.length; slice++) {
    const cell = median - logHeights[at + slice]!;
    if (cell >= 0) into[slice]! += faceChance * CDF_FLOOR[cell < LAST_CELL ? cell | 0 : LAST_CELL]!;
  }
}

/** What the product of a few numbers near 1 may be off by: taken off, so that the floor stays one. */
const ROUNDING = 4e-15;

/**
 * A chance that shock breakage certainly reaches: since a stronger piece never breaks more, the integral
 * is at least its lower sum over slices.
 *
 * @param struck chance, slice by slice, that one drop breaks the piece: the sum of `addStruckFloors` over the faces
 */
export function shockFloor({ masses }: Slices, struck: ArrayLike<number>, drops: number): number {
  let floor = 0;
  for (let slice = 0; slice < masses.length; slice++) {
    const chance = struck[slice]!;
    if (!(chance > 0)) break; // a stronger piece is never struck more
    let spared = 1;
    const whole = chance < 1 ? 1 - chance : 0;
    for (let drop = 0; drop < drops; drop++) spared *= whole;
    floor += masses[slice]! * Math.max(0, 1 - spared - ROUNDING);
  }
  return floor;
}
