import { orient, type Orientation } from '../../engineering/geometry/orientations.ts';
import { blockSizeIn, layoutOf, type Grid } from '../../engineering/stowage/Block.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { gapsAround } from './gapsAround.ts';
import { boarded, cutDown, envelopeRound, isEnvelope, lined, wholeShell } from './makeShell.ts';
import { countOf, gridIn, innerBox, stow } from './stowInBox.ts';
import type { Shell, StowedBox } from './StowedBox.ts';

/** What somebody says about the boxes. */
export interface Told {
  readonly orientation: Orientation;
  /** How several alike bundles stand; as it fits best where nobody says, or where they would not all stand so. */
  readonly grid?: Grid;
  readonly inner: BoxStock | null;
  readonly box: BoxStock;
  readonly newDepthIn: number | null;
  readonly liner: boolean;
  readonly baseGapIn: number | null;
  readonly board: boolean;
  /** What liners and boards are cut from. */
  readonly sheet: SheetBoard | null;
}

/**
 * Places a bundle as somebody says, whether or not the gaps please the house; gaps may be negative.
 *
 * @returns null when a second wall would leave no inside
 */
export function stowAsTold(wrapped: WrappedItem, told: Told): StowedBox | null {
  const bundleIn = orient(wrapped.bundleIn, told.orientation);
  const grid = gridIn(told.grid, wrapped, bundleIn, (told.inner ?? told.box).insideIn);
  const layout = layoutOf(grid, countOf(wrapped));
  const blockIn = blockSizeIn(layout, bundleIn);
  const inner = told.inner && innerBox(told.inner, gapsAround(blockIn, told.inner.insideIn));
  const heldIn = inner ? inner.outsideIn : blockIn;
  const shell = shellAsTold(told, heldIn[2]);
  if (!shell) return null;
  const stowed = stow({ wrapped, orientation: told.orientation, bundleIn, layout, blockIn, inner, heldIn }, shell);
  const { bottom, top } = stowed.gaps;
  return {
    ...stowed,
    board: told.board,
    gaps: told.baseGapIn === null ? stowed.gaps : { ...stowed.gaps, bottom: told.baseGapIn, top: bottom + top - told.baseGapIn },
  };
}

function shellAsTold({ box, newDepthIn, liner, board, sheet }: Told, heldIn: number): Shell | null {
  if (isEnvelope(box)) return envelopeRound(box, Math.min(heldIn, box.insideIn[2]));
  // a depth the box does not have leaves it whole
  const shell =
    newDepthIn === null || !(newDepthIn > 0 && newDepthIn < box.insideIn[2]) ? wholeShell(box) : cutDown(wholeShell(box), newDepthIn);
  const walled = liner && sheet ? lined(shell, sheet) : shell;
  return walled && board && sheet ? boarded(walled, sheet) : walled;
}
