/** Nodes (in standard deviations) and weights (summing to 1) of a rule for a standard normal. */
export interface NormalRule {
  readonly nodes: readonly number[];
  readonly weights: readonly number[];
}

/**
 * Gauss–Hermite rule for the expectation over a standard normal: E f(Z) ≈ Σ wᵢ·f(zᵢ).
 *
 * Newton's method on the orthonormal Hermite recurrence, so that nothing overflows; zᵢ = √2·xᵢ and
 * wᵢ is divided by √π. Exact for polynomials up to degree 2n − 1.
 *
 * Source: Abramowitz & Stegun 25.4.46 (the rule) and 25.10 (its table).
 *
 * @param count number of nodes, 1 to 128
 * @throws RangeError for another count
 */
export function gaussHermite(count: number): NormalRule {
  if (!Number.isInteger(count) || count < 1 || count > 128) throw new RangeError(`count must be 1 to 128, not ${count}`);
  const nodes: number[] = new Array<number>(count);
  const weights: number[] = new Array<number>(count);
  const half = Math.floor((count + 1) / 2);
  let x = 0;
  for (let i = 0; i < half; i++) {
    x = firstGuess(i, count, x, nodes);
    let slope = 0;
    for (let pass = 0; pass < 100; pass++) {
      const { value, before } = hermite(count, x);
      slope = Math.sqrt(2 * count) * before;
      const step = value / slope;
      x -= step;
      if (Math.abs(step) < 1e-15 * Math.max(1, Math.abs(x))) break;
    }
    slope = Math.sqrt(2 * count) * hermite(count, x).before;
    const weight = 2 / (slope * slope) / Math.sqrt(Math.PI);
    nodes[i] = x;
    nodes[count - 1 - i] = -x;
    weights[i] = weight;
    weights[count - 1 - i] = weight;
  }
  if (count % 2 === 1) nodes[half - 1] = 0;
  return { nodes: nodes.map((node) => node * Math.SQRT2), weights };
}

/** Orthonormal Hermite polynomial of degree `count` at x, and the one of the degree before. */
function hermite(count: number, x: number): { value: number; before: number } {
  let before = 0;
  let value = Math.PI ** -0.25;
  for (let j = 0; j < count; j++) {
    const next = x * Math.sqrt(2 / (j + 1)) * value - Math.sqrt(j / (j + 1)) * before;
    before = value;
    value = next;
  }
  return { value, before };
}

/** Starting points from the largest root inward, after the usual asymptotics. */
function firstGuess(i: number, count: number, last: number, nodes: readonly number[]): number {
  if (i === 0) return Math.sqrt(2 * count + 1) - 1.85575 * (2 * count + 1) ** (-1 / 6);
  if (i === 1) return last - (1.14 * count ** 0.426) / last;
  if (i === 2) return 1.86 * last - 0.86 * nodes[0]!;
  if (i === 3) return 1.91 * last - 0.91 * nodes[1]!;
  return 2 * last - nodes[i - 2]!;
}
