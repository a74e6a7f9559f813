import type { Triple } from '../geometry/wrapLayer.ts';

/** How wide the foot of what goes into its like is, as a share of its rim; judgement. */
const FOOT_SHARE = 0.45;

/**
 * How far a wall leans out from foot to rim: the sine of its angle from upright, 1 for a flat plate and small for a tall cup. What lies
 * between two such walls, t thick, raises the inner one by t over this.
 */
export function leanOf([length, width, height]: Triple): number {
  const outIn = ((1 - FOOT_SHARE) / 2) * Math.min(length, width);
  return outIn / Math.hypot(outIn, height);
}
