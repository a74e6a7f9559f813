import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { PieceFacts } from '../sale/Order.ts';

/** Key of a piece's own case or retail box, which is in nobody's stockroom. */
export const OWN_BOX = 'ownBox';

/**
 * A piece's own case or retail box as a box to put it into: there is one, it costs nothing, and its board is as thin as
 * such board is. It goes into another, never alone.
 *
 * @returns null where the piece has none, or nobody measured it
 */
export function ownBoxOf({ ownBoxIn }: Pick<PieceFacts, 'ownBoxIn'>): BoxStock | null {
  if (!ownBoxIn) return null;
  const [one, other, depth] = ownBoxIn;
  return {
    key: OWN_BOX,
    name: 'Its own box',
    insideIn: [Math.max(one, other), Math.min(one, other), depth],
    measuredOutsideIn: null,
    board: BOARD_GRADES.thinFree,
    priceMinor: 0,
    earlierUses: 0,
    onHand: 1,
    style: 'slotted',
    container: null,
  };
}
