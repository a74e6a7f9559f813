/**
 * Standard normal density.
 *
 * Source: Abramowitz & Stegun 26.2.1.
 */
export const normalDensity = (z: number): number => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI);

/**
 * Standard normal distribution Φ(z), relative error below 1e-13 in both tails.
 *
 * Formula: for |z| < 3 the series Φ(z) = ½ + φ(z)·Σ z^(2k+1)/(1·3·…·(2k+1)); beyond, the continued
 * fraction of the upper tail, φ(z)/(z + 1/(z + 2/(z + 3/(z + …)))).
 *
 * Source: Abramowitz & Stegun 26.2.11 and 26.2.14.
 *
 * @param z standard deviations
 * @returns probability that a standard normal is at most `z`
 */
export function normalCdf(z: number): number {
  if (z !== z) return NaN;
  if (z > 38.6) return 1;
  if (z < -38.6) return 0;
  if (Math.abs(z) < 3) {
    let term = z;
    let sum = z;
    for (let k = 1; Math.abs(term) > 1e-17 * Math.abs(sum); k++) {
      term *= (z * z) / (2 * k + 1);
      sum += term;
    }
    return 0.5 + normalDensity(z) * sum;
  }
  const x = Math.abs(z);
  let fraction = x;
  for (let k = 60; k >= 1; k--) fraction = x + k / fraction;
  const tail = normalDensity(x) / fraction;
  return z > 0 ? 1 - tail : tail;
}

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
