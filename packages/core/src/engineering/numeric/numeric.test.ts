import { cumulativeStdNormalProbability } from 'simple-statistics';
import { gaussHermite } from './gaussHermite.ts';
import { normalCdf, normalQuantile } from './normal.ts';
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

  test('both methods meet where they change', () => expect(normalCdf(-3 + 1e-12) / normalCdf(-3 - 1e-12)).toBeCloseTo(1, 9));

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
