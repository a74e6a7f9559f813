import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { linerPanels } from '../../engineering/boxshop/linerPanels.ts';
import type { SheetBoard } from '../../engineering/materials/stock.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';

/** What is made at the bench for a box: cut into it, or cut from sheet board and put into it. */
export type MadePartKey = 'cutDown' | 'liner' | 'board';

/** A part made for a box, and all that follows from it. */
export interface MadePart {
  readonly key: MadePartKey;
  /** Sheet board that is in it, and what is cut of it with the offcuts, square feet. */
  readonly boardFt2: number;
  readonly takenFt2: number;
  readonly weightLb: number;
  readonly costMinor: number;
  readonly minutes: number;
  /** Length and width of what is cut, where it is one panel; inches. */
  readonly panelIn: readonly [number, number] | null;
}

/** Minutes to make each; judgement, the board as the model's page on boxes has it. */
export const MADE_MINUTES: Readonly<Record<MadePartKey, number>> = { cutDown: 3, liner: 4, board: 1 };
/** Sheet board lost to offcuts; judgement. */
const SCRAP_SHARE = 0.1;
/** A board under the bundle is so much shorter and narrower than the inside, so that it goes in; inches. */
export const BOARD_CLEARANCE_IN = 0.25;

const ofSheet = (
  key: MadePartKey,
  areaIn2: number,
  { board, minorPerFt2 }: SheetBoard,
  panelIn: readonly [number, number] | null,
): MadePart => {
  const boardFt2 = areaIn2 / IN2_PER_FT2;
  const takenFt2 = boardFt2 * (1 + SCRAP_SHARE);
  return {
    key,
    boardFt2,
    takenFt2,
    weightLb: boardFt2 * board.lbPerFt2,
    costMinor: takenFt2 * minorPerFt2,
    minutes: MADE_MINUTES[key],
    panelIn,
  };
};

/** A box cut down takes time and nothing else: its own tare is worked out from what is left. */
export const cutDownPart: MadePart = {
  key: 'cutDown',
  boardFt2: 0,
  takenFt2: 0,
  weightLb: 0,
  costMinor: 0,
  minutes: MADE_MINUTES.cutDown,
  panelIn: null,
};

/** Panels on all six faces of an inside. */
export const linerPart = (insideIn: Triple, sheet: SheetBoard): MadePart =>
  ofSheet(
    'liner',
    linerPanels(insideIn, sheet.board.caliperIn, FACES).parts.reduce((sum, part) => sum + part.lengthIn * part.heightIn, 0),
    sheet,
    null,
  );

/** A pad on which a bundle lies and does not sink: as large as the inside less a quarter of an inch. */
export function boardPart([lengthIn, widthIn]: Triple, sheet: SheetBoard): MadePart {
  const panelIn = [Math.max(0, lengthIn - BOARD_CLEARANCE_IN), Math.max(0, widthIn - BOARD_CLEARANCE_IN)] as const;
  return ofSheet('board', panelIn[0] * panelIn[1], sheet, panelIn);
}
