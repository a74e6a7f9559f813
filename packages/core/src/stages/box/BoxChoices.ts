import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import type { Grid } from '../../engineering/stowage/Block.ts';
import type { Stand } from '../../engineering/stowage/Stand.ts';
import type { House } from '../../house/House.ts';

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
  readonly liner?: boolean;
  readonly newDepthIn?: number | null;
}

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
