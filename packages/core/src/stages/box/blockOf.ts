import { orient } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { SheetBoard } from '../../engineering/materials/stock.ts';
import { blockSizeIn, emptyCellsIn3, layoutOf } from '../../engineering/stowage/Block.ts';
import { ALONE, restingOf } from '../../engineering/stowage/resting.ts';
import { boardsAt, jointsIn, standIn, type Between, type Round } from '../../engineering/stowage/Stand.ts';
import { stoodTogether } from '../../engineering/stowage/standsFor.ts';
import { IN2_PER_FT2 } from '../../units/index.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { isWound, thickAroundIn, woundOf, type AroundWrap } from './around.ts';
import { isCore } from './core.ts';
import { foldBetween, placedFolds, type Fold, type PlacedFold } from './folds.ts';
import { cellsPart } from './madeParts.ts';
import { besideCore, isShared, reachingOut, roundShared, standShared, type SharedAsChosen, type Spread } from './shared.ts';
import type { Block, LyingBundle } from './StowedBox.ts';
import { countOf, type Way } from './waysToStand.ts';
import { pitchOf } from './pitchOf.ts';
import { aroundSome, roomOutside, takenWithin, wound } from './windBundles.ts';
import { hostsOf } from './hosts.ts';
import { restingWithin, standsOf, takenByBundle } from './metWithin.ts';
import { apartWithin, jointsWithin, lieWithin, outlinesWithin, placedWithin, stoodWithin } from './within.ts';

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
function standingBlock(wraps: Wraps, way: Way, sheet: SheetBoard | null, folds: readonly Fold[], some: RoundSome | null = null): Block {
  const round = some && some.round;
  const hosts = hostsOf(wraps, round?.of);
  const lies = hosts ? lieWithin(wraps, hosts, way.lies) : way.lies;
  const lying = wraps.map((wrapped, at): Omit<LyingBundle, 'atIn' | 'within'> => {
    const { orientation, grid } = lies[at]!;
    const bundleIn = orient(wrapped.bundleIn, orientation);
    const layout = layoutOf(grid, countOf(wrapped));
    const wallIn = sheet && layout.count > 1 ? sheet.board.caliperIn : 0;
    // what cells part does not go into one another
    const pitchIn = wallIn > 0 ? bundleIn : pitchOf(wrapped, orientation, bundleIn);
    return { wrapped, orientation, bundleIn, pitchIn, layout, wallIn, sizeIn: blockSizeIn(layout, bundleIn, wallIn, pitchIn) };
  });
  const [first] = lying as [Omit<LyingBundle, 'atIn' | 'within'>];
  if (lying.length === 1) {
    const emptyIn3 = emptyCellsIn3(first.layout, first.bundleIn, first.pitchIn);
    const cells = sheet && haveCells(wraps) ? cellsPart([first], NO_BOARDS, sheet) : null;
    return {
      bundles: [{ ...first, atIn: NEAR, within: null }],
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
  const sizes = hosts ? outlinesWithin(lying, hosts) : lying.map(({ sizeIn }) => sizeIn);
  const boardIn = sheet ? sheet.board.caliperIn : 0;
  const between =
    folds.length === 0
      ? boardIn
      : (one: readonly number[], other: readonly number[]) => boardIn + (foldBetween(folds, one, other)?.thicknessIn ?? 0);
  const apart = hosts ? apartWithin(between, hosts) : between;
  const settled = (told: Way['stand']) => (hosts ? stoodWithin(told, hosts) : told);
  const asTold = settled(way.stand);
  const stand = round ? settled(stoodTogether(asTold, round.of, sizes)) : asTold;
  const stood = standIn(stand, sizes, apart, round);
  const { sizeIn: blockIn, roundAt = NEAR } = stood;
  const met = sheet || folds.length > 0 ? jointsIn(stand, sizes, apart, round) : [];
  const found = hosts ? jointsWithin(met, hosts) : met;
  const { at, joints } = some?.spread ? some.spread(stood, sizes, found) : { at: stood.at, joints: found };
  const boards = sheet ? boardsAt(joints, boardIn) : NO_BOARDS;
  const placed = placedFolds(joints, folds, boardIn);
  const cells = sheet ? cellsPart(lying, boards, sheet) : null;
  const placedEach = hosts ? placedWithin(lying, hosts, sizes, at) : lying.map((one, i) => ({ ...one, atIn: at[i]!, within: null }));
  const bundles = placedEach as unknown as Block['bundles'];
  const boardIn3 = cells ? cells.boardFt2 * IN2_PER_FT2 * boardIn : 0;
  const foldsIn3 = placed.reduce((sum, { sizeIn: [l, w, h] }) => sum + l * w * h, 0);
  const { around = null, shared = null } = some ? some.put(bundles, [...boards, ...placed], roundAt) : {};
  const closed = shared ? { atIn: shared.atIn, sizeIn: shared.outsideIn } : around && around.some;
  const isIn = (i: number) => isShared(shared, i) || isWound(around, i);
  const allTakenIn3 =
    boardIn3 +
    foldsIn3 +
    (closed ? takenWithin(closed, [...boards, ...placed]) : 0) +
    bundles.reduce((sum, bundle, i) => sum + (isIn(i) ? 0 : takenByBundle(bundle)), 0);
  const resting = restingWithin(restingOf(shared ? reachingOut(bundles, shared) : standsOf(bundles), blockIn), bundles);
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
    emptyIn3: Math.max(0, blockIn[0] * blockIn[1] * blockIn[2] - allTakenIn3),
  };
}
const NEAR: Triple = [0, 0, 0];
const NO_BOARDS: readonly Between[] = [];

/** How many bundles there are in all. */
export const countOfAll = ({ bundles }: Pick<Block, 'bundles'>): number => bundles.reduce((sum, { layout }) => sum + layout.count, 0);
