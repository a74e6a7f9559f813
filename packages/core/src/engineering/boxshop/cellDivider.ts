import { sheetOf, type CutPart, type CutWork } from './CutPart.ts';
import { slotAt } from './slot.ts';

/** Strips that part a box into cells. */
export interface CellDivider extends CutWork {
  /** Room of one cell, along the length and the width of the inside; inches. */
  readonly cellIn: readonly [number, number];
  readonly slotWidthIn: number;
  readonly slotDepthIn: number;
  /** Middles of the slots in each strip along the length, and in each along the width; inches from its end. */
  readonly slotsAlongIn: readonly number[];
  readonly slotsAcrossIn: readonly number[];
}

/**
 * A divider of n × m cells: m − 1 strips along the length and n − 1 along the width, as long as the inside, slotted into one
 * another to half their height.
 *
 * Formula: a cell is (L − (n − 1)·t)/n long; the i-th slot is centred at i·cell + (i − ½)·t. Exact.
 *
 * @param cells how many along the length and along the width
 * @param inside length and width, height of the strips, thickness of the board; inches
 * @throws RangeError for fewer than two cells, or where the board leaves none
 */
export function cellDivider(
  [lengthIn, widthIn]: readonly [number, number],
  [along, across]: readonly [number, number],
  heightIn: number,
  caliperIn: number,
): CellDivider {
  if (along * across < 2) throw new RangeError(`cells must be two at least, not ${along} × ${across}`);
  const cellIn = [roomOf(lengthIn, along, caliperIn), roomOf(widthIn, across, caliperIn)] as const;
  const slotDepthIn = heightIn / 2;
  const crossing = (across - 1) * (along - 1);
  // strips in one direction alone have nothing to be slotted into
  const slotsAlongIn = crossing > 0 ? middles(cellIn[0], along, caliperIn) : [];
  const slotsAcrossIn = crossing > 0 ? middles(cellIn[1], across, caliperIn) : [];
  const strips = (name: string, count: number, longIn: number, slots: readonly number[], opens: 'above' | 'below'): CutPart[] =>
    count === 0
      ? []
      : [
          {
            name,
            count,
            lengthIn: longIn,
            heightIn,
            knife: slots.flatMap((middle) => slotAt(middle, caliperIn, slotDepthIn, heightIn, opens)),
            score: [],
          },
        ];
  const parts = [
    ...strips('strip along the length, slotted from above', across - 1, lengthIn, slotsAlongIn, 'above'),
    ...strips('strip along the width, slotted from below', along - 1, widthIn, slotsAcrossIn, 'below'),
  ];
  return {
    cellIn,
    slotWidthIn: caliperIn,
    slotDepthIn,
    slotsAlongIn,
    slotsAcrossIn,
    parts,
    boardUsedIn2: sheetOf(parts),
    wasteIn2: 2 * crossing * caliperIn * slotDepthIn,
    insideIn: null,
    outsideIn: null,
  };
}

function roomOf(insideIn: number, cells: number, caliperIn: number): number {
  const roomIn = (insideIn - (cells - 1) * caliperIn) / cells;
  if (!(roomIn > 0)) throw new RangeError(`caliperIn leaves no cells, not ${caliperIn}`);
  return roomIn;
}

const middles = (roomIn: number, cells: number, caliperIn: number): number[] =>
  Array.from({ length: cells - 1 }, (_, i) => (i + 1) * roomIn + (i + 0.5) * caliperIn);
