import { BOTTOMING_EXPONENT, energyDensityPsi, type CushionLayer } from './cushionCurve.ts';
import { dropHeightAtG } from './dropHeight.ts';

/** Answer of `peakG`; `bottomed` when a layer is pressed beyond any published fit. */
export interface PeakG {
  peakG: number;
  bottomed: boolean;
}

const LARGEST_LOG = 709;

/**
 * Peak acceleration of a piece dropped on a stack of layers: the inverse of `dropHeightAtG`.
 *
 * Solved for ln G by a bracketed Newton iteration, since height grows with a power of G at first and
 * only with its logarithm once the layers bottom.
 *
 * @param layers outward from the piece, at least one with thickness
 * @param weightLb weight of the falling piece
 * @param dropHeightIn above 0
 * @returns peak acceleration in g, at most 8e307
 * @throws RangeError when nothing is there to absorb the fall
 */
export function peakG(layers: readonly CushionLayer[], weightLb: number, dropHeightIn: number): PeakG {
  if (!layers.some((layer) => layer.thicknessIn > 0)) throw new RangeError('layers must hold at least one with thickness');
  const missing = (logG: number) => dropHeightAtG(layers, weightLb, Math.exp(logG)) - dropHeightIn;
  let low = Math.log(50);
  let high = low;
  let step = 1;
  while (missing(low) > 0 && low > -LARGEST_LOG) low -= step *= 2;
  step = 1;
  while (missing(high) < 0 && high < LARGEST_LOG) high = Math.min(LARGEST_LOG, high + (step *= 2));
  if (missing(high) < 0) return { peakG: Math.exp(LARGEST_LOG), bottomed: true };
  let logG = (low + high) / 2;
  for (let pass = 0; pass < 200; pass++) {
    const error = missing(logG);
    if (error > 0) high = logG;
    else low = logG;
    const slope = (missing(logG + 1e-6) - error) / 1e-6;
    const newton = logG - error / slope;
    const next = newton > low && newton < high ? newton : (low + high) / 2;
    if (Math.abs(next - logG) < 1e-15 * Math.max(1, Math.abs(logG)) || high - low < 1e-15) break;
    logG = next;
  }
  const answer = Math.exp(logG);
  return { peakG: answer, bottomed: isBottomed(layers, weightLb, answer) };
}

/** True when a layer would absorb more than `b·ε = 3` at this peak acceleration. */
export function isBottomed(layers: readonly CushionLayer[], weightLb: number, g: number): boolean {
  return layers.some(
    (layer) => layer.thicknessIn > 0 && layer.curve.b * energyDensityPsi(layer.curve, (g * weightLb) / layer.areaIn2) > BOTTOMING_EXPONENT,
  );
}
