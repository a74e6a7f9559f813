import { energyDensityPsi } from '../cushion/cushionCurve.ts';
import { cushionOf, sheetThicknessIn } from './cushionOf.ts';
import type { WrapStock } from './stock.ts';

/** Stress at which two bubbles are compared, psi times g: 0.15 psi under 60 g, an ordinary bundle. */
const COMPARED_AT_PSI = 0.15 * 60;

/**
 * How many turns of one wrap do the work of so many of another, rounded up to halves: the same energy per
 * area at an ordinary bundle's stress, so about the same thickness where the curves are alike.
 *
 * Source: seven to ten turns of small bubble for about four of large is common practice, no source.
 *
 * @throws RangeError for a wrap that does not cushion
 */
export function equivalentTurns(from: WrapStock, turns: number, to: WrapStock): number {
  const work = (wrap: WrapStock): number => {
    const { cushion, dropTests, name } = wrap;
    if (cushion === null) throw new RangeError(`a wrap must cushion to stand for another, not ${name}`);
    return sheetThicknessIn(wrap) * energyDensityPsi(cushionOf({ cushion, dropTests }).curve, COMPARED_AT_PSI);
  };
  return Math.ceil((2 * turns * work(from)) / work(to) - 1e-9) / 2;
}
