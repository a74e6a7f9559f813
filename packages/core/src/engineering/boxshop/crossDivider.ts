import type { CutPart, SheetLine } from './CutPart.ts';

/** A cross of two strips that takes up spare depth. */
export interface CrossDivider {
  readonly stripLengthIn: number;
  readonly slotWidthIn: number;
  readonly slotDepthIn: number;
  readonly parts: readonly CutPart[];
}

/**
 * A cross divider: two strips from corner to corner, each slotted at its centre to half its height.
 *
 * Formula: length √(L² + W²), exact; the strips cross at an angle, so the slot is caliper × long/short wide.
 *
 * @param lengthIn inside length and width of the box, height of the gap, thickness of the board, inches
 */
export function crossDivider(lengthIn: number, widthIn: number, heightIn: number, caliperIn: number): CrossDivider {
  const stripLengthIn = Math.hypot(lengthIn, widthIn);
  const slotWidthIn = (caliperIn * Math.max(lengthIn, widthIn)) / Math.min(lengthIn, widthIn);
  const slotDepthIn = heightIn / 2;
  const [left, right] = [(stripLengthIn - slotWidthIn) / 2, (stripLengthIn + slotWidthIn) / 2];
  const slot = (open: number, end: number): SheetLine[] => [
    { from: [left, open], to: [left, end] },
    { from: [left, end], to: [right, end] },
    { from: [right, end], to: [right, open] },
  ];
  const strip = (name: string, knife: SheetLine[]): CutPart => ({ name, count: 1, lengthIn: stripLengthIn, heightIn, knife, score: [] });
  return {
    stripLengthIn,
    slotWidthIn,
    slotDepthIn,
    parts: [
      strip('strip slotted from above', slot(heightIn, heightIn - slotDepthIn)),
      strip('strip slotted from below', slot(0, slotDepthIn)),
    ],
  };
}
