import { BOARD_GRADES } from '../../engineering/materials/boardGrades.ts';
import type { BoxStock, FillStock, Stockroom } from '../../engineering/materials/stock.ts';
import { movedStock } from '../../engineering/stockkeeping/movedStock.ts';
import type { RateCard } from '../../engineering/tariff/RateCard.ts';
import type { House } from '../../house/House.ts';
import { isCore } from '../box/core.ts';
import type { BoxRoom } from '../box/BoxChoices.ts';
import type { Locks, PlanRequest } from './PlanRequest.ts';

/** A carrier keeps no count of the free boxes it hands out. */
const AS_MANY_AS_ASKED = 1000;

/** What is free for a parcel: what is on hand, less what others keep. */
export const freeStock = ({ stock, reserved = [] }: Pick<PlanRequest, 'stock' | 'reserved'>): Stockroom =>
  reserved.reduce((left, use) => movedStock(left, { ...use, amount: -use.amount, paidMinor: null }) ?? left, stock);

/** The boxes and envelopes of the stockroom and the carriers' own free ones, with the board for liners. */
export const boxesOf = ({ stock, cards, locks }: Pick<PlanRequest, 'stock' | 'cards' | 'locks'>): BoxRoom => ({
  boxes: [...stock.boxes.filter((box) => !isCore(box)), ...cards.flatMap(freeBoxes)].filter((box) => !locks.without?.includes(box.key)),
  linerBoard: stock.linerBoard,
});

/** A card's containers as boxes: free, of thin board, for its own services. */
const freeBoxes = ({ containers }: RateCard): BoxStock[] =>
  containers.map(({ key, name, style, insideIn, outsideIn }) => ({
    key,
    name,
    insideIn,
    measuredOutsideIn: outsideIn,
    board: BOARD_GRADES.thinFree,
    priceMinor: 0,
    earlierUses: 0,
    onHand: AS_MANY_AS_ASKED,
    style,
    container: key,
  }));

/** The fills the house trusts, or the pinned one whether or not it does. */
export const fillsOf = (stock: Stockroom, house: House, locks: Locks, pinned: string | null | undefined): readonly FillStock[] =>
  stock.fills.filter((fill) =>
    pinned === undefined || pinned === null
      ? !house.refusedFills.includes(fill.cushion) && !locks.without?.includes(fill.key)
      : fill.key === pinned,
  );
