/**
 * Price of one after a delivery, by moving average: what was there at its price and what came at what was paid, over all of it.
 * What is below nothing counts as none. A delivery taken back is one of a negative amount, with its payment negative.
 *
 * Source: moving weighted average cost, ordinary bookkeeping; no one source.
 *
 * @param onHand before the delivery
 * @param eachMinor before the delivery, minor units
 * @param amount that came, in the same units as what is on hand
 * @param paidMinor for all of it
 */
export function averagePrice(onHand: number, eachMinor: number, amount: number, paidMinor: number): number {
  const before = Math.max(0, onHand);
  const after = before + amount;
  return after > 0 ? Math.max(0, (before * eachMinor + paidMinor) / after) : eachMinor;
}
