import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import { isToFold } from './boxToFold.ts';
import { isUsable, usableBoxes, type BoxLocks, type BoxRoom } from './BoxChoices.ts';
import { blockOf, haveCells } from './blockOf.ts';
import { HAIR_IN, hasOwnWall } from './boxed.ts';
import { gapsAround, gapsAroundInner, leastGap } from './gapsAround.ts';
import { giveOf, lessBy, pressed, pressedBy, type Holding } from './give.ts';
import { boarded, builtOutsideIn, celled, envelopeRound, hasBoard, isEnvelope, wholeShell } from './makeShell.ts';
import { type Fold, type PlacedFold } from './folds.ts';
import { shellMaker, shellsFor, type ShellMaker } from './shellsFor.ts';
import { countOf, waysToStand, type Way } from './waysToStand.ts';
import { ownBoxOf } from './ownBox.ts';
import type { Block, Gaps, InnerBox, Shell, StowedBox } from './StowedBox.ts';

/** Bundles as they will lie, bare or in their inner box: what an outer box is put round. */
export interface Held extends Block {
  readonly inner: InnerBox | null;
  /** Outside of what the outer box holds. */
  readonly heldIn: Triple;
}

/** The bundles bare, in each way of lying that differs in outline or in how they stand; each made when it is called for. */
export const waysBare = (
  wraps: Wraps,
  locks: BoxLocks = {},
  ways: readonly Way[] = waysToStand(wraps, locks),
  cellsOf: readonly (SheetBoard | null)[] = NO_CELLS,
  folds: readonly Fold[] = NO_FOLDS,
): (() => Held)[] =>
  ways.flatMap((way) =>
    (haveCells(wraps) ? cellsOf : NO_CELLS).map((sheet) => () => {
      const block = blockOf(wraps, way, sheet, folds);
      return { ...block, inner: null, heldIn: block.blockIn };
    }),
  );
/** All of these, made. */
export const heldBare = (...of: Parameters<typeof waysBare>): Held[] => waysBare(...of).map((make) => make());
const NO_CELLS = [null];
const NO_FOLDS: readonly PlacedFold[] = [];

/** The piece of each bundle, or the one that stands for its like. */
export const piecesIn = ({ bundles }: Pick<Block, 'bundles'>): InspectedPiece[] => bundles.map(({ wrapped }) => wrapped.piece);

/** A figure of each bundle, over all of them, those that are alike counted each. */
export const overAll = ({ bundles }: Pick<Block, 'bundles'>, of: (wrapped: WrappedItem) => number): number =>
  bundles.reduce((sum, { wrapped }) => sum + countOf(wrapped) * of(wrapped), 0);

/** What the pieces alone weigh, lb. */
export const piecesLb = (block: Pick<Block, 'bundles'>): number => overAll(block, ({ piece }) => piece.weightLb);

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
export function* heldInBoxes(
  wraps: Wraps,
  boxes: readonly BoxStock[],
  house: House,
  locks: BoxLocks = {},
  ways: readonly Way[] = waysToStand(wraps, locks),
  cellsOf: readonly (SheetBoard | null)[] = NO_CELLS,
  folds: readonly Fold[] = NO_FOLDS,
): Generator<Held> {
  // a box of its own holds its own piece alone
  const own = wraps.length === 1 ? ownBoxOf(wraps[0].piece.facts) : null;
  const inners = usableBoxes(boxes, locks.inner ?? undefined).filter((box) => !isEnvelope(box) && box.container === null && !isToFold(box));
  const bySize = smallestFirst(inners);
  for (const make of waysBare(wraps, locks, ways, cellsOf, folds)) {
    const bare = make();
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
  core: null,
});

/** Bedding the house wishes round what an outer box holds: none round what is in a case of its own or cannot break. */
export const bedding = (
  house: House,
  { inner, bundles, shared }: { readonly inner: unknown } & Pick<Block, 'bundles' | 'shared'>,
): number =>
  inner || bundles.every((_, at) => hasOwnWall({ bundles, shared }, at))
    ? house.leastInnerBoxGapIn
    : bundles.every(({ wrapped }) => needsNone(wrapped))
      ? 0
      : house.leastGapIn;

const needsNone = ({ piece: { archetype } }: WrappedItem): boolean => archetype.cased || archetype.fragility === null;

/** Bedding that must be there: the wish where the house is strict, else a hair, and the physics decide. */
export const beddingNeeded = (house: House, held: Parameters<typeof bedding>[1]): number =>
  house.strictGaps ? bedding(house, held) : HAIR_IN;

