import type { Triple } from '../geometry/wrapLayer.ts';
import { sheetOf, type CutPart, type CutWork, type SheetLine } from './CutPart.ts';

/** A cap of board that goes over the end of a part. */
export interface EndCap extends CutWork {
  readonly insideIn: Triple;
  readonly outsideIn: Triple;
  readonly blankIn: readonly [number, number];
  /** Corners that fold round onto the short walls and are taped there. */
  readonly tabIn: number;
}

/**
 * A tray without a lid: four walls round the end of a part, the corners folded onto the walls of the length’s ends.
 *
 * Formula: sheet (L + t) + 2(R + t/2) by (W + t) + 2(R + t/2); what of two corners would overlap on a wall is cut off. Exact.
 *
 * @param acrossIn length and width of what it goes over
 * @param reachIn how far it reaches down
 */
export function endCap([lengthIn, widthIn]: readonly [number, number], reachIn: number, caliperIn: number): EndCap {
  const [l, w, wall] = [lengthIn + caliperIn, widthIn + caliperIn, reachIn + caliperIn / 2];
  const tabIn = Math.min(wall, w / 2);
  const blankIn = [l + 2 * wall, w + 2 * wall] as const;
  const [left, right, low, high] = [wall, wall + l, wall, wall + w];
  const line = (x0: number, y0: number, x1: number, y1: number): SheetLine => ({ from: [x0, y0], to: [x1, y1] });
  const trimmed = tabIn < wall;
  const corner = (x: number, out: number, y: number, edge: number): SheetLine[] => {
    const trimAt = x + Math.sign(out - x) * tabIn;
    return [line(x, y, out, y), ...(trimmed ? [line(trimAt, y, trimAt, edge)] : [])];
  };
  const blank: CutPart = {
    name: 'one piece, slit at its corners',
    count: 1,
    lengthIn: blankIn[0],
    heightIn: blankIn[1],
    knife: [
      ...corner(left, 0, low, 0),
      ...corner(right, blankIn[0], low, 0),
      ...corner(left, 0, high, blankIn[1]),
      ...corner(right, blankIn[0], high, blankIn[1]),
    ],
    score: [
      line(left, low, right, low),
      line(left, high, right, high),
      // the walls of the ends, and the corners beside them
      line(left, 0, left, blankIn[1]),
      line(right, 0, right, blankIn[1]),
    ],
  };
  return {
    insideIn: [lengthIn, widthIn, reachIn],
    // one wall on each side; on those of the ends the corners lie outside
    outsideIn: [lengthIn + 4 * caliperIn, widthIn + 2 * caliperIn, reachIn + caliperIn],
    blankIn,
    tabIn,
    parts: [blank],
    boardUsedIn2: sheetOf([blank]),
    wasteIn2: 4 * (wall - tabIn) * wall,
  };
}
