import type { Triple } from '../geometry/wrapLayer.ts';
import { FACES, type Face } from '../pieces/hardPoints.ts';
import { sheetOf, type CutPart, type CutWork } from './CutPart.ts';

/** A second wall makes a box bear so many times as much; judgement. */
export const LINER_STRENGTH = 1.5;

/** A second wall inside a box. */
export interface Liner extends CutWork {
  /** The inside that is left. */
  readonly insideIn: Triple;
}

/**
 * Liner panels for the faces named: bottom and top in full, ends between them, sides between those.
 * Each lined face takes one caliper off the inside, so all six take two off every side.
 *
 * @param insideIn length, width and depth
 * @throws RangeError when nothing would be left
 */
export function linerPanels([lengthIn, widthIn, depthIn]: Triple, caliperIn: number, faces: readonly Face[]): Liner {
  const lined = (face: Face) => (faces.includes(face) ? caliperIn : 0);
  const leftIn: Triple = [
    lengthIn - lined('left') - lined('right'),
    widthIn - lined('front') - lined('back'),
    depthIn - lined('bottom') - lined('top'),
  ];
  if (leftIn.some((side) => side <= 0)) throw new RangeError(`caliperIn must leave some inside, not ${caliperIn}`);
  const size: Readonly<Record<Face, readonly [number, number]>> = {
    bottom: [lengthIn, widthIn],
    top: [lengthIn, widthIn],
    left: [widthIn, leftIn[2]],
    right: [widthIn, leftIn[2]],
    front: [leftIn[0], leftIn[2]],
    back: [leftIn[0], leftIn[2]],
  };
  const parts = FACES.filter((face) => faces.includes(face)).map((face): CutPart => ({
    name: `liner, ${face}`,
    count: 1,
    lengthIn: size[face][0],
    heightIn: size[face][1],
    knife: [],
    score: [],
  }));
  return { parts, insideIn: leftIn, outsideIn: null, boardUsedIn2: sheetOf(parts), wasteIn2: 0 };
}
