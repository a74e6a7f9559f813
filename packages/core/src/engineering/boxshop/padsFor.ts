import type { Triple } from '../geometry/wrapLayer.ts';
import { sheetOf, type CutPart, type CutWork } from './CutPart.ts';

/** A pad is so much shorter and narrower than the inside, so that it goes in; inches. */
export const PAD_CLEARANCE_IN = 0.25;

/** Flat pads that lie in a box. */
export interface Pads extends CutWork {
  readonly insideIn: Triple;
  /** How high they lie together, inches. */
  readonly heightIn: number;
}

/**
 * Pads as large as the inside less a quarter of an inch, one upon another.
 *
 * @param inside length, width and depth, and thickness of the board; inches
 * @throws RangeError where they leave no inside
 */
export function padsFor([lengthIn, widthIn, depthIn]: Triple, count: number, caliperIn: number): Pads {
  const heightIn = count * caliperIn;
  if (!(heightIn < depthIn)) throw new RangeError(`count leaves no depth, not ${count}`);
  if (!(Math.min(lengthIn, widthIn) > PAD_CLEARANCE_IN)) throw new RangeError(`inside must be wider than ${PAD_CLEARANCE_IN}`);
  const pad: CutPart = {
    name: 'pad',
    count,
    lengthIn: lengthIn - PAD_CLEARANCE_IN,
    heightIn: widthIn - PAD_CLEARANCE_IN,
    knife: [],
    score: [],
  };
  return {
    insideIn: [lengthIn, widthIn, depthIn - heightIn],
    outsideIn: null,
    heightIn,
    parts: [pad],
    boardUsedIn2: sheetOf([pad]),
    wasteIn2: 0,
  };
}
