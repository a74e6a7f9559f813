import { cumulativeStdNormalProbability, gammaln } from 'simple-statistics';
import { gaussHermite } from './gaussHermite.ts';
import { erfc } from './erfc.ts';
import { gammaCdf, gammaQuantile, logGamma } from './gamma.ts';
import { normalCdf, normalDensity, normalQuantile } from './normal.ts';
import { robustMean } from './robustMean.ts';
import { normalTrapezoid } from './normalTrapezoid.ts';
import { seededRandom } from './seededRandom.ts';

describe('normal', () => {
  // Abramowitz & Stegun, table 26.1 (15 digits; values from memory)
  test.each([
    [0, 0.5],
    [1, 0.841344746068543],
    [2, 0.977249868051821],
    [3, 0.99865010196837],
    [-1.96, 0.0249978951482204],
    [-5, 2.866515718791939e-7],
    [-8, 6.220960574271786e-16],
  ])('Φ(%p)', (z, value) => expect(normalCdf(z) / value).toBeCloseTo(1, 12));

  test('agrees with a statistics library to its four digits', () => {
    for (let z = -3; z <= 3; z += 0.1) expect(normalCdf(z)).toBeCloseTo(cumulativeStdNormalProbability(z), 3);
  });

  // Abramowitz & Stegun 26.2.14: the continued fraction of the upper tail
  test.each([-37, -30, -20, -12, -6, -4])('the far tail Φ(%p) by its continued fraction', (z) => {
    let fraction = -z;
    for (let k = 400; k >= 1; k--) fraction = -z + k / fraction;
    expect(normalCdf(z) / (normalDensity(z) / fraction)).toBeCloseTo(1, 11);
  });

  // Abramowitz & Stegun 26.2.11: the series about 0
  test.each([-2.9, -2, -0.7, -0.1, 0.3, 1.5, 2.9])('Φ(%p) by its series', (z) => {
    let term = z;
    let sum = z;
    for (let k = 1; k < 200; k++) sum += term *= (z * z) / (2 * k + 1);
    expect(normalCdf(z) / (0.5 + normalDensity(z) * sum)).toBeCloseTo(1, 11);
  });

  test('what is no number stays none; the ends are the ends', () => {
    expect(normalCdf(NaN)).toBeNaN();
    expect([erfc(40), erfc(-40), erfc(Infinity)]).toEqual([0, 2, 0]);
  });

  test('the quantile undoes it', () => {
    for (const p of [1e-9, 0.001, 0.05, 0.5, 0.95, 0.999999]) expect(normalCdf(normalQuantile(p)) / p).toBeCloseTo(1, 9);
    expect(normalQuantile(0.95)).toBeCloseTo(1.6448536269514722, 12); // A&S table 26.5, from memory
    expect(() => normalQuantile(1)).toThrow(RangeError);
  });
});

describe('Gauss–Hermite', () => {
  // Abramowitz & Stegun table 25.10, n = 5 (values from memory)
  test('nodes and weights of the printed table', () => {
    const { nodes, weights } = gaussHermite(5);
    const x = nodes.map((node) => Math.abs(node) / Math.SQRT2).sort((a, b) => a - b);
    expect(x[1]).toBeCloseTo(0.9585724646138185, 13);
    expect(x[4]).toBeCloseTo(2.0201828704560856, 13);
    const w = weights.map((weight) => weight * Math.sqrt(Math.PI)).sort((a, b) => b - a);
    expect(w[0]).toBeCloseTo(0.9453087204829419, 13);
    expect(w[1]).toBeCloseTo(0.3936193231522412, 13);
    expect(w[4]).toBeCloseTo(0.01995324205904591, 13);
  });

  // moments of a standard normal: E z^2k = (2k − 1)!! (exact)
  test.each([5, 32, 64, 128])('%p nodes give the moments', (count) => {
    const { nodes, weights } = gaussHermite(count);
    const moment = (power: number) => nodes.reduce((sum, node, i) => sum + weights[i]! * node ** power, 0);
    expect([0, 2, 4, 6, 8].map(moment)).toEqual([1, 1, 3, 15, 105].map((value) => expect.closeTo(value, 9) as number));
    expect(moment(3)).toBeCloseTo(0, 10);
  });

  test('the trapezoid rule agrees', () => {
    const f = (z: number) => 1 / (1 + Math.exp(2 * z + 3));
    const mean = (rule: { nodes: readonly number[]; weights: readonly number[] }) =>
      rule.nodes.reduce((sum, node, i) => sum + rule.weights[i]! * f(node), 0);
    expect(mean(gaussHermite(64)) / mean(normalTrapezoid(0.05))).toBeCloseTo(1, 6);
  });
});

test('a seed gives the same chance again, with mean 0 and spread 1', () => {
  const draw = (seed: number) => {
    const random = seededRandom(seed);
    return Array.from({ length: 20_000 }, () => random.normal());
  };
  expect(draw(7).slice(0, 5)).toEqual(draw(7).slice(0, 5));
  const values = draw(11);
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  const spread = Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
  expect(Math.abs(mean)).toBeLessThan(4 / Math.sqrt(values.length));
  expect(Math.abs(spread - 1)).toBeLessThan(0.03);
});

describe('gamma', () => {
  test('log gamma: factorials, a half, and a statistics library', () => {
    let factorial = 1;
    for (let n = 1; n < 20; n++) expect(logGamma(n + 1)).toBeCloseTo(Math.log((factorial *= n)), 11);
    expect(logGamma(0.5)).toBeCloseTo(Math.log(Math.sqrt(Math.PI)), 12);
    for (const x of [0.1, 0.7, 3.3, 12.5, 80]) expect(logGamma(x)).toBeCloseTo(gammaln(x), 6);
    expect(() => logGamma(0)).toThrow(RangeError);
  });

  // exact for whole shapes: 1 − e^(−x)·Σ x^k/k!
  test.each([1, 3, 7])('the distribution of shape %d by its Poisson sum', (shape) => {
    for (const x of [0.05, 0.5, 2, 5, 9, 20]) {
      let term = 1;
      let sum = 1;
      for (let k = 1; k < shape; k++) sum += term *= x / k;
      expect(gammaCdf(x, shape)).toBeCloseTo(1 - Math.exp(-x) * sum, 12);
    }
  });

  // χ² with 6 degrees of freedom, Abramowitz & Stegun table 26.8 (values from memory)
  test('quantiles: half of the printed χ²', () => {
    expect(2 * gammaQuantile(0.05, 3)).toBeCloseTo(1.635, 3);
    expect(2 * gammaQuantile(0.95, 3)).toBeCloseTo(12.592, 3);
    for (const p of [0.001, 0.3, 0.999]) expect(gammaCdf(gammaQuantile(p, 4.7), 4.7)).toBeCloseTo(p, 10);
    expect(() => gammaQuantile(0, 3)).toThrow(RangeError);
  });
});

test('a trimmed mean leaves a tenth out at each end', () => {
  expect(robustMean([])).toBeNull();
  expect(robustMean([3])).toBe(3);
  expect(robustMean([1, 2, 3, 4, 5, 6, 7, 8, 9, 1000])).toBe(5.5);
});
