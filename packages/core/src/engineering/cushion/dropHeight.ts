import { energyDensityPsi, type CushionLayer } from './cushionCurve.ts';

/**
 * The drop a stack of layers withstands when the piece may see `peakG`: equal force through layers in
 * series, each absorbing its share of the energy.
 *
 * Formula: `h = (1/W)·Σ Aᵢ·tᵢ·εᵢ(G·W/Aᵢ)`. Gravity's work during the compression is left out, as in
 * published curves.
 *
 * Source: series form of the stress–energy method, ours; agrees with direct integration of a mass on the
 * implied springs.
 *
 * @param layers outward from the piece; a layer of no thickness absorbs nothing
 * @param weightLb weight of the falling piece
 * @param peakG peak acceleration, multiples of gravity
 * @returns drop height in inches
 */
export function dropHeightAtG(layers: readonly CushionLayer[], weightLb: number, peakG: number): number {
  const forceLbf = peakG * weightLb;
  let energyInLbf = 0;
  for (const layer of layers) {
    if (layer.thicknessIn > 0) {
      energyInLbf += layer.areaIn2 * layer.thicknessIn * energyDensityPsi(layer.curve, forceLbf / layer.areaIn2);
    }
  }
  return energyInLbf / weightLb;
}

/** Each layer's part of the energy at a peak acceleration; the parts sum to 1, in the order given. */
export function energyShares(layers: readonly CushionLayer[], weightLb: number, peakG: number): number[] {
  const parts = layers.map((layer) => dropHeightAtG([layer], weightLb, peakG));
  const whole = parts.reduce((sum, part) => sum + part, 0);
  return parts.map((part) => (whole > 0 ? part / whole : 0));
}
