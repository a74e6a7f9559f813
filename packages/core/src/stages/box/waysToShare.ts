import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { standIn, type Stand } from '../../engineering/stowage/Stand.ts';
import type { WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import type { BoxLocks } from './BoxChoices.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { cutToBox, isRoundAlong } from './core.ts';
import { sizeAsLies } from './pitchOf.ts';
import { outlinesAsLie } from './within.ts';
import { countOf, locksOf, placedAs, waysToLie, waysToStand, type Lies } from './waysToStand.ts';

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

/**
 * Ways in which some bundles may lie in a core, end to end along it, each on its longest side where it may, as far as they go in.
 *
 * @param tube cut to the box
 */
export function waysInCore(wraps: Wraps, of: readonly number[], locks: BoxLocks, tube: BoxStock, insideIn: Triple): WayToShare[] {
  const cut = cutToBox(tube, insideIn);
  if (!cut) return [];
  const { axis } = cut;
  const boreIn = tube.insideIn[1];
  const lies = of.map((at) => slimmest(waysToLie(wraps[at]!, locksOf(locks, at)), wraps[at]!, axis));
  const sizes = outlinesAsLie(of.map((at) => wraps[at]!) as unknown as Wraps, lies);
  const row: Stand = of.length === 1 ? of[0]! : { along: axis, parts: [...of] };
  const sizeIn = ([0, 1, 2] as const).map((side) =>
    side === axis ? sizes.reduce((sum, one) => sum + one[side], 0) : Math.max(...sizes.map((one) => one[side])),
  ) as unknown as Triple;
  const across = sizeIn.filter((_, side) => side !== axis);
  const lying = of.map((at, i) => ({ wrapped: wraps[at]!, layout: { count: countOf(wraps[at]!) }, orientation: lies[i]!.orientation }));
  const acrossIn = isRoundAlong({ bundles: lying }, axis) ? Math.max(...across) : Math.hypot(...across);
  return sizeIn[axis] <= cut.work.lengthIn && acrossIn <= boreIn ? [{ lies, stand: row, sizeIn }] : [];
}

/** Of the ways in which bundles that are alike may lie, the one that is slimmest along an axis. */
const slimmest = (ways: readonly Lies[], wrapped: WrappedItem, axis: 0 | 1 | 2): Lies => {
  const acrossIn = (lies: Lies) => Math.hypot(...sizeAsLies(wrapped, lies).filter((_, side) => side !== axis));
  return ways.reduce((best, one) => (acrossIn(one) < acrossIn(best) - 1e-9 ? one : best));
};

/** Ways in which some bundles may stand among themselves, the closest first, lying as somebody has pinned. */
export function waysToShare(wraps: Wraps, of: readonly number[], locks: BoxLocks = {}): WayToShare[] {
  const members = of.map((at) => wraps[at]!) as unknown as Wraps;
  const [first, ...others] = of.map((at) => {
    const { orientation, grid } = locksOf(locks, at);
    return { ...(orientation ? { orientation } : {}), ...(grid ? { grid } : {}) };
  });
  return waysToStand(members, { ...first, others }, MOST_WAYS).map(({ lies, stand }) => {
    return { lies, stand: placedAs(stand, of), sizeIn: standIn(stand, outlinesAsLie(members, lies)).sizeIn };
  });
}
