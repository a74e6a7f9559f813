import { orient } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { blockSizeIn, layoutOf } from '../../engineering/stowage/Block.ts';
import { standIn, type Stand } from '../../engineering/stowage/Stand.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import type { BoxLocks } from './BoxChoices.ts';
import { countOf, locksOf, waysToStand, type Lies } from './waysToStand.ts';

/** Ways in which some may stand among themselves are looked at up to so many, the closest first; judgement. */
const MOST_WAYS = 8;

/** One way in which some of several bundles may stand in a box of theirs. */
export interface WayToShare {
  /** How each of them lies, in their order. */
  readonly lies: readonly Lies[];
  /** By their places among all bundles of the parcel. */
  readonly stand: Stand;
  /** Outside of all of them, inches. */
  readonly sizeIn: Triple;
}

/** Ways in which some bundles may stand among themselves, the closest first, lying as somebody has pinned. */
export function waysToShare(wraps: Wraps, of: readonly number[], locks: BoxLocks = {}): WayToShare[] {
  const members = of.map((at) => wraps[at]!) as unknown as Wraps;
  const [first, ...others] = of.map((at) => {
    const { orientation, grid } = locksOf(locks, at);
    return { ...(orientation ? { orientation } : {}), ...(grid ? { grid } : {}) };
  });
  return waysToStand(members, { ...first, others }, MOST_WAYS).map(({ lies, stand }) => {
    const sizes = members.map((wrapped, i) =>
      blockSizeIn(layoutOf(lies[i]!.grid, countOf(wrapped)), orient(wrapped.bundleIn, lies[i]!.orientation)),
    );
    return { lies, stand: placed(stand, of), sizeIn: standIn(stand, sizes).sizeIn };
  });
}

const placed = (stand: Stand, of: readonly number[]): Stand =>
  typeof stand === 'number' ? of[stand]! : { ...stand, parts: stand.parts.map((part) => placed(part, of)) };
