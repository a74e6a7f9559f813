import { erfc } from './erfc.ts';

/**
 * Standard normal density.
 *
 * Source: Abramowitz & Stegun 26.2.1.
 */
export const normalDensity = (z: number): number => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI);

/**
 * Standard normal distribution Φ(z), relative error below 1e-12 in both tails.
 *
 * Formula: ½·erfc(−z/√2).
 *
 * Source: Abramowitz & Stegun 26.2.29.
 *
 * @param z standard deviations
 * @returns probability that a standard normal is at most `z`
 */
export const normalCdf = (z: number): number => 0.5 * erfc(-z * Math.SQRT1_2);

/**
 * Quantile of the standard normal by Newton steps on `normalCdf` from a logistic start.
 *
 * @param probability strictly between 0 and 1
 * @throws RangeError otherwise
 */
export function normalQuantile(probability: number): number {
  if (!(probability > 0 && probability < 1)) throw new RangeError(`probability must be between 0 and 1, not ${probability}`);
  let z = 0.55 * Math.log(probability / (1 - probability));
  for (let i = 0; i < 60; i++) {
    const step = (normalCdf(z) - probability) / normalDensity(z);
    z -= Math.max(-0.5, Math.min(0.5, step));
    if (Math.abs(step) < 1e-13) break;
  }
  return z;
}
