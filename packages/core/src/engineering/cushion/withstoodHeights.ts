import { energyDensityOf, type CushionLayer } from './cushionCurve.ts';

/**
 * The drop heights a stack withstands at each of several peak accelerations: `dropHeightAtG` for a whole
 * list at once. Heights of layers in series add, so stacks can be worked out in parts.
 *
 * @param peakGs multiples of gravity
 * @param into heights in inches are added to what stands here from `at` on
 */
export function addWithstoodHeights(
  layers: readonly CushionLayer[],
  weightLb: number,
  peakGs: ArrayLike<number>,
  into: Float64Array,
  at = 0,
): void {
  for (const { areaIn2, thicknessIn, curve } of layers) {
    if (!(thicknessIn > 0)) continue;
    const volume = (areaIn2 * thicknessIn) / weightLb;
    const energyDensityPsi = energyDensityOf(curve);
    for (let i = 0; i < peakGs.length; i++) into[at + i]! += volume * energyDensityPsi((peakGs[i]! * weightLb) / areaIn2);
  }
}
