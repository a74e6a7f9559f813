import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import type { Grid } from '../../engineering/stowage/Block.ts';
import type { Stand } from '../../engineering/stowage/Stand.ts';
import type { House } from '../../house/House.ts';
import type { AroundChoice } from './around.ts';
import type { SharedChoice } from './SharedChoice.ts';
import type { Shortened } from './Shortened.ts';

/** Choices about boxes that somebody has pinned. */
export interface BoxLocks {
  readonly box?: string;
  readonly inner?: string | null;
  /** What fills the inner box. */
  readonly innerFill?: string;
  readonly orientation?: Orientation;
  /** How several alike bundles stand. */
  readonly grid?: Grid;
  /** The same of the other bundles, in their order. */
  readonly others?: readonly { readonly orientation?: Orientation; readonly grid?: Grid }[];
  /** How different bundles stand together. */
  readonly stand?: Stand;
  /** Board between bundles that are alike. */
  readonly cells?: boolean;
  readonly liner?: boolean;
  readonly newDepthIn?: number | null;
  readonly shortened?: Shortened | null;
  /** Wrap round all of several bundles. */
  readonly around?: AroundChoice | null;
  /** Some of them in one box, or a core, beside the others. */
  readonly shared?: SharedChoice | null;
  /** Foam tubes in the corners. */
  readonly tubes?: boolean;
  /** 0 for none. */
  readonly crossIn?: number;
}

/** Locks of a box that is taken as it stands in the stockroom. */
export const AS_IT_STANDS = { newDepthIn: null, shortened: null, crossIn: 0 } as const satisfies BoxLocks;

/** What the stockroom offers to put a bundle in. */
export interface BoxRoom {
  readonly boxes: readonly BoxStock[];
  readonly linerBoard: SheetBoard | null;
}

/** On hand, or the pinned one whether or not it is. */
export const isUsable = (box: BoxStock, pinned: string | undefined): boolean =>
  pinned === undefined ? box.onHand > 0 : box.key === pinned;

/** All that are usable. */
export const usableBoxes = (boxes: readonly BoxStock[], pinned: string | undefined): readonly BoxStock[] =>
  boxes.filter((box) => isUsable(box, pinned));

/** Without a liner, with one, or both, as house and stock allow; a pinned one needs no leave. */
export const linerChoices = ({ liners }: House, { linerBoard }: BoxRoom, locks: BoxLocks): readonly boolean[] => {
  if (!linerBoard) return [false];
  if (locks.liner !== undefined) return [locks.liner];
  return { never: [false], mayBe: [false, true], always: [true] }[liners];
};

/** What alike bundles are parted by: nothing, board, or either, as house and stock allow; what is pinned needs no leave. */
export const cellChoices = ({ cells }: House, { linerBoard }: BoxRoom, locks: BoxLocks): readonly (SheetBoard | null)[] => {
  if (!linerBoard) return [null];
  if (locks.cells !== undefined) return [locks.cells ? linerBoard : null];
  return cells ? [null, linerBoard] : [null];
};
