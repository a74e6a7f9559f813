import { impliedStrain, joinStressPsi, stressAtEnergyPsi, type CushionCurve } from '../cushion/cushionCurve.ts';
import { curvePoint, fitCurve, type CurvePoint, type FitOrWhy } from './fitCurve.ts';

export { curvePoint, fitCurve };

/** One drop of a mass on a cushion, as the shop measured it. */
export interface DropTest {
  /** What was dropped, lb, and the face it landed with, square inches. */
  readonly weightLb: number;
  readonly areaIn2: number;
  /** The cushion beneath it, and the height it fell from, inches. */
  readonly thicknessIn: number;
  readonly heightIn: number;
  /** Highest acceleration of the mass, multiples of gravity. */
  readonly peakG: number;
}

/** The point that a drop makes on a cushion's curve. */
export const pointOf = ({ weightLb, areaIn2, heightIn, thicknessIn, peakG }: DropTest): CurvePoint =>
  curvePoint(weightLb / areaIn2, heightIn, thicknessIn, peakG);

/**
 * The curve of a cushion by the shop's own drops on it, whatever masses, heights and thicknesses they were made with: in the
 * stress–energy form they all lie on one line.
 *
 * @returns why not, where the drops make none, or one that no cushion can have
 */
export function testedCurve(drops: readonly DropTest[]): FitOrWhy {
  const fit = fitCurve(drops.map(pointOf));
  if ('whyNot' in fit) return fit;
  return impliedStrain(fit.curve, joinStressPsi(fit.curve)) > 1
    ? { whyNot: 'by these drops it would give way by more than it is thick: look at weight, area and thickness' }
    : fit;
}

/** Peak acceleration as cushion curves are drawn: at a static stress, psi, from a height onto a thickness, inches; multiples of gravity. */
export const gAtLoad = (curve: CushionCurve, staticPsi: number, heightIn: number, thicknessIn: number): number =>
  stressAtEnergyPsi(curve, (staticPsi * heightIn) / thicknessIn) / staticPsi;

/** Where a curve lands softest, for a height and a thickness, inches: the load, psi, and the g it is then. The inverse of `curveFromBestPoint`. */
export function softestOn(curve: CushionCurve, heightIn: number, thicknessIn: number): { readonly staticPsi: number; readonly g: number } {
  const staticPsi = thicknessIn / (curve.b * heightIn);
  return { staticPsi, g: gAtLoad(curve, staticPsi, heightIn, thicknessIn) };
}

/** How one drop lies to a curve. */
export interface BesideCurve {
  /** It reaches the working range, by which alone the curve goes. */
  readonly reaches: boolean;
  /** By which share it landed harder than the curve has it; below 0 for softer. */
  readonly harderBy: number;
}

/** Compares a drop with a curve at its own energy. */
export function besideCurve(drop: DropTest, curve: CushionCurve): BesideCurve {
  const { energyPsi, stressPsi } = pointOf(drop);
  return { reaches: curve.b * energyPsi >= 1, harderBy: stressPsi / stressAtEnergyPsi(curve, energyPsi) - 1 };
}
