import type { NormalRule } from './gaussHermite.ts';
import { normalDensity } from './normal.ts';

const REACH = 9;

/**
 * Trapezoid rule for the expectation over a standard normal, on ±9 deviations.
 *
 * Not the default: it serves integrands too steep for `gaussHermite`; for smooth ones it converges
 * faster than any power of the step.
 *
 * @param step spacing of the nodes in standard deviations, above 0.0005
 * @throws RangeError when the step is too small
 */
export function normalTrapezoid(step: number): NormalRule {
  if (!(step > 0.0005)) throw new RangeError(`step must be above 0.0005, not ${step}`);
  const half = Math.ceil(REACH / step);
  const nodes = Array.from({ length: 2 * half + 1 }, (_, i) => ((i - half) * REACH) / half);
  const weights = nodes.map((z) => (normalDensity(z) * REACH) / half);
  return { nodes, weights };
}
