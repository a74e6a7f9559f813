import { sheetOf, type CutPart, type CutWork } from './CutPart.ts';
import { slotAt } from './slot.ts';

/** A cross of two strips that takes up spare depth. */
export interface CrossDivider extends CutWork {
  /** Each strip, the whole diagonal of the inside, and the middle of the slot along the strip; inches. */
  readonly lengthIn: number;
  readonly diagonalIn: number;
  readonly slotAtIn: number;
  readonly slotWidthIn: number;
  readonly slotDepthIn: number;
}

/** Width of the slot in the middle of a strip, inches: the other one goes through it at a slant. */
const slotWidth = (lengthIn: number, widthIn: number, caliperIn: number): number =>
  (caliperIn * Math.max(lengthIn, widthIn)) / Math.min(lengthIn, widthIn);

/** True where a strip is left between the corners of a box, so that a cross goes into it at all; inches. */
export function takesCross(lengthIn: number, widthIn: number, caliperIn: number): boolean {
  const slotIn = slotWidth(lengthIn, widthIn, caliperIn);
  return Math.hypot(lengthIn, widthIn) - slotIn > slotIn;
}

/**
 * A cross divider: two strips from corner to corner, each slotted at its centre to half its height.
 *
 * Formula: length √(L² + W²) − caliper × long/short, since a strip has thickness and must turn into the corners; the strips
 * cross at an angle, so the slot is caliper × long/short wide. Exact.
 *
 * @param lengthIn inside length and width of the box, height of the gap, thickness of the board, inches
 * @throws RangeError where the board is thicker than the corners leave room for
 */
export function crossDivider(lengthIn: number, widthIn: number, heightIn: number, caliperIn: number): CrossDivider {
  const diagonalIn = Math.hypot(lengthIn, widthIn);
  const slotWidthIn = slotWidth(lengthIn, widthIn, caliperIn);
  const stripIn = diagonalIn - slotWidthIn;
  if (!takesCross(lengthIn, widthIn, caliperIn)) throw new RangeError(`caliperIn leaves no strip between the corners, not ${caliperIn}`);
  const slotDepthIn = heightIn / 2;
  const strip = (name: string, opens: 'above' | 'below'): CutPart => ({
    name,
    count: 1,
    lengthIn: stripIn,
    heightIn,
    knife: slotAt(stripIn / 2, slotWidthIn, slotDepthIn, heightIn, opens),
    score: [],
  });
  const parts = [strip('strip slotted from above', 'above'), strip('strip slotted from below', 'below')];
  return {
    lengthIn: stripIn,
    diagonalIn,
    slotAtIn: stripIn / 2,
    slotWidthIn,
    slotDepthIn,
    parts,
    boardUsedIn2: sheetOf(parts),
    wasteIn2: 2 * slotWidthIn * slotDepthIn,
    insideIn: null,
    outsideIn: null,
  };
}
