import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { cutOf } from '../../engineering/boxshop/cutOf.ts';
import type { CutOrder } from '../../engineering/boxshop/CutOrder.ts';
import { shortenBox } from '../../engineering/boxshop/shortenBox.ts';
import { shopMinutes } from '../../engineering/boxshop/shopMinutes.ts';
import { wrapAround } from '../../engineering/boxshop/wrapAround.ts';
import { PAD_CLEARANCE_IN } from '../../engineering/boxshop/padsFor.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import { blockSizeIn, type Layout } from '../../engineering/stowage/Block.ts';
import type { Between } from '../../engineering/stowage/Stand.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import { foldSides, type PlacedFold } from './folds.ts';
import type { Shortened } from './Shortened.ts';

/** What is made at the bench for a box: cut into it, cut from sheet board or folded of wrap, and put into it. */
export type MadePartKey = 'cutDown' | 'shortened' | 'liner' | 'board' | 'cells' | 'folds' | 'folded' | 'cross' | 'tubes' | 'around';

/** A part made for a box, and all that follows from it. */
export interface MadePart {
  readonly key: MadePartKey;
  /** Sheet board that is in it, and what is cut of it with the offcuts, square feet. */
  readonly boardFt2: number;
  readonly takenFt2: number;
  readonly weightLb: number;
  readonly costMinor: number;
  readonly minutes: number;
  /** Tape of the outer box that joins it, inches; left out where none does. */
  readonly tapeIn?: number;
  /** What is folded of wrap for it; left out where nothing is. */
  readonly folds?: readonly MadeFold[];
  /** What is wound of wrap for it; left out where nothing is. */
  readonly wrap?: {
    readonly key: string;
    readonly name: string;
    readonly turns: number;
    readonly lengthIn: number;
    readonly sheets: number;
    readonly ft2: number;
  };
  /** How the box shop cuts it, and how often. */
  readonly orders: readonly MadeOrder[];
}

/** A fold of wrap: of what, how thick and large, and between which two bundles. */
export interface MadeFold {
  readonly key: string;
  readonly name: string;
  readonly count: number;
  readonly sidesIn: readonly [number, number];
  readonly ft2: number;
  readonly pair: readonly [number, number];
}

/** One thing for the box shop, so many times. */
export interface MadeOrder {
  readonly order: CutOrder;
  readonly times: number;
}

/** Minutes to make each; judgement, the board as the model's page on boxes has it. Of cells for one strip or sheet, of folds for one. */
export const MADE_MINUTES: Readonly<Record<Exclude<MadePartKey, 'folded' | 'shortened' | 'tubes' | 'around'>, number>> = {
  cutDown: 3,
  liner: 4,
  board: 1,
  cells: 0.75,
  folds: 0.5,
  cross: 2,
};
/** Sheet board lost to offcuts; judgement. */
const SHEET_SCRAP_SHARE = 0.1;
/** What is cut of a sheet for so much board, both in one unit of area. */
export const withScraps = (board: number): number => board * (1 + SHEET_SCRAP_SHARE);

const ofSheet = (
  key: keyof typeof MADE_MINUTES,
  areaIn2: number,
  sheet: SheetBoard,
  orders: readonly MadeOrder[],
  minutes = MADE_MINUTES[key],
): MadePart => {
  const boardFt2 = areaIn2 / IN2_PER_FT2;
  const takenFt2 = withScraps(boardFt2);
  return {
    key,
    boardFt2,
    takenFt2,
    weightLb: boardFt2 * sheet.board.lbPerFt2,
    costMinor: takenFt2 * sheet.minorPerFt2,
    minutes,
    orders,
  };
};

/** A box cut down takes time and no sheet: its own tare is worked out from what is left. */
export const cutDownPart = ({ board: { caliperIn } }: BoxStock, insideIn: Triple, newDepthIn: number): MadePart => ({
  key: 'cutDown',
  boardFt2: 0,
  takenFt2: 0,
  weightLb: 0,
  costMinor: 0,
  minutes: MADE_MINUTES.cutDown,
  orders: [{ order: { kind: 'lower', box: insideIn, newDepth: newDepthIn, caliper: caliperIn }, times: 1 }],
});

/** Walls a slice is cut out of, each closed with tape across the wall and both its flaps. */
const JOINTS = 2;

/** A box shortened takes time, tape and no sheet; minutes of the cutting table. */
export function shortenedPart({ board: { caliperIn } }: BoxStock, insideIn: Triple, { side, newIn }: Shortened): MadePart {
  const order = { kind: 'shorten', box: insideIn, side, new: newIn, caliper: caliperIn } as const;
  const work = shortenBox(insideIn, side, newIn, caliperIn);
  return {
    key: 'shortened',
    boardFt2: 0,
    takenFt2: 0,
    weightLb: 0,
    costMinor: 0,
    minutes: shopMinutes('shorten', work),
    tapeIn: JOINTS * work.jointIn,
    orders: [{ order, times: 1 }],
  };
}

