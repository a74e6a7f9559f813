import type { CutOrder } from '../../engineering/boxshop/CutOrder.ts';
import { shopMinutes } from '../../engineering/boxshop/shopMinutes.ts';
import { wrapAround } from '../../engineering/boxshop/wrapAround.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import type { BoxStock, SheetBoard, Stockroom } from '../../engineering/materials/stock.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import { withScraps } from './madeParts.ts';

/** Boxes folded here are known by the beginning of their key. */
const FOLDED = 'folded-';
export const isFolded = ({ key }: Pick<BoxStock, 'key'>): boolean => key.startsWith(FOLDED);

/** A box folded from the stockroom's sheet board, and the stockroom once it stands there. */
export interface BoxMade {
  readonly box: BoxStock;
  readonly stock: Pick<Stockroom, 'boxes' | 'linerBoard'>;
}

/**
 * A box folded from one sheet, as it joins the boxes on hand: one of it, priced by the board it took and the minutes of hands.
 * One of that size and board that is there already has one more.
 *
 * @param order the folding, inside as it was asked for
 * @param labourMinorPerHour what an hour of hands costs, minor units
 * @throws RangeError where there is no sheet board, or not enough of it
 */
export function boxMade(
  order: Extract<CutOrder, { kind: 'wrapAround' }>,
  { boxes, linerBoard }: Pick<Stockroom, 'boxes' | 'linerBoard'>,
  labourMinorPerHour: number,
): BoxMade {
  const work = wrapAround(order.inside, order.caliper);
  const feet2 = withScraps(work.boardUsedIn2 / IN2_PER_FT2);
  if (!linerBoard || linerBoard.onHandFt2 < feet2) throw new RangeError('the sheet board on hand is not enough for it');
  const priceMinor = Math.round(feet2 * linerBoard.minorPerFt2 + (shopMinutes('wrapAround', work) * labourMinorPerHour) / 60);
  const left: SheetBoard = { ...linerBoard, onHandFt2: linerBoard.onHandFt2 - feet2 };
  const insideIn = lyingFlat(order.inside);
  const board = Object.values(BOARD_GRADES).find(({ caliperIn }) => Math.abs(caliperIn - order.caliper) < 1e-6) ?? linerBoard.board;
  const name = `${insideIn.map((side) => Number(side.toFixed(2))).join('×')}, folded here`;
  const known = boxes.find((box) => box.name === name && box.board.name === board.name);
  const box: BoxStock = known
    ? { ...known, onHand: known.onHand + 1 }
    : {
        key: `${FOLDED}${insideIn.map((side) => Math.round(side * 16)).join('-')}-${board.edgeCrushLbPerIn}`,
        name,
        insideIn,
        measuredOutsideIn: lyingFlat(work.outsideIn),
        board,
        priceMinor,
        earlierUses: 0,
        onHand: 1,
        style: 'slotted',
        container: null,
      };
  return { box, stock: { boxes: known ? boxes.map((one) => (one === known ? box : one)) : [...boxes, box], linerBoard: left } };
}

/** Length no shorter than width; depth stays. */
const lyingFlat = ([l, w, d]: Triple): Triple => (l >= w ? [l, w, d] : [w, l, d]);
