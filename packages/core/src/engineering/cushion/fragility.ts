/** Size at which the archetypes' critical accelerations are stated, inches. */
export const REFERENCE_SIDE_IN = 6;

/** Spread of the lognormal fragility of one kind of piece; judgement. */
export const FRAGILITY_SPREAD = 0.3;

/**
 * Critical acceleration of a body of the size given: brittle strength falls with size.
 *
 * Formula: `Gc = Gref·(6 / longest side)^0.5`; judgement.
 *
 * @param referenceG median critical acceleration at 6 in
 * @param longestSideIn above 0
 */
export const criticalGForSize = (referenceG: number, longestSideIn: number): number =>
  referenceG * Math.sqrt(REFERENCE_SIDE_IN / longestSideIn);

/**
 * What a heavy inner box costs: equal force forgets the masses on the way, so the fragility is divided.
 *
 * Formula: with μ = (inner box + its fill) / piece, `1 + 1.5·μ/(1+μ)`; a mid-range fit to a two-mass
 * simulation, judgement. Above μ = 0.5 the answer deserves a warning.
 */
export const innerMassDivisor = (massRatio: number): number => 1 + (1.5 * massRatio) / (1 + massRatio);
