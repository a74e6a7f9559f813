import {
  BOARD_GRADES,
  ORDINARY_FILLS,
  ORDINARY_LINER_BOARD,
  ORDINARY_TAPES,
  ORDINARY_WRAPS,
  type BoardGradeKey,
  type BoxStock,
  type Stockroom,
  type Triple,
  type WrapStock,
} from '@inch-nest/core';

/** One size on the shelf: inside, board, price, how many; used ones have been through the post before. */
const box = (
  name: string,
  insideIn: Triple,
  grade: BoardGradeKey,
  priceMinor: number,
  onHand: number,
  earlierUses = 0,
  measuredOutsideIn: Triple | null = null,
): BoxStock => ({
  key: `${insideIn.join('x')}${grade === 'ordinary' ? '' : `-${grade}`}${earlierUses > 0 ? '-used' : ''}`,
  name,
  insideIn,
  measuredOutsideIn,
  board: BOARD_GRADES[grade],
  priceMinor,
  earlierUses,
  onHand,
  style: 'slotted',
  container: null,
});

const onHand = (wrap: WrapStock, onHandFt2: number): WrapStock => ({ ...wrap, onHandFt2 });

/**
 * The stall's stockroom: twenty-eight boxes, some reused, and two envelopes; small bubble nearly out, and no 14 × 14 × 14 left.
 */
export const DEMO_STOCK: Stockroom = {
  boxes: [
    box('6×5×5', [6, 5, 5], 'ordinary', 42, 24),
    box('8×6×5', [8, 6, 5], 'ordinary', 54, 20),
    box('6×6×6', [6, 6, 6], 'ordinary', 45, 20),
    box('8×8×8', [8, 8, 8], 'ordinary', 62, 18),
    box('10×8×6', [10, 8, 6], 'ordinary', 68, 16),
    box('10×10×10', [10, 10, 10], 'ordinary', 84, 14),
    box('12×7×6', [12, 7, 6], 'ordinary', 72, 14),
    box('14×8×5', [14, 8, 5], 'ordinary', 78, 10),
    box('12×10×8', [12, 10, 8], 'ordinary', 88, 9),
    box('12×12×12', [12, 12, 12], 'ordinary', 110, 12, 0, [12.3, 12.3, 12.8]),
    box('14×12×10', [14, 12, 10], 'ordinary', 118, 7),
    box('14×14×14', [14, 14, 14], 'ordinary', 145, 0),
    box('16×12×8, used', [16, 12, 8], 'ordinary', 20, 3, 1),
    box('16×14×12', [16, 14, 12], 'ordinary', 156, 6),
    box('14×14×20', [14, 14, 20], 'ordinary', 205, 4),
    box('16×16×16', [16, 16, 16], 'ordinary', 190, 5),
    box('18×14×6', [18, 14, 6], 'ordinary', 138, 6),
    box('20×10×10', [20, 10, 10], 'ordinary', 165, 5),
    box('20×20×8', [20, 20, 8], 'ordinary', 225, 4),
    box('20×14×18', [20, 14, 18], 'ordinary', 240, 4),
    box('26×20×6', [26, 20, 6], 'ordinary', 260, 4),
    box('30×24×6', [30, 24, 6], 'ordinary', 330, 3),
    box('20×16×14, double wall', [20, 16, 14], 'double', 390, 3),
    box('24×18×8, used', [24, 18, 8], 'ordinary', 25, 2, 1),
    box('26×14×12', [26, 14, 12], 'ordinary', 245, 3),
    box('20×20×20, double wall', [20, 20, 20], 'double', 465, 3),
    // full it is larger than any of the carriers takes: for what is agreed by hand
    box('22×22×22, double wall', [22, 22, 22], 'double', 520, 2),
    box('54×8×8, long', [54, 8, 8], 'strong', 460, 2),
    { ...box('10×7, padded envelope', [10, 7, 1.5], 'ordinary', 38, 30), style: 'padded' },
    { ...box('18×13, stiff envelope', [18, 13, 1], 'ordinary', 95, 12), style: 'stiffened' },
    // a wound card tube, cut to its box as a core: 36 in of it, 4 in inside, 4 1/4 in outside
    { ...box('Card tube, 36×4', [36, 4, 4], 'ordinary', 240, 6), measuredOutsideIn: [36, 4.25, 4.25], style: 'tube' },
  ],
  wraps: [
    onHand(ORDINARY_WRAPS.tissue, 400),
    onHand(ORDINARY_WRAPS.packingPaper, 600),
    onHand(ORDINARY_WRAPS.foamSheet16, 260),
    onHand(ORDINARY_WRAPS.smallBubble, 12),
    onHand(ORDINARY_WRAPS.mediumBubble, 80),
    onHand(ORDINARY_WRAPS.largeBubble, 240),
    onHand(ORDINARY_WRAPS.jumboBubble, 60),
    onHand(ORDINARY_WRAPS.backingCard, 90),
    onHand(ORDINARY_WRAPS.stretchFilm, 300),
    onHand(ORDINARY_WRAPS.dampBag, 150),
  ],
  fills: [
    { ...ORDINARY_FILLS.mouldedFill, onHandFt3: 18 },
    { ...ORDINARY_FILLS.crumpledPaper, onHandFt3: 22 },
    { ...ORDINARY_FILLS.airPillows, onHandFt3: 14 },
    { ...ORDINARY_FILLS.foldedBubble, onHandFt3: 8 },
  ],
  innerTape: ORDINARY_TAPES.paper,
  outerTape: ORDINARY_TAPES.clear,
  linerBoard: ORDINARY_LINER_BOARD,
  offcuts: [
    { lengthIn: 24, widthIn: 13, count: 1 },
    { lengthIn: 18, widthIn: 11.5, count: 2 },
    { lengthIn: 16, widthIn: 6, count: 3 },
    { lengthIn: 9, widthIn: 8, count: 4 },
  ],
};
