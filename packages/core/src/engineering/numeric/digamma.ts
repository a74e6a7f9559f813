/** The series below is good to machine precision from here on. */
const FROM = 10;

/** Sums a function over x, x + 1, … up to where the asymptotic series holds, and tells where that is. */
function climb(x: number, of: (at: number) => number): { sum: number; at: number } {
  let sum = 0;
  let at = x;
  for (; at < FROM; at++) sum += of(at);
  return { sum, at };
}

/**
 * ψ(x), the derivative of ln Γ: the mean of the logarithm of a Gamma(x, 1).
 *
 * Source: recurrence and asymptotic series, Abramowitz & Stegun 6.3.5 and 6.3.18.
 *
 * @param x above 0
 */
export function digamma(x: number): number {
  const { sum, at } = climb(x, (one) => -1 / one);
  const r = 1 / (at * at);
  return sum + Math.log(at) - 0.5 / at - r * (1 / 12 - r * (1 / 120 - r * (1 / 252 - r * (1 / 240 - r / 132))));
}

/**
 * ψ′(x): the variance of the logarithm of a Gamma(x, 1).
 *
 * Source: recurrence and asymptotic series, Abramowitz & Stegun 6.4.6 and 6.4.12.
 *
 * @param x above 0
 */
export function trigamma(x: number): number {
  const { sum, at } = climb(x, (one) => 1 / (one * one));
  const r = 1 / (at * at);
  return sum + 1 / at + r / 2 + (r / at) * (1 / 6 - r * (1 / 30 - r * (1 / 42 - r * (1 / 30 - (r * 5) / 66))));
}
