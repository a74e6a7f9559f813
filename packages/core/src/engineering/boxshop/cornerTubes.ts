import type { Triple } from '../geometry/wrapLayer.ts';
import type { CutWork } from './CutPart.ts';

/** Foam tubes that stand upright in the corners of a box. */
export interface CornerTubes extends CutWork {
  readonly count: number;
  /** Each, cut to the depth of the inside. */
  readonly eachIn: number;
  /** What they are pressed to along the diagonal, inches, and the share of their thickness that is pressed away. */
  readonly pressedToIn: number;
  readonly pressedShare: number;
}

const CORNERS = 4;

/**
 * A round tube in each corner, between the two walls and the corner of what stands there.
 *
 * Formula: a tube of radius r touches both walls, so its near side is r·(√2 − 1) from the corner of the box; the corner of the
 * bundle is g·√2 from it; between them are g·√2 − r·(√2 − 1), to which the tube is pressed. Where the two gaps g and h of a
 * corner differ, and neither is below r, it is pressed to r + √((g − r)² + (h − r)²). Exact.
 *
 * @param insideIn length, width and depth of the box
 * @param diameterIn of the tube as it is bought
 * @param gapIn between bundle and the wall at an end
 * @param gapAcrossIn between bundle and the other wall of a corner
 * @throws RangeError where the tube does not reach the bundle, or does not go in at all
 */
export function cornerTubes(insideIn: Triple, diameterIn: number, gapIn: number, gapAcrossIn = gapIn): CornerTubes {
  const radiusIn = diameterIn / 2;
  const least = Math.min(gapIn, gapAcrossIn);
  if (gapAcrossIn !== gapIn && least < radiusIn) throw new RangeError(`diameterIn does not go into a gap of ${least}, not ${diameterIn}`);
  const pressedToIn =
    gapAcrossIn === gapIn
      ? gapIn * Math.SQRT2 - radiusIn * (Math.SQRT2 - 1)
      : radiusIn + Math.hypot(gapIn - radiusIn, gapAcrossIn - radiusIn);
  if (pressedToIn > diameterIn)
    throw new RangeError(`diameterIn does not reach the bundle over a gap of ${Math.max(gapIn, gapAcrossIn)}, not ${diameterIn}`);
  if (!(pressedToIn > 0)) throw new RangeError(`diameterIn does not go into a gap of ${gapIn}, not ${diameterIn}`);
  return {
    count: CORNERS,
    eachIn: insideIn[2],
    pressedToIn,
    pressedShare: 1 - pressedToIn / diameterIn,
    parts: [{ name: 'tube, to stand in a corner', count: CORNERS, lengthIn: insideIn[2], heightIn: diameterIn, knife: [], score: [] }],
    boardUsedIn2: 0,
    wasteIn2: 0,
    insideIn: [insideIn[0] - 2 * gapIn, insideIn[1] - 2 * gapAcrossIn, insideIn[2]],
    outsideIn: null,
  };
}
