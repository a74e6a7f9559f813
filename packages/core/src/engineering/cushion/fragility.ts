/** Size at which the kinds' critical accelerations are stated, inches. */
export const REFERENCE_SIDE_IN = 6;

/** Spread of the lognormal fragility within one kind of piece; judgement. */
export const FRAGILITY_SPREAD = 0.3;

/**
 * Critical acceleration of a body of the size given: brittle strength falls with size.
 *
 * Formula: `Gc = Gref·(6 / longest side)^e`; judgement.
 *
 * @param referenceG median critical acceleration at 6 in
 * @param longestSideIn above 0
 * @param exponent e of the kind: 0.5 for what shatters, 0 for what bends or goes out of true
 */
export const criticalGForSize = (referenceG: number, longestSideIn: number, exponent: number): number =>
  referenceG * (REFERENCE_SIDE_IN / longestSideIn) ** exponent;

/** The inner box's mass counts so much, and never beyond so much. */
const MASS = { share: 0.4, most: 0.2 };

/**
 * What a heavy inner box costs: equal force forgets the masses on the way, so strength and own height are divided.
 *
 * Formula: with μ = (inner box + its fill) / piece and x = min(0.4·μ, 0.2), `1 + 0.8·x³/(x³ + 0.125)`, at most
 * 1.05. A three-body integration with a bending, damped panel gives 1.02 to 1.15 at μ = 0.3 and 1.07 to 1.30 at
 * 0.5; the cap keeps a box in a box from being punished where practice trusts it most; judgement. Above μ = 0.5
 * the plan says that the inner box is heavy for what is in it.
 */
export function innerMassDivisor(massRatio: number): number {
  const cube = Math.min(MASS.share * massRatio, MASS.most) ** 3;
  return 1 + (0.8 * cube) / (cube + 0.125);
}
