import type { CushionLayer } from '../cushion/cushionCurve.ts';
import { dropHeightAtG } from '../cushion/dropHeight.ts';
import { normalCdf } from '../numeric/normal.ts';

/** What of a piece decides how it takes a drop. */
export interface PieceStrength {
  readonly weightLb: number;
  /** Median critical acceleration, g. */
  readonly criticalG: number;
  /** Spread of its lognormal. */
  readonly spread: number;
  /** Bare drop that the median body stands by itself, inches. */
  readonly ownHeightIn: number;
}

/** How far the search for the strength that just stands goes, as logarithms. */
const REACH = 40;

/**
 * Chance that one drop from a height breaks the piece: that its strength is less than what just stands it.
 *
 * Formula: `Φ(ln m / σ)`, with m the factor at which `h₀·m + h(Gc·m)` is the height; by bisection, since the
 * height rises with m.
 *
 * @param heightIn above 0
 */
export function breaksAtDrop(
  { weightLb, criticalG, spread, ownHeightIn }: PieceStrength,
  layers: readonly CushionLayer[],
  heightIn: number,
): number {
  const stands = (log: number) => ownHeightIn * Math.exp(log) + dropHeightAtG(layers, weightLb, criticalG * Math.exp(log));
  if (spread === 0) return stands(0) < heightIn ? 1 : 0;
  let [low, high] = [-REACH, REACH];
  for (let pass = 0; pass < 100; pass++) {
    const middle = (low + high) / 2;
    if (stands(middle) < heightIn) low = middle;
    else high = middle;
  }
  return normalCdf((low + high) / 2 / spread);
}
