import { outsideOf } from '../../engineering/board/boxBlank.ts';
import { orient, orientationsAllowed, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { formatLength } from '../../units/index.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import type { BoxRefusal, Gaps, InnerBox, StowedBox } from './StowedBox.ts';

const SIDES = ['long', 'wide', 'deep'] as const;

/** Choices about boxes that somebody has pinned. */
export interface BoxLocks {
  readonly box?: string;
  readonly inner?: string | null;
  readonly orientation?: Orientation;
}

/** Outside of a box as it is rated: what the stockroom measured, else built from its board. */
export const builtOutsideIn = (box: BoxStock): Triple => box.measuredOutsideIn ?? outsideOf(box.insideIn, box.board.caliperIn);

/**
 * Every box on hand that holds the bundle with the house's bedding all round, in each allowed
 * orientation: bare ones first, then every pair of inner and outer box.
 */
export function* offerBoxes(wrapped: WrappedItem, boxes: readonly BoxStock[], house: House, locks: BoxLocks = {}): Generator<StowedBox> {
  if (!locks.inner) yield* offerBare(wrapped, boxes, house, locks);
  if (locks.inner !== null && house.innerBoxes) yield* offerInBox(wrapped, boxes, house, locks);
}

/** The bundle bare in each box that holds it. */
export function* offerBare(wrapped: WrappedItem, boxes: readonly BoxStock[], house: House, locks: BoxLocks = {}): Generator<StowedBox> {
  const outer = usableBoxes(boxes, locks.box);
  for (const orientation of distinctOrientations(wrapped, locks)) {
    const bundleIn = orient(wrapped.bundleIn, orientation);
    for (const box of outer) {
      const gaps = gapsAround(bundleIn, box.insideIn);
      if (leastGap(gaps) >= house.leastGapIn - 1e-9) yield stow(wrapped, orientation, bundleIn, null, box, gaps);
    }
  }
}

/** The bundle in each inner box that takes it, in each outer box that takes that. */
export function* offerInBox(wrapped: WrappedItem, boxes: readonly BoxStock[], house: House, locks: BoxLocks = {}): Generator<StowedBox> {
  const outer = usableBoxes(boxes, locks.box);
  const inners = usableBoxes(boxes, locks.inner ?? undefined);
  for (const orientation of distinctOrientations(wrapped, locks)) {
    const bundleIn = orient(wrapped.bundleIn, orientation);
    for (const inner of inners) {
      const innerGaps = gapsAround(bundleIn, inner.insideIn);
      if (leastGap(innerGaps) < house.snugGapIn - 1e-9) continue;
      const held: InnerBox = { box: inner, outsideIn: builtOutsideIn(inner), gaps: innerGaps };
      for (const box of outer) {
        const gaps = gapsAroundInner(held.outsideIn, box.insideIn);
        if (leastGap(gaps) >= house.leastInnerBoxGapIn - 1e-9) yield stow(wrapped, orientation, bundleIn, held, box, gaps);
      }
    }
  }
}

/** Those on hand, or the pinned one whether or not it is. */
const usableBoxes = (boxes: readonly BoxStock[], pinned: string | undefined): readonly BoxStock[] =>
  boxes.filter((box) => (pinned === undefined ? box.onHand > 0 : box.key === pinned));

/** Places a bundle as somebody says, whether or not the gaps please the house; gaps may be negative. */
export function stowAsTold(
  wrapped: WrappedItem,
  orientation: Orientation,
  inner: BoxStock | null,
  box: BoxStock,
  baseGapIn: number | null,
): StowedBox {
  const bundleIn = orient(wrapped.bundleIn, orientation);
  const held = inner && { box: inner, outsideIn: builtOutsideIn(inner), gaps: gapsAround(bundleIn, inner.insideIn) };
  const gaps = held ? gapsAroundInner(held.outsideIn, box.insideIn) : gapsAround(bundleIn, box.insideIn);
  return stow(
    wrapped,
    orientation,
    bundleIn,
    held,
    box,
    baseGapIn === null ? gaps : { ...gaps, bottom: baseGapIn, top: gaps.bottom + gaps.top - baseGapIn },
  );
}

/** For every box that does not do: which side is short, by how much, or that none is left. */
export function whyNot(wrapped: WrappedItem, boxes: readonly BoxStock[], house: House): BoxRefusal[] {
  return boxes.flatMap((box): BoxRefusal[] => {
    const best = distinctOrientations(wrapped, {})
      .map((orientation) => shortfall(orient(wrapped.bundleIn, orientation), box.insideIn, house.leastGapIn))
      .reduce((least, one) => (one.shortIn < least.shortIn ? one : least));
    if (best.shortIn > 1e-9)
      return [
        { box, ...best, reason: `${formatLength(best.shortIn)} too little ${best.side} with ${formatLength(house.leastGapIn)} of bedding` },
      ];
    return box.onHand > 0 ? [] : [{ box, shortIn: 0, reason: 'none left' }];
  });
}

export const leastGap = (gaps: Gaps): number => Math.min(gaps.bottom, gaps.top, gaps.front, gaps.back, gaps.left, gaps.right);

/** Half the difference on each side. */
export function gapsAround([l, w, d]: Triple, [insideL, insideW, insideD]: Triple): Gaps {
  const x = (insideL - l) / 2;
  const y = (insideW - w) / 2;
  const z = (insideD - d) / 2;
  return { left: x, right: x, front: y, back: y, bottom: z, top: z };
}

/** An inner box stands upright; it is turned on the floor when that leaves more room. */
function gapsAroundInner(outsideIn: Triple, insideIn: Triple): Gaps {
  const straight = gapsAround(outsideIn, insideIn);
  const turned = gapsAround([outsideIn[1], outsideIn[0], outsideIn[2]], insideIn);
  const onTheFloor = (gaps: Gaps) => Math.min(gaps.left, gaps.front);
  return onTheFloor(turned) > onTheFloor(straight) + 1e-9 ? turned : straight;
}

function shortfall(bundleIn: Triple, insideIn: Triple, gapIn: number): { shortIn: number; side: string } {
  const short = bundleIn.map((side, i) => side + 2 * gapIn - insideIn[i]!);
  const worst = short.indexOf(Math.max(...short));
  return { shortIn: short[worst]!, side: SIDES[worst]! };
}

/** Orientations that differ in the bundle's outline or in how it stands. */
function distinctOrientations({ bundleIn, piece }: WrappedItem, locks: BoxLocks): readonly Orientation[] {
  if (locks.orientation) return [locks.orientation];
  const seen = new Set<string>();
  return orientationsAllowed(piece.facts.keepUpright).filter((orientation) => {
    const outline = [...orient(bundleIn, orientation).map((side) => side.toFixed(6)), orientation[2]].join(' ');
    return seen.has(outline) ? false : seen.add(outline);
  });
}

const stow = (
  wrapped: WrappedItem,
  orientation: Orientation,
  bundleIn: Triple,
  inner: InnerBox | null,
  box: BoxStock,
  gaps: Gaps,
): StowedBox => ({ wrapped, orientation, bundleIn, inner, box, outsideIn: builtOutsideIn(box), gaps });
