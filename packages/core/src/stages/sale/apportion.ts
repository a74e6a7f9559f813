import type { Minor } from '../../units/index.ts';

/**
 * Shares out an amount by weights, to the cent: each gets what is due to it rounded down, and the cents that are left go to
 * those that were rounded down most, the first of equals first.
 *
 * @param weights none negative; evenly where all are 0
 * @returns as many amounts as weights, summing to the amount
 */
export function apportion(amountMinor: Minor, weights: readonly number[]): Minor[] {
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const exact = weights.map((weight) => (all > 0 ? (amountMinor * weight) / all : amountMinor / weights.length));
  const shares = exact.map(Math.floor);
  const left = amountMinor - shares.reduce((sum, share) => sum + share, 0);
  const byRemainder = exact.map((due, at) => ({ at, over: due - shares[at]! })).sort((a, b) => b.over - a.over || a.at - b.at);
  for (const { at } of byRemainder.slice(0, left)) shares[at]!++;
  return shares;
}
