import type { Triple } from '../geometry/wrapLayer.ts';
import { sheetOf, type CutPart, type CutWork, type SheetLine } from './CutPart.ts';

/** A box folded from one sheet round what lies in it. */
export interface WrapAround extends CutWork {
  readonly insideIn: Triple;
  readonly outsideIn: Triple;
  /** Whole sheet. */
  readonly blankIn: readonly [number, number];
  /** Flaps of the long walls, which meet over the middle, and of the ends, which lie beneath them. */
  readonly flapIn: number;
  readonly endFlapIn: number;
}

/** Flaps of the ends are no deeper than this, inches: enough to hold; judgement. */
const MOST_END_FLAP_IN = 4;

/**
 * One sheet in the shape of a cross: a bottom, four walls, flaps on the long walls that meet over the middle and on the ends
 * that lie beneath. Folds are one caliper further apart than the inside, so that what is inside has its room.
 *
 * Formula: sheet (L + t) + 2(D + t) + 2·end flap by (W + t) + 2(D + t) + (W + t). Exact; the folding is as in the folders of the
 * FEFCO/ESBO code’s group 04, from memory.
 *
 * @param insideIn length, width and depth
 */
export function wrapAround([lengthIn, widthIn, depthIn]: Triple, caliperIn: number): WrapAround {
  const [l, w, d] = [lengthIn + caliperIn, widthIn + caliperIn, depthIn + caliperIn];
  const flapIn = w / 2;
  const endFlapIn = Math.min(flapIn, l / 2, MOST_END_FLAP_IN);
  const blankIn = [l + 2 * (d + endFlapIn), w + 2 * (d + flapIn)] as const;
  const [left, right] = [endFlapIn + d, endFlapIn + d + l];
  const [low, high] = [flapIn + d, flapIn + d + w];
  const line = (x0: number, y0: number, x1: number, y1: number): SheetLine => ({ from: [x0, y0], to: [x1, y1] });
  const corner = (x: number, y: number, towardX: number, towardY: number): SheetLine[] => [line(x, y, towardX, y), line(x, y, x, towardY)];
  const blank: CutPart = {
    name: 'one sheet, its corners cut out',
    count: 1,
    lengthIn: blankIn[0],
    heightIn: blankIn[1],
    knife: [
      ...corner(left, low, 0, 0),
      ...corner(right, low, blankIn[0], 0),
      ...corner(left, high, 0, blankIn[1]),
      ...corner(right, high, blankIn[0], blankIn[1]),
    ],
    score: [
      line(left, low, right, low),
      line(left, high, right, high),
      line(left, low, left, high),
      line(right, low, right, high),
      line(left, flapIn, right, flapIn),
      line(left, blankIn[1] - flapIn, right, blankIn[1] - flapIn),
      line(endFlapIn, low, endFlapIn, high),
      line(blankIn[0] - endFlapIn, low, blankIn[0] - endFlapIn, high),
    ],
  };
  return {
    insideIn: [lengthIn, widthIn, depthIn],
    // one wall on each side; above, the flaps of the ends and those over them
    outsideIn: [lengthIn + 2 * caliperIn, widthIn + 2 * caliperIn, depthIn + 3 * caliperIn],
    blankIn,
    flapIn,
    endFlapIn,
    parts: [blank],
    boardUsedIn2: sheetOf([blank]),
    wasteIn2: 4 * left * low,
  };
}
