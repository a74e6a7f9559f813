import { orient } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { blockSizeIn, emptyCellsIn3, layoutOf } from '../../engineering/stowage/Block.ts';
import { stoodTogether } from '../../engineering/stowage/standsFor.ts';
import { ALONE, restingOf } from '../../engineering/stowage/resting.ts';
import { boardsAt, jointsIn, standIn, type Between, type Round } from '../../engineering/stowage/Stand.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { House } from '../../house/House.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import { isToFold } from './boxToFold.ts';
import { isUsable, usableBoxes, type BoxLocks, type BoxRoom } from './BoxChoices.ts';
import { HAIR_IN, hasOwnWall } from './boxed.ts';
import { gapsAround, gapsAroundInner, leastGap } from './gapsAround.ts';
import { boarded, builtOutsideIn, celled, envelopeRound, hasBoard, isEnvelope, wholeShell } from './makeShell.ts';
import { thickAroundIn, isWound, woundOf, type AroundWrap } from './around.ts';
import { foldBetween, placedFolds, type Fold, type PlacedFold } from './folds.ts';
import { cellsPart } from './madeParts.ts';
import { shellMaker, shellsFor, type ShellMaker } from './shellsFor.ts';
import { countOf, waysToStand, type Way } from './waysToStand.ts';
import { ownBoxOf } from './ownBox.ts';
import { besideCore, isShared, reachingOut, roundShared, standShared, type SharedAsChosen, type Spread } from './shared.ts';
import { isCore } from './core.ts';
import { aroundSome, roomOutside, takenWithin, wound } from './windBundles.ts';
import type { Block, Gaps, InnerBox, LyingBundle, Shell, StowedBox } from './StowedBox.ts';

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

/** Cells part what is alike: several of one piece, and nothing else. */
export const haveCells = (wraps: Wraps): boolean => wraps.length === 1 && countOf(wraps[0]) > 1;

/**
 * Bundles as they stand together.
 *
 * @param sheet what parts them is cut from, cells and boards; null where they stand against one another
 * @param folds of wrap between those that are not alike
 * @param around wrap round them all, or round some of them, where there are several
 */
export function blockOf(
  wraps: Wraps,
  way: Way,
  sheet: SheetBoard | null = null,
  folds: readonly Fold[] = NO_FOLDS,
  around: AroundWrap | null = null,
): Block {
  const of = around && woundOf(around, wraps.map(countOf));
  if (around && of && of.length > 0) return standingBlock(wraps, way, sheet, folds, windSome(around, of));
  const block = standingBlock(wraps, way, sheet, folds);
  return around && of === null && countOfAll(block) > 1 ? wound(block, around) : block;
}

/**
 * The same with some of them in a box, or a core, beside the others.
 *
 * @param shellIn inside of the outer box, to which a core is cut
 * @param around wrap round them all
 * @returns null where a core does not go into the outer box, or is too short
 */
export function blockSharing(
  wraps: Wraps,
  way: Way,
  chosen: SharedAsChosen,
  shellIn: Triple,
  sheet: SheetBoard | null,
  folds: readonly Fold[] = NO_FOLDS,
  around: AroundWrap | null = null,
): Block | null {
  const block = standingBlock(wraps, way, sheet, folds, {
    round: roundShared(chosen, shellIn),
    ...(isCore(chosen.box) ? { spread: besideCore(chosen, shellIn) } : {}),
    put: (bundles, counted, atIn) => ({ shared: standShared(chosen, bundles, counted, atIn, shellIn) }),
  });
  if (!block.shared) return null;
  return around && woundOf(around, wraps.map(countOf)) === null ? wound(block, around) : block;
}

/** What goes round some that stand as one part, and what it is once they are placed. */
interface RoundSome {
  readonly round: Round;
  /** Where the others stand beside it, if not where they would. */
  readonly spread?: Spread;
  put(bundles: Block['bundles'], counted: readonly Between[], atIn: Triple): Partial<Pick<Block, 'around' | 'shared'>>;
}

const windSome = (wrap: AroundWrap, of: readonly number[]): RoundSome => ({
  round: { of, outsideOf: (sizeIn) => sizeIn.map((side) => side + 2 * thickAroundIn(wrap)) as unknown as Triple },
  put: (bundles, _, atIn) => ({ around: aroundSome({ wrap, of }, bundles, atIn) }),
});