/** The least that goes into a box, and what must be left round that: what gives is pressed together, and needs not even a hair. */
export function roomNeeded(house: House, held: Holding): { readonly leastIn: Triple; readonly needIn: number } {
  const giveIn = giveOf(held);
  const gives = giveIn.some((byIn) => byIn > 0);
  return { leastIn: lessBy(held.heldIn, giveIn), needIn: gives && !house.strictGaps ? 0 : beddingNeeded(house, held) };
}

/** Stress of a bundle, and of a case with its flat bottom, from which a board under it is looked at, psi; judgement. */
const BOARD_FROM_PSI = { bundle: 0.045, cased: 0.18 };

/** True for what would sink deep into loose fill, so that a board may pay; an inner box hardly does. */
function sinksDeep({ bundles, inner, heldIn }: Held): boolean {
  if (inner) return false;
  const heldLb = overAll({ bundles }, ({ piece, weightLb }) => piece.weightLb + piece.guards.weightLb + weightLb);
  return heldLb / (heldIn[0] * heldIn[1]) > (allCased({ bundles }) ? BOARD_FROM_PSI.cased : BOARD_FROM_PSI.bundle);
}

/** Everything stands in a case of its own. */
export const allCased = ({ bundles }: Pick<Block, 'bundles'>): boolean => bundles.every(({ wrapped }) => wrapped.piece.archetype.cased);

/** The shells that take it with the bedding it must have all round, smallest boxes first; for a flat bundle the envelopes too. */
export function shellsRound(held: Held, room: BoxRoom, house: House, locks: BoxLocks = {}, make: ShellMaker = shellMaker(room)): Shell[] {
  const { leastIn, needIn } = roomNeeded(house, held);
  const [l, w] = leastIn;
  const [short, long] = [Math.min(l, w), Math.max(l, w)];
  let taken = 0;
  return smallestFirst(room.boxes).flatMap((box) => {
    if (taken === MOST_OUTER || !isUsable(box, locks.box)) return [];
    if (isEnvelope(box)) return envelopesRound(held, box);
    const [insideL, insideW] = box.insideIn;
    if (Math.min(insideL, insideW) < short + 2 * needIn - 1e-6 || Math.max(insideL, insideW) < long + 2 * needIn - 1e-6) return [];
    const shells = shellsFor(box, held.heldIn, bedding(house, held), room, house, make, locks).filter(
      (shell) => leastGap(gapsIn(held, shell)) >= needIn - 1e-9,
    );
    // a carrier’s own box goes by its own services, one that is yet to be folded is any size: they stand in no other’s way
    if (shells.length > 0 && box.container === null && !isToFold(box)) taken++;
    const { linerBoard } = room;
    const ready = shells.map((shell) => celled(shell, held));
    return linerBoard && sinksDeep(held) ? [...ready, ...ready.map((shell) => boarded(shell, linerBoard))] : ready;
  });
}

/** An envelope takes a bundle lying on its face, no thicker than it opens. */
function envelopesRound(held: Held, box: BoxStock): Shell[] {
  const { bundles, inner, heldIn, cells, folds } = held;
  if (cells || folds.length > 0) return [];
  const flat = goInEnvelopes({ bundles }) && inner === null && heldIn[2] === Math.min(...heldIn);
  const fits = lessBy(heldIn, giveOf(held)).every((side, axis) => side <= box.insideIn[axis]! + 1e-9);
  return flat && fits ? [envelopeRound(box, Math.min(heldIn[2], box.insideIn[2]))] : [];
}

/** Only what is flat or soft is put in an envelope by anybody who is asked; whoever chooses one by hand may. Common practice, no source. */
export const goInEnvelopes = ({ bundles }: Pick<Block, 'bundles'>): boolean => bundles.every(({ wrapped }) => wrapped.piece.archetype.flat);

/** Room between what is held and a shell. */
export const gapsIn = (held: Held, { insideIn }: Shell): Gaps =>
  held.inner && !held.inner.core
    ? gapsAroundInner(held.heldIn, insideIn)
    : gapsAround(lessBy(held.heldIn, pressedBy(held, insideIn)), insideIn);

/** What is held, put into a shell: what is soft pressed together where that is all it lacks. */
export function stow(held: Held, shell: Shell): StowedBox {
  const { heldIn: _, ...block } = held;
  const byIn = pressedBy(held, shell.insideIn);
  const isPressed = byIn.some((by) => by > 0);
  return {
    ...block,
    ...(isPressed ? { bundles: [pressed(block.bundles[0], byIn)], blockIn: lessBy(block.blockIn, byIn), pressedIn: byIn } : {}),
    shell,
    gaps: gapsIn(held, shell),
    board: hasBoard(shell),
    tubes: null,
  };
}
