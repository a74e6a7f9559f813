import { digamma, trigamma } from './digamma.ts';

const EULER = 0.5772156649015329;

// exact: ψ(1) = −γ, ψ(1/2) = −γ − 2 ln 2, ψ(3) = 3/2 − γ; ψ′(1) = π²/6, ψ′(1/2) = π²/2, ψ′(3) = π²/6 − 5/4
// (Abramowitz & Stegun 6.3.2, 6.3.3, 6.4.2, 6.4.4)
test.each([
  [1, -EULER, Math.PI ** 2 / 6],
  [0.5, -EULER - 2 * Math.LN2, Math.PI ** 2 / 2],
  [3, 1.5 - EULER, Math.PI ** 2 / 6 - 1.25],
])('at %s', (x, first, second) => {
  expect(digamma(x)).toBeCloseTo(first, 12);
  expect(trigamma(x)).toBeCloseTo(second, 12);
});

test('recurrence holds from small to large', () => {
  for (let x = 0.1; x < 60; x *= 1.4) {
    expect(digamma(x + 1) - digamma(x)).toBeCloseTo(1 / x, 10);
    expect(trigamma(x) - trigamma(x + 1)).toBeCloseTo(1 / (x * x), 10);
  }
});

// the range of a chance before anything was learned: shape 3
test('κ at first: −0.176 and 0.395', () => {
  expect(digamma(3) - Math.log(3)).toBeCloseTo(-0.176, 3);
  expect(trigamma(3)).toBeCloseTo(0.395, 3);
});
