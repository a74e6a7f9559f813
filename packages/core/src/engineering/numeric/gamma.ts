/** Lanczos coefficients, g = 7 (from memory; checked against factorials and a statistics library). */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
  -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
];

/**
 * Natural logarithm of the gamma function.
 *
 * Source: Lanczos 1964; Abramowitz & Stegun 6.1.
 *
 * @param x above 0
 */
export function logGamma(x: number): number {
  if (!(x > 0)) throw new RangeError(`x must be above 0, not ${x}`);
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x);
  const z = x - 1;
  const t = z + 7.5;
  const sum = LANCZOS.reduce((total, coefficient, i) => (i === 0 ? coefficient : total + coefficient / (z + i)), 0);
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

/**
 * Regularised lower incomplete gamma function P(a, x): the chance that a Gamma(a, 1) is at most x.
 *
 * Source: Abramowitz & Stegun 6.5.29 (series) and 6.5.31 (continued fraction).
 *
 * @param a shape, above 0
 * @param x at least 0
 */
export function gammaCdf(x: number, a: number): number {
  if (!(x > 0)) return 0;
  const lead = Math.exp(a * Math.log(x) - x - logGamma(a));
  if (x < a + 1) {
    let term = 1 / a;
    let sum = term;
    for (let n = 1; term > sum * 1e-17; n++) sum += term *= x / (a + n);
    return lead * sum;
  }
  // Lentz’s method on the continued fraction of the upper tail
  let b = x + 1 - a;
  let c = 1e300;
  let d = 1 / b;
  let fraction = d;
  for (let n = 1; n < 500; n++) {
    const an = -n * (n - a);
    b += 2;
    d = 1 / (an * d + b);
    c = b + an / c;
    const step = d * c;
    fraction *= step;
    if (Math.abs(step - 1) < 1e-16) break;
  }
  return 1 - lead * fraction;
}

/**
 * Quantile of a Gamma(shape, 1), by bisection on the logarithm: slow, and never astray.
 *
 * @param probability strictly between 0 and 1
 * @throws RangeError otherwise
 */
export function gammaQuantile(probability: number, shape: number): number {
  if (!(probability > 0 && probability < 1)) throw new RangeError(`probability must be between 0 and 1, not ${probability}`);
  let low = -60;
  let high = Math.log(shape + 40 * Math.sqrt(shape) + 60);
  for (let i = 0; i < 200 && high - low > 1e-15; i++) {
    const middle = (low + high) / 2;
    if (gammaCdf(Math.exp(middle), shape) < probability) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}
