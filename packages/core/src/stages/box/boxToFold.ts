import { wrapAround } from '../../engineering/boxshop/wrapAround.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import { withScraps } from './madeParts.ts';

/** A box that is yet to be folded is known by its key, which is its inside in sixteenths of an inch. */
const TO_FOLD = 'to-fold-';
const SIXTEENTHS = 16;
export const isToFold = ({ key }: Pick<BoxStock, 'key'>): boolean => key.startsWith(TO_FOLD);

/** Boxes are folded to quarters of an inch. Common practice, no source. */
const FOLDED_TO_IN = 0.25;
/** Sheet board comes no larger, inches. Common practice, no source. */
const SHEET_IN = { long: 96, wide: 48 };

/**
 * A box that is folded from one sheet to an inside, as if it stood in the stockroom: its price is its board with what is lost, and
 * it is on hand as far as the board reaches.
 *
 * @returns null for one that comes of no sheet
 */
export function boxToFold(insideIn: Triple, sheet: SheetBoard): BoxStock | null {
  if (!(Math.min(...insideIn) > 0)) return null;
  const { caliperIn } = sheet.board;
  const { blankIn, outsideIn, boardUsedIn2 } = wrapAround(insideIn, caliperIn);
  if (Math.max(...blankIn) > SHEET_IN.long || Math.min(...blankIn) > SHEET_IN.wide) return null;
  const takenFt2 = withScraps(boardUsedIn2 / IN2_PER_FT2);
  return {
    key: `${TO_FOLD}${insideIn.map((side) => Math.round(side * SIXTEENTHS)).join('-')}`,
    name: 'folded to measure',
    insideIn,
    measuredOutsideIn: outsideIn,
    board: sheet.board,
    priceMinor: takenFt2 * sheet.minorPerFt2,
    earlierUses: 0,
    onHand: sheet.onHandFt2 >= takenFt2 ? 1 : 0,
    style: 'slotted',
    container: null,
  };
}

/** The box that a key names, where it names one to be folded and there is board to fold it of. */
export function toFoldOf(key: string | undefined, sheet: SheetBoard | null): BoxStock | null {
  if (!sheet || !key?.startsWith(TO_FOLD)) return null;
  const sides = key.slice(TO_FOLD.length).split('-').map(Number);
  if (sides.length !== 3 || !sides.every((side) => Number.isInteger(side) && side > 0)) return null;
  return boxToFold(sides.map((side) => side / SIXTEENTHS) as unknown as Triple, sheet);
}

/** The inside that is folded round something with so much bedding: up to the next quarter, the longer side first. */
export function foldedRound(heldIn: Triple, gapIn: number): Triple {
  const [l, w, d] = heldIn.map((side) => Math.ceil((side + 2 * gapIn) / FOLDED_TO_IN - 1e-6) * FOLDED_TO_IN) as unknown as Triple;
  return [Math.max(l, w), Math.min(l, w), d];
}
