import { orientationsAllowed } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { House } from '../../house/House.ts';
import type { BoxStock, FillStock } from '../../engineering/materials/stock.ts';
import type { BundleBox, WrappedItem } from '../wrap/WrappedItem.ts';
import { isCore } from './core.ts';
import { builtOutsideIn, isEnvelope, wholeShell } from './makeShell.ts';
import type { Block, LyingBundle, StowedBox } from './StowedBox.ts';
import { ownBoxOf } from './ownBox.ts';
import { countOf } from './waysToStand.ts';

/** How a box may stand round a bundle: which of its length, width and depth lies along each of the piece's axes. */
const WAYS_ROUND = orientationsAllowed(false);

/**
 * A wrapped bundle in a box of its own: what stands among the others is the box. It stands round the bundle in the way that
 * leaves most room where there is least, upright where that is even.
 */
export function boxUp(wrapped: WrappedItem, box: BoxStock, fill: FillStock): WrappedItem {
  const { bundleIn: withinIn } = wrapped;
  const { outsideIn, insideIn, gapsIn } = stoodRound(box, withinIn);
  const boxed: BundleBox = { box, fill, withinIn, insideIn, gapsIn, tareLb: wholeShell(box).tareLb };
  return { ...wrapped, bundleIn: outsideIn, boxed };
}

/** A box as it stands round something: its sides along that one's axes, and the room left at either end of each, inches. */
export interface StoodRound {
  readonly outsideIn: Triple;
  readonly insideIn: Triple;
  readonly gapsIn: Triple;
}

/** @param upright its own way up where it goes round so, even if it left more room otherwise */
export function stoodRound(box: BoxStock, withinIn: Triple, upright = false): StoodRound {
  const all = WAYS_ROUND.map((way) => {
    const insideIn = along(box.insideIn, way);
    const gapsIn = insideIn.map((side, axis) => (side - withinIn[axis]!) / 2) as unknown as Triple;
    return { way, insideIn, gapsIn };
  });
  const goes = upright ? all.filter(({ way, gapsIn }) => way[2] === 2 && Math.min(...gapsIn) >= HAIR_IN) : [];
  const ways = goes.length > 0 ? goes : all;
  const { way, insideIn, gapsIn } = ways.reduce((best, one) => (Math.min(...one.gapsIn) > Math.min(...best.gapsIn) + 1e-9 ? one : best));
  return { outsideIn: along(builtOutsideIn(box), way), insideIn, gapsIn };
}
const along = (size: Triple, [x, y, z]: (typeof WAYS_ROUND)[number]): Triple => [size[x], size[y], size[z]];

/** True for a box that may go round one bundle among others: a box, and no carrier's, no envelope and no tube. */
export const mayHoldOne = (box: BoxStock): boolean => box.container === null && !isEnvelope(box) && !isCore(box);

/**
 * The boxes that a bundle goes into snugly and of which there are enough for all that are alike: that of its piece first, then the
 * smallest.
 *
 * @param most so many of the stockroom's
 */
export function boxesTaking(
  wrapped: WrappedItem,
  boxes: readonly BoxStock[],
  { snugGapIn }: Pick<House, 'snugGapIn'>,
  most: number,
): BoxStock[] {
  const takes = (box: BoxStock) => takesOne(box, unboxedIn(wrapped), snugGapIn);
  const own = ownBoxOf(wrapped.piece.facts);
  const smallest = boxes
    .filter((box) => mayHoldOne(box) && box.onHand >= countOf(wrapped) && takes(box))
    .sort((a, b) => volumeOf(a) - volumeOf(b));
  return [...(own && countOf(wrapped) === 1 && takes(own) ? [own] : []), ...smallest.slice(0, most)];
}
/** True where a bundle of a size goes into a box of its own, turned as it fits best. */
export const takesOne = ({ insideIn }: Pick<BoxStock, 'insideIn'>, sizeIn: Triple, snugGapIn: number): boolean =>
  gapsRound(insideIn, sizeIn).every((gapIn) => gapIn >= Math.max(HAIR_IN, snugGapIn) - 1e-9);

/** The same of a box that stands its own way up round something, whichever way it is turned on the floor. */
export function takesUpright({ insideIn: [l, w, d] }: Pick<BoxStock, 'insideIn'>, [x, y, z]: Triple, snugGapIn: number): boolean {
  const roomIn = 2 * Math.max(HAIR_IN, snugGapIn) - 1e-9;
  return z + roomIn <= d && Math.min(x, y) + roomIn <= Math.min(l, w) && Math.max(x, y) + roomIn <= Math.max(l, w);
}

/** Room at either end of each axis, the shortest first, where a bundle is turned as it fits best. */
export function gapsRound(insideIn: Triple, sizeIn: Triple): number[] {
  const sorted = (sides: Triple) => [...sides].sort((a, b) => a - b);
  const size = sorted(sizeIn);
  return sorted(insideIn).map((side, i) => (side - size[i]!) / 2);
}
const volumeOf = ({ insideIn: [l, w, d] }: BoxStock): number => l * w * d;
/** True for a bundle with a wall of its own between it and the outer box: in a box that it has for itself, or shares with some. */
export const hasOwnWall = ({ bundles, shared }: Pick<Block, 'bundles' | 'shared'>, at: number): boolean =>
  bundles[at]!.wrapped.boxed !== undefined || (shared !== null && shared.of.includes(at));

/** A bundle goes into a box that is larger by so much, inches. */
export const HAIR_IN = 0.05;

/** The bundle itself, in the piece's own axes, whatever it stands in. */
export const unboxedIn = ({ bundleIn, boxed }: Pick<WrappedItem, 'bundleIn' | 'boxed'>): Triple => boxed?.withinIn ?? bundleIn;

/** Room between a bundle that lies so and its own box, face by face; null where it has none. */
export function gapsWithin({ wrapped: { boxed }, orientation }: Pick<LyingBundle, 'wrapped' | 'orientation'>): StowedBox['gaps'] | null {
  if (!boxed) return null;
  const [x, y, z] = orientation.map((axis) => boxed.gapsIn[axis]) as [number, number, number];
  return { left: x, right: x, front: y, back: y, bottom: z, top: z };
}

/** A box that goes into the outer one, and how often. */
export interface BoxWithin {
  readonly box: BoxStock;
  readonly times: number;
  readonly tareLb: number;
  readonly core: NonNullable<StowedBox['inner']>['core'];
}

/** Every box that goes into the outer one: the one round all of them, the one round some, and that of each bundle that has its own. */
export const boxesWithin = ({ inner, shared, bundles }: Pick<StowedBox, 'inner' | 'shared' | 'bundles'>): BoxWithin[] => [
  ...(inner ? [{ ...inner, times: 1 }] : []),
  ...(shared ? [{ ...shared, times: 1 }] : []),
  ...bundles.flatMap(({ wrapped }) => (wrapped.boxed ? [{ ...wrapped.boxed, times: countOf(wrapped), core: null }] : [])),
];
