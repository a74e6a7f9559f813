import { BOARD_GRADES } from './boardGrades.ts';
import type { FillStock, SheetBoard, TapeStock, WrapStock } from './stock.ts';

/**
 * Wraps, fills and tapes shaped like ordinary stock: all judgement, not anyone's price list. A shop
 * edits them, and its weighings correct them. Amounts on hand are the shop's own and zero here.
 */
const wrap = (
  key: string,
  name: string,
  role: WrapStock['role'],
  cushion: WrapStock['cushion'],
  thicknessIn: number,
  lbPerFt2: number,
  rollWidthIn: number,
  rollLengthIn: number,
  priceMinor: number,
  minutesPerTurn: number,
  abrasive = false,
): WrapStock => ({
  key,
  name,
  role,
  cushion,
  thicknessIn,
  rollWidthIn,
  rollLengthIn,
  priceMinor,
  lbPerFt2,
  minutesPerTurn,
  abrasive,
  stiff: false,
  reused: false,
  onHandFt2: 0,
});

export const ORDINARY_WRAPS = {
  tissue: wrap('tissue', 'Tissue', 'surface', null, 0.03, 0.0035, 20, 30, 6, 0.5),
  packingPaper: wrap('packingPaper', 'Packing paper', 'surface', null, 0.05, 0.01, 24, 36, 6, 0.5, true),
  foamSheet16: wrap('foamSheet16', 'Foam sheet 1/16', 'surface', 'foamSheet', 0.06, 0.006, 12, 3600, 2400, 0.6),
  foamSheet8: wrap('foamSheet8', 'Foam sheet 1/8', 'surface', 'foamSheet', 0.12, 0.012, 12, 1800, 2400, 0.6),
  smallBubble: wrap('smallBubble', 'Small bubble', 'conform', 'smallBubble', 0.17, 0.012, 12, 2100, 1750, 0.8, true),
  mediumBubble: wrap('mediumBubble', 'Medium bubble', 'cushion', 'mediumBubble', 0.28, 0.015, 24, 1200, 2400, 0.9, true),
  largeBubble: wrap('largeBubble', 'Large bubble', 'cushion', 'largeBubble', 0.45, 0.02, 24, 780, 1950, 1, true),
  jumboBubble: wrap('jumboBubble', 'Jumbo bubble', 'cushion', 'jumboBubble', 0.5, 0.03, 24, 600, 2600, 1.1, true),
  backingCard: { ...wrap('backingCard', 'Backing card', 'surface', null, 0.16, 0.12, 24, 36, 60, 0.5, true), stiff: true },
  stretchFilm: wrap('stretchFilm', 'Stretch film', 'skin', null, 0.001, 0.0035, 5, 12000, 900, 0.7),
  dampBag: wrap('dampBag', 'Damp bag', 'barrier', null, 0.002, 0.01, 24, 30, 12, 0.3),
} as const;

const fill = (
  key: string,
  name: string,
  cushion: FillStock['cushion'],
  lbPerFt3: number,
  minorPerFt3: number,
  unitName: string,
  unitFt3: number,
  minutesPerFt3: number,
): FillStock => ({ key, name, cushion, lbPerFt3, minorPerFt3, minutesPerFt3, unitName, unitFt3, onHandFt3: 0 });

export const ORDINARY_FILLS = {
  mouldedFill: fill('mouldedFill', 'Moulded loose fill', 'mouldedFill', 0.25, 160, 'scoop', 0.25, 1),
  starchFill: fill('starchFill', 'Starch loose fill', 'starchFill', 0.6, 190, 'scoop', 0.25, 1),
  crumpledPaper: fill('crumpledPaper', 'Crumpled paper, tight', 'crumpledPaper', 1.3, 110, 'sheet', 0.05, 2.5),
  airPillows: fill('airPillows', 'Air pillows', 'airPillows', 0.12, 170, 'pillow', 0.06, 0.8),
  foldedBubble: fill('foldedBubble', 'Large bubble, folded', 'largeBubble', 0.55, 400, 'square', 0.17, 3),
  foldedSmallBubble: fill('foldedSmallBubble', 'Small bubble, folded', 'smallBubble', 0.6, 430, 'square', 0.12, 3),
  foamInPlace: fill('foamInPlace', 'Foam in place', 'foamInPlace', 0.5, 900, 'bag', 0.5, 2),
} as const;

export type OrdinaryFillKey = keyof typeof ORDINARY_FILLS;

export const ORDINARY_TAPES = {
  paper: { key: 'paper', name: 'Paper tape', lbPerFt: 0.002, minorPerFt: 1.6, easyOff: true },
  clear: { key: 'clear', name: 'Clear tape', lbPerFt: 0.0021, minorPerFt: 0.9, easyOff: false },
  masking: { key: 'masking', name: 'Masking tape', lbPerFt: 0.0012, minorPerFt: 0.5, easyOff: true },
} as const satisfies Record<string, TapeStock>;

/** Ordinary board for liners and pads; price is judgement. */
export const ORDINARY_LINER_BOARD: SheetBoard = { board: BOARD_GRADES.ordinary, minorPerFt2: 14, onHandFt2: 60 };
