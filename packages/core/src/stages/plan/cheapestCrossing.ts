import type { NextChange } from './nextBestChanges.ts';

/**
 * Of single changes to a plan, the cheapest that takes the parcel over an edge of its price downward:
 * the one that saves most in all, postage and everything else, of those that are better as the house weighs it, or thriftier; what
 * breaks more often than the ceiling allows is no saving.
 *
 * @returns null when none lowers the postage and saves in all
 */
export function cheapestCrossing(changes: readonly NextChange[]): NextChange | null {
  return changes
    .filter(
      (one) =>
        one.deltaPostageMinor < 0 &&
        one.deltaCostMinor < 0 &&
        (one.better || one.thriftier) &&
        !one.blocks &&
        one.change.kind !== 'service',
    )
    .reduce<NextChange | null>((best, one) => (!best || one.deltaCostMinor < best.deltaCostMinor ? one : best), null);
}
