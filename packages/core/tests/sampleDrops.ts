import { gAtLoad, type CushionCurve, type DropTest } from '../src/index.ts';

/** Drops of five pounds on six inches square of a cushion that lies two inches thick, as its curve has them land: exact. */
export const dropsOn = (curve: CushionCurve, heightsIn: readonly number[] = [18, 24, 30, 36, 48], weightLb = 5): DropTest[] =>
  heightsIn.map((heightIn) => ({
    weightLb,
    areaIn2: 36,
    thicknessIn: 2,
    heightIn,
    peakG: gAtLoad(curve, weightLb / 36, heightIn, 2),
  }));
