import { orient, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { blockSizeIn, layoutOf, type Grid } from '../../engineering/stowage/Block.ts';
import { leanOf } from '../../engineering/stowage/lean.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';

/** Which of the piece's own axes is upright as it stands: along it one goes into the next. */
export const UPRIGHT = 2;

/**
 * From one bundle to the next of its like as they lie, inches: a bundle's own sides, but along the piece's upright axis, where pieces
 * go into one another, what each further one adds, raised by both wraps between their feet or, if that is more, between their walls.
 *
 * @param bundleIn one as it lies; answered itself where none goes into another
 */
export function pitchOf({ piece, boxed }: Pick<WrappedItem, 'piece' | 'boxed'>, orientation: Orientation, bundleIn: Triple): Triple {
  const { nestStepIn, stackOf, count } = piece.facts;
  if (nestStepIn === null || count === 1 || stackOf > 1 || boxed) return bundleIn;
  const axis = orientation.indexOf(UPRIGHT);
  const wrapsIn = bundleIn.map((side, at) => side - piece.sizeIn[orientation[at]!]);
  const betweenWalls = Math.max(...wrapsIn.filter((_, at) => at !== axis));
  const pitchIn = nestStepIn + Math.max(wrapsIn[axis]!, betweenWalls / leanOf(piece.sizeIn));
  return pitchIn >= bundleIn[axis]! ? bundleIn : (bundleIn.map((side, at) => (at === axis ? pitchIn : side)) as unknown as Triple);
}

/** Outside of those of one kind as they lie, inches. */
export function sizeAsLies(
  wrapped: WrappedItem,
  { orientation, grid }: { readonly orientation: Orientation; readonly grid: Grid },
): Triple {
  const bundleIn = orient(wrapped.bundleIn, orientation);
  return blockSizeIn(layoutOf(grid, wrapped.piece.stacks.length), bundleIn, 0, pitchOf(wrapped, orientation, bundleIn));
}
