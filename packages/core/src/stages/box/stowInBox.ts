import { orient, orientationsAllowed, type Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { blockSizeIn, gridsFor, layoutOf, type Grid, type Layout } from '../../engineering/stowage/Block.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { isUsable, usableBoxes, type BoxLocks, type BoxRoom } from './BoxChoices.ts';
import { gapsAround, gapsAroundInner, leastGap } from './gapsAround.ts';
import { boarded, builtOutsideIn, envelopeRound, hasBoard, isEnvelope, wholeShell } from './makeShell.ts';
import { shellMaker, shellsFor, type ShellMaker } from './shellsFor.ts';
import { ownBoxOf } from './ownBox.ts';
import type { Gaps, InnerBox, Shell, StowedBox } from './StowedBox.ts';

/** A bundle as it will lie, bare or in its inner box: what an outer box is put round. */
export interface Held {
  readonly wrapped: WrappedItem;
  readonly orientation: Orientation;
  readonly bundleIn: Triple;
  readonly layout: Layout;
  /** Outside of all bundles. */
  readonly blockIn: Triple;
  readonly inner: InnerBox | null;
  /** Outside of what the outer box holds. */
  readonly heldIn: Triple;
}

/** Ways in which several alike bundles may stand are looked at up to so many, the nearest to a cube first. */
const MOST_GRIDS = 8;

/** The bundles bare, in each orientation that differs in outline or in how they stand, and in each grid. */
export const heldBare = (wrapped: WrappedItem, locks: BoxLocks = {}): Held[] =>
  distinctOrientations(wrapped, locks).flatMap((orientation) => {
    const bundleIn = orient(wrapped.bundleIn, orientation);
    return gridsOf(wrapped, bundleIn, locks).map((grid) => {
      const layout = layoutOf(grid, countOf(wrapped));
      const blockIn = blockSizeIn(layout, bundleIn);
      return { wrapped, orientation, bundleIn, layout, blockIn, inner: null, heldIn: blockIn };
    });
  });

/** How many bundles there are, all alike. */
export const countOf = ({ piece }: Pick<WrappedItem, 'piece'>): number => piece.stacks.length;

const gridsOf = (wrapped: WrappedItem, bundleIn: Triple, { grid }: BoxLocks): readonly Grid[] => {
  const count = countOf(wrapped);
  return grid && holds(grid, count) ? [grid] : gridsFor(count, bundleIn, MOST_GRIDS);
};

const holds = ([nx, ny, nz]: Grid, count: number): boolean => nx * ny * nz >= count;

/** The grid as told where it holds them all, else the one that leaves the widest gap in an inside. */
export function gridIn(told: Grid | undefined, wrapped: WrappedItem, bundleIn: Triple, insideIn: Triple): Grid {
  const count = countOf(wrapped);
  if (told && holds(told, count)) return told;
  const roomOf = (grid: Grid) => leastGap(gapsAround(blockSizeIn(layoutOf(grid, count), bundleIn), insideIn));
  return gridsFor(count, bundleIn, count).reduce((best, one) => (roomOf(one) > roomOf(best) + 1e-9 ? one : best));
}

/** An inner box is snug: only the few smallest that take the bundle are looked at. Common practice, no source. */
const MOST_INNER = 3;
/** Of outer boxes the smallest that take what is held; larger ones are more air for more money. */
const MOST_OUTER = 16;

const bySizeOf = new WeakMap<readonly BoxStock[], readonly BoxStock[]>();
/** Boxes by the volume inside; of equal ones as they lie in the stockroom. */
function smallestFirst(boxes: readonly BoxStock[]): readonly BoxStock[] {
  const known = bySizeOf.get(boxes) ?? [...boxes].sort((a, b) => volumeOf(a) - volumeOf(b));
  bySizeOf.set(boxes, known);
  return known;
}
const volumeOf = ({ insideIn: [l, w, d] }: BoxStock): number => l * w * d;

/** The bundle in its own box where it has one that takes it, and in each of the smallest inner boxes that do. */
export function* heldInBoxes(wrapped: WrappedItem, boxes: readonly BoxStock[], house: House, locks: BoxLocks = {}): Generator<Held> {
  const own = ownBoxOf(wrapped.piece.facts);
  const inners = usableBoxes(boxes, locks.inner ?? undefined).filter((box) => !isEnvelope(box) && box.container === null);
  const bySize = smallestFirst(inners);
  for (const bare of heldBare(wrapped, locks)) {
    const put = (box: BoxStock): Held | null => {
      const gaps = gapsAround(bare.blockIn, box.insideIn);
      if (leastGap(gaps) < Math.max(HAIR_IN, house.snugGapIn) - 1e-9) return null;
      const inner = innerBox(box, gaps);
      return { ...bare, inner, heldIn: inner.outsideIn };
    };
    const inOwn = own && isUsable(own, locks.inner ?? undefined) ? put(own) : null;
    if (inOwn) yield inOwn;
    let taken = 0;
    for (const box of bySize) {
      const held = put(box);
      if (!held) continue;
      yield held;
      if (++taken === MOST_INNER) break;
    }
  }
}

export const innerBox = (box: BoxStock, gaps: Gaps): InnerBox => ({
  box,
  outsideIn: builtOutsideIn(box),
  gaps,
  tareLb: wholeShell(box).tareLb,
});

/** Bedding the house wishes round what an outer box holds: none round what is in a case of its own or cannot break. */
export const bedding = (house: House, { inner, wrapped }: { readonly inner: unknown; readonly wrapped: WrappedItem }): number =>
  inner ? house.leastInnerBoxGapIn : needsNone(wrapped) ? 0 : house.leastGapIn;

const needsNone = ({ piece: { archetype } }: WrappedItem): boolean => archetype.cased || archetype.fragility === null;

/** Bedding that must be there: the wish where the house is strict, else a hair, and the physics decide. */
export const beddingNeeded = (house: House, held: Parameters<typeof bedding>[1]): number =>
  house.strictGaps ? bedding(house, held) : HAIR_IN;

/** A bundle goes into a box that is larger by so much, inches. */
const HAIR_IN = 0.05;

/** Stress of a bundle, and of a case with its flat bottom, from which a board under it is looked at, psi; judgement. */
const BOARD_FROM_PSI = { bundle: 0.045, cased: 0.18 };

/** True for what would sink deep into loose fill, so that a board may pay; an inner box hardly does. */
function sinksDeep({ wrapped, inner, heldIn }: Held): boolean {
  if (inner) return false;
  const { piece, weightLb } = wrapped;
  const stressPsi = (countOf(wrapped) * (piece.weightLb + piece.guards.weightLb + weightLb)) / (heldIn[0] * heldIn[1]);
  return stressPsi > (piece.archetype.cased ? BOARD_FROM_PSI.cased : BOARD_FROM_PSI.bundle);
}

/** The shells that take it with the bedding it must have all round, smallest boxes first; for a flat bundle the envelopes too. */
export function shellsRound(held: Held, room: BoxRoom, house: House, locks: BoxLocks = {}, make: ShellMaker = shellMaker(room)): Shell[] {
  const needIn = beddingNeeded(house, held);
  const [l, w, h] = held.heldIn;
  const [short, long] = [Math.min(l, w), Math.max(l, w)];
  let taken = 0;
  return smallestFirst(room.boxes).flatMap((box) => {
    if (taken === MOST_OUTER || !isUsable(box, locks.box)) return [];
    if (isEnvelope(box)) return envelopesRound(held, box);
    const [insideL, insideW] = box.insideIn;
    if (Math.min(insideL, insideW) < short + 2 * needIn - 1e-6 || Math.max(insideL, insideW) < long + 2 * needIn - 1e-6) return [];
    const shells = shellsFor(box, h, bedding(house, held), room, house, make, locks).filter(
      (shell) => leastGap(gapsIn(held, shell)) >= needIn - 1e-9,
    );
    // a carrier’s own box goes by its own services and stands in no other’s way
    if (shells.length > 0 && box.container === null) taken++;
    const { linerBoard } = room;
    return linerBoard && sinksDeep(held) ? [...shells, ...shells.map((shell) => boarded(shell, linerBoard))] : shells;
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
export const stow = ({ wrapped, orientation, bundleIn, layout, blockIn, inner, heldIn }: Held, shell: Shell): StowedBox => ({
  wrapped,
  orientation,
  bundleIn,
  layout,
  blockIn,
  inner,
  shell,
  gaps: gapsIn({ inner, heldIn }, shell),
  board: hasBoard(shell),
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