/** A box folded from one sheet: its board is its price and its tare, its minutes those of the cutting table. */
export function foldedPart({ insideIn, board: { caliperIn } }: BoxStock): MadePart {
  const work = wrapAround(insideIn, caliperIn);
  const boardFt2 = work.boardUsedIn2 / IN2_PER_FT2;
  return {
    key: 'folded',
    boardFt2,
    takenFt2: withScraps(boardFt2),
    weightLb: 0,
    costMinor: 0,
    minutes: shopMinutes('wrapAround', work),
    orders: [{ order: { kind: 'wrapAround', inside: insideIn, caliper: caliperIn }, times: 1 }],
  };
}

/** Panels on all six faces of an inside. */
export const linerPart = (insideIn: Triple, sheet: SheetBoard): MadePart => {
  const order = { kind: 'liner', inside: insideIn, caliper: sheet.board.caliperIn, faces: FACES } as const;
  return ofSheet('liner', cutOf(order).boardUsedIn2, sheet, [{ order, times: 1 }]);
};

/** A pad on which a bundle lies and does not sink: as large as the inside less a quarter of an inch. */
export function boardPart(insideIn: Triple, sheet: SheetBoard): MadePart {
  const [length, width] = [0, 1].map((axis) => Math.max(0, insideIn[axis]! - PAD_CLEARANCE_IN)) as [number, number];
  const order = { kind: 'pads', inside: insideIn, count: 1, caliper: sheet.board.caliperIn } as const;
  return ofSheet('board', length * width, sheet, [{ order, times: 1 }]);
}

/** A cross of two strips from corner to corner that holds the fill down where the lid does not reach it. */
export function crossPart([lengthIn, widthIn]: Triple, heightIn: number, sheet: SheetBoard): MadePart {
  const order = { kind: 'cross', inside: [lengthIn, widthIn], height: heightIn, caliper: sheet.board.caliperIn } as const;
  return ofSheet('cross', cutOf(order).boardUsedIn2, sheet, [{ order, times: 1 }]);
}

/** What parts bundles that are alike: strips slotted into one another on each storey, a sheet between storeys. */
function cellOrders({ grid }: Pick<Layout, 'grid'>, bundleIn: Triple, caliper: number): MadeOrder[] {
  const [along, across, up] = grid;
  const [length, width] = blockSizeIn({ grid, count: 2 }, bundleIn, caliper);
  const orders: MadeOrder[] = [];
  if (along * across > 1)
    orders.push({ order: { kind: 'cells', inside: [length, width], cells: [along, across], height: bundleIn[2], caliper }, times: up });
  if (up > 1) {
    // a sheet as large as the storey: a pad of what is so much larger
    const inside: Triple = [length + PAD_CLEARANCE_IN, width + PAD_CLEARANCE_IN, up * bundleIn[2]];
    orders.push({ order: { kind: 'pads', inside, count: up - 1, caliper }, times: 1 });
  }
  return orders;
}

/** A pad as large as a board between two neighbours. */
function boardOrder({ sizeIn }: Between, caliper: number): MadeOrder {
  const thin = sizeIn.indexOf(Math.min(...sizeIn));
  const [length, width] = sizeIn.filter((_, axis) => axis !== thin).sort((a, b) => b - a) as [number, number];
  return {
    order: { kind: 'pads', inside: [length + PAD_CLEARANCE_IN, width + PAD_CLEARANCE_IN, 4 * caliper], count: 1, caliper },
    times: 1,
  };
}

/**
 * What parts bundles from one another: cells among those that are alike, and a board between neighbours that are not.
 *
 * @param groups those that are alike, each as they stand
 */
export function cellsPart(
  groups: readonly { readonly layout: Pick<Layout, 'grid' | 'count'>; readonly bundleIn: Triple }[],
  boards: readonly Between[],
  sheet: SheetBoard,
): MadePart {
  const caliper = sheet.board.caliperIn;
  const orders = [
    ...groups.flatMap(({ layout, bundleIn }) => (layout.count > 1 ? cellOrders(layout, bundleIn, caliper) : [])),
    ...boards.map((board) => boardOrder(board, caliper)),
  ];
  const cut = orders.map(({ order, times }) => ({ times, work: cutOf(order) }));
  const areaIn2 = cut.reduce((sum, { work, times }) => sum + times * work.boardUsedIn2, 0);
  const count = cut.reduce((sum, { work, times }) => sum + times * work.parts.reduce((all, part) => all + part.count, 0), 0);
  return ofSheet('cells', areaIn2, sheet, orders, MADE_MINUTES.cells * count);
}

/** Folds of wrap between bundles, all of a parcel’s together. */
export function foldsPart(folds: readonly PlacedFold[]): MadePart {
  const sum = (of: (fold: PlacedFold) => number) => folds.reduce((all, fold) => all + of(fold), 0);
  return {
    key: 'folds',
    boardFt2: 0,
    takenFt2: 0,
    weightLb: sum(({ areaIn2, stock }) => (areaIn2 / IN2_PER_FT2) * stock.lbPerFt2),
    costMinor: sum(({ areaIn2, minorPerIn2 }) => areaIn2 * minorPerIn2),
    minutes: MADE_MINUTES.folds * folds.length,
    folds: folds.map(({ stock, areaIn2, folds: count, pair, along, sizeIn }) => ({
      key: stock.key,
      name: stock.name,
      count,
      sidesIn: foldSides({ sizeIn, along }),
      ft2: areaIn2 / IN2_PER_FT2,
      pair,
    })),
    orders: [],
  };
}
