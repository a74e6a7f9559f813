import { energyDensityOf, type CushionLayer } from './cushionCurve.ts';

/**
 * The drop height a stack withstands at one peak acceleration after the other: `dropHeightAtG` for many. Heights of layers in
 * series add, so what is withstood without the stack is added first.
 *
 * @returns given a peak acceleration, multiples of gravity, and what is withstood without the stack, the height in inches
 */
export function withstoodHeight(layers: readonly CushionLayer[], weightLb: number): (peakG: number, ownIn: number) => number {
  const thick = layers
    .filter(({ thicknessIn }) => thicknessIn > 0)
    .map(({ areaIn2, thicknessIn, curve }) => ({
      areaIn2,
      volume: (areaIn2 * thicknessIn) / weightLb,
      energyDensityPsi: energyDensityOf(curve),
    }));
  return (peakG, ownIn) => {
    const forceLbf = peakG * weightLb;
    let heightIn = ownIn;
    for (const { areaIn2, volume, energyDensityPsi } of thick) heightIn += volume * energyDensityPsi(forceLbf / areaIn2);
    return heightIn;
  };
}
