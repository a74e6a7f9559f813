import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import type { BoxLocks, BoxRoom } from './BoxChoices.ts';
import { boxToFold, foldedRound, toFoldOf } from './boxToFold.ts';
import { bedding, waysBare } from './stowInBox.ts';
import type { StowedBox } from './StowedBox.ts';

/** Bedding that a box is folded for, as shares of what the house wishes. */
const BEDDINGS = [1, 0.5];

/**
 * What the stockroom offers with the boxes that could be folded beside it, where the house folds them: round the thinnest, the
 * middling and the thickest of the wraps, as they stand closest, each with the bedding the house wishes and with half of it. One
 * that is pinned is there either way.
 */
export function withBoxesToFold(room: BoxRoom, wraps: readonly Wraps[], house: House, locks: BoxLocks): BoxRoom {
  const sheet = room.linerBoard;
  const pinned = toFoldOf(locks.box, sheet);
  if (pinned) return { ...room, boxes: [...room.boxes, pinned] };
  if (!sheet || !house.foldsBoxes || locks.box !== undefined || wraps.length === 0) return room;
  const volumeOf = (some: Wraps) => some.reduce((sum, { bundleIn: [l, w, h] }) => sum + l * w * h, 0);
  const byVolume = [...wraps].sort((a, b) => volumeOf(a) - volumeOf(b));
  const some = new Set([0, Math.floor(byVolume.length / 2), byVolume.length - 1].map((at) => byVolume[at]!));
  const folded = new Map<string, BoxStock>();
  for (const each of some) {
    const closest = waysBare(each, locks)[0]?.();
    if (!closest) continue;
    for (const share of BEDDINGS) {
      const box = boxToFold(foldedRound(closest.heldIn, share * bedding(house, closest)), sheet);
      if (box && box.onHand > 0) folded.set(box.key, box);
    }
  }
  return { ...room, boxes: [...room.boxes, ...folded.values()] };
}

/** The box that would be folded round what a nest holds, with the bedding the house wishes; null in one already, in an envelope, and where no board reaches. */
export function foldedFor(stowed: StowedBox, house: House, sheet: SheetBoard | null): BoxStock | null {
  const { inner, blockIn, shell } = stowed;
  if (!sheet || shell.box.style !== 'slotted') return null;
  const box = boxToFold(foldedRound(inner ? inner.outsideIn : blockIn, bedding(house, stowed)), sheet);
  return box && box.onHand > 0 && box.key !== shell.box.key ? box : null;
}

export { boxMade } from './boxMade.ts';
export { isToFold, toFoldOf } from './boxToFold.ts';
