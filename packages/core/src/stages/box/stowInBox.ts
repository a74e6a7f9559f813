import { orient, orientationsAllowed, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { usableBoxes, type BoxLocks, type BoxRoom } from './BoxChoices.ts';
import { gapsAround, gapsAroundInner, leastGap } from './gapsAround.ts';
import { builtOutsideIn, envelopeRound, isEnvelope, wholeShell } from './makeShell.ts';
import { shellMaker, shellsFor, type ShellMaker } from './shellsFor.ts';
import type { Gaps, InnerBox, Shell, StowedBox } from './StowedBox.ts';

/** A bundle as it will lie, bare or in its inner box: what an outer box is put round. */
export interface Held {
  readonly wrapped: WrappedItem;
  readonly orientation: Orientation;
  readonly bundleIn: Triple;
  readonly inner: InnerBox | null;
  /** Outside of what the outer box holds. */
  readonly heldIn: Triple;
}

/** The bundle bare, in each orientation that differs in outline or in how it stands. */
export const heldBare = (wrapped: WrappedItem, locks: BoxLocks = {}): Held[] =>
  distinctOrientations(wrapped, locks).map((orientation) => {
    const bundleIn = orient(wrapped.bundleIn, orientation);
    return { wrapped, orientation, bundleIn, inner: null, heldIn: bundleIn };
  });

/** The bundle in each inner box that takes it. */
export function* heldInBoxes(wrapped: WrappedItem, boxes: readonly BoxStock[], house: House, locks: BoxLocks = {}): Generator<Held> {
  const inners = usableBoxes(boxes, locks.inner ?? undefined).filter((box) => !isEnvelope(box) && box.container === null);
  for (const { orientation, bundleIn } of heldBare(wrapped, locks)) {
    for (const box of inners) {
      const gaps = gapsAround(bundleIn, box.insideIn);
      if (leastGap(gaps) < house.snugGapIn - 1e-9) continue;
      const inner = innerBox(box, gaps);
      yield { wrapped, orientation, bundleIn, inner, heldIn: inner.outsideIn };
    }
  }
}

export const innerBox = (box: BoxStock, gaps: Gaps): InnerBox => ({
  box,
  outsideIn: builtOutsideIn(box),
  gaps,
  tareLb: wholeShell(box).tareLb,
});

/** Bedding the house wants round what an outer box holds. */
export const bedding = (house: House, inner: unknown): number => (inner ? house.leastInnerBoxGapIn : house.leastGapIn);

/** Every shell that holds it with the house's bedding all round; for a flat bundle the envelopes too. */
export function shellsRound(held: Held, room: BoxRoom, house: House, locks: BoxLocks = {}, make: ShellMaker = shellMaker(room)): Shell[] {
  const gapIn = bedding(house, held.inner);
  const [l, w, h] = held.heldIn;
  const [short, long] = [Math.min(l, w), Math.max(l, w)];
  return usableBoxes(room.boxes, locks.box).flatMap((box) => {
    if (isEnvelope(box)) return envelopesRound(held, box);
    const [insideL, insideW] = box.insideIn;
    if (Math.min(insideL, insideW) < short + 2 * gapIn - 1e-6 || Math.max(insideL, insideW) < long + 2 * gapIn - 1e-6) return [];
    return shellsFor(box, h, gapIn, room, house, make, locks).filter((shell) => leastGap(gapsIn(held, shell)) >= gapIn - 1e-9);
  });
}

/** An envelope takes a flat bundle lying on its face, no thicker than it opens. */
function envelopesRound({ wrapped, inner, heldIn }: Held, box: BoxStock): Shell[] {
  const flat = wrapped.piece.archetype.flat && inner === null && heldIn[2] === Math.min(...heldIn);
  const fits = heldIn.every((side, axis) => side <= box.insideIn[axis]! + 1e-9);
  return flat && fits ? [envelopeRound(box, heldIn[2])] : [];
}

/** Room between what is held and a shell. */
export const gapsIn = ({ inner, heldIn }: Pick<Held, 'inner' | 'heldIn'>, { insideIn }: Shell): Gaps =>
  inner ? gapsAroundInner(heldIn, insideIn) : gapsAround(heldIn, insideIn);

/** What is held, put into a shell. */
export const stow = ({ wrapped, orientation, bundleIn, inner, heldIn }: Held, shell: Shell): StowedBox => ({
  wrapped,
  orientation,
  bundleIn,
  inner,
  shell,
  gaps: gapsIn({ inner, heldIn }, shell),
  board: false,
});

/** Orientations that differ in the bundle's outline or in how it stands. */
function distinctOrientations({ bundleIn, piece }: WrappedItem, locks: BoxLocks): readonly Orientation[] {
  if (locks.orientation) return [locks.orientation];
  const seen = new Set<string>();
  return orientationsAllowed(piece.facts.keepUpright).filter((orientation) => {
    const outline = [...orient(bundleIn, orientation).map((side) => side.toFixed(6)), orientation[2]].join(' ');
    return seen.has(outline) ? false : seen.add(outline);
  });
}