/** @param some that are wrapped together, or in one box */
function standingBlock(
  wraps: Wraps,
  { lies, stand: asTold }: Way,
  sheet: SheetBoard | null,
  folds: readonly Fold[],
  some: RoundSome | null = null,
): Block {
  const lying = wraps.map((wrapped, at): Omit<LyingBundle, 'atIn'> => {
    const { orientation, grid } = lies[at]!;
    const bundleIn = orient(wrapped.bundleIn, orientation);
    const layout = layoutOf(grid, countOf(wrapped));
    const wallIn = sheet && layout.count > 1 ? sheet.board.caliperIn : 0;
    return { wrapped, orientation, bundleIn, layout, wallIn, sizeIn: blockSizeIn(layout, bundleIn, wallIn) };
  });
  const [first] = lying as [Omit<LyingBundle, 'atIn'>];
  if (lying.length === 1) {
    const emptyIn3 = emptyCellsIn3(first.layout, first.bundleIn);
    const cells = sheet && haveCells(wraps) ? cellsPart([first], NO_BOARDS, sheet) : null;
    return {
      bundles: [{ ...first, atIn: NEAR }],
      stand: 0,
      resting: ALONE,
      cells,
      boards: NO_BOARDS,
      folds: NO_FOLDS,
      around: null,
      shared: null,
      blockIn: first.sizeIn,
      emptyIn3,
    };
  }
  const sizes = lying.map(({ sizeIn }) => sizeIn);
  const boardIn = sheet ? sheet.board.caliperIn : 0;
  const apart =
    folds.length === 0
      ? boardIn
      : (one: readonly number[], other: readonly number[]) => boardIn + (foldBetween(folds, one, other)?.thicknessIn ?? 0);
  const round = some && some.round;
  const stand = round ? stoodTogether(asTold, round.of, sizes) : asTold;
  const stood = standIn(stand, sizes, apart, round);
  const { sizeIn: blockIn, roundAt = NEAR } = stood;
  const found = sheet || folds.length > 0 ? jointsIn(stand, sizes, apart, round) : [];
  const { at, joints } = some?.spread ? some.spread(stood, sizes, found) : { at: stood.at, joints: found };
  const boards = sheet ? boardsAt(joints, boardIn) : NO_BOARDS;
  const placed = placedFolds(joints, folds, boardIn);
  const cells = sheet ? cellsPart(lying, boards, sheet) : null;
  const bundles = lying.map((one, i): LyingBundle => ({ ...one, atIn: at[i]! })) as unknown as Block['bundles'];
  const boardIn3 = cells ? cells.boardFt2 * IN2_PER_FT2 * boardIn : 0;
  const foldsIn3 = placed.reduce((sum, { sizeIn: [l, w, h] }) => sum + l * w * h, 0);
  const { around = null, shared = null } = some ? some.put(bundles, [...boards, ...placed], roundAt) : {};
  const closed = shared ? { atIn: shared.atIn, sizeIn: shared.outsideIn } : around && around.some;
  const isIn = (i: number) => isShared(shared, i) || isWound(around, i);
  const takenIn3 =
    boardIn3 +
    foldsIn3 +
    (closed ? takenWithin(closed, [...boards, ...placed]) : 0) +
    bundles.reduce((sum, { layout, bundleIn: [l, w, h] }, i) => sum + (isIn(i) ? 0 : layout.count * l * w * h), 0);
  const resting = restingOf(shared ? reachingOut(bundles, shared) : bundles, blockIn);
  return {
    bundles,
    stand,
    resting: around?.some ? roomOutside(resting, around.some, blockIn) : resting,
    cells,
    boards,
    folds: placed,
    around,
    shared,
    blockIn,
    emptyIn3: Math.max(0, blockIn[0] * blockIn[1] * blockIn[2] - takenIn3),
  };
}
const NEAR: Triple = [0, 0, 0];
const NO_BOARDS: readonly Between[] = [];

/** How many bundles there are in all. */
export const countOfAll = ({ bundles }: Pick<Block, 'bundles'>): number => bundles.reduce((sum, { layout }) => sum + layout.count, 0);

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
  const needIn = beddingNeeded(house, held);
  const [l, w] = held.heldIn;
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

/** An envelope takes a flat bundle lying on its face, no thicker than it opens. */
function envelopesRound({ bundles, inner, heldIn, cells, folds }: Held, box: BoxStock): Shell[] {
  if (cells || folds.length > 0) return [];
  const flat = goInEnvelopes({ bundles }) && inner === null && heldIn[2] === Math.min(...heldIn);
  const fits = heldIn.every((side, axis) => side <= box.insideIn[axis]! + 1e-9);
  return flat && fits ? [envelopeRound(box, heldIn[2])] : [];
}

/** Only flat goods are put in an envelope by anybody who is asked; whoever chooses one by hand may. Common practice, no source. */
export const goInEnvelopes = ({ bundles }: Pick<Block, 'bundles'>): boolean => bundles.every(({ wrapped }) => wrapped.piece.archetype.flat);

/** Room between what is held and a shell. */
export const gapsIn = ({ inner, heldIn }: Pick<Held, 'inner' | 'heldIn'>, { insideIn }: Shell): Gaps =>
  inner && !inner.core ? gapsAroundInner(heldIn, insideIn) : gapsAround(heldIn, insideIn);

/** What is held, put into a shell. */
export const stow = ({ heldIn, ...held }: Held, shell: Shell): StowedBox => ({
  ...held,
  shell,
  gaps: gapsIn({ inner: held.inner, heldIn }, shell),
  board: hasBoard(shell),
  tubes: null,
});
