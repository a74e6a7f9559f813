import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Grid } from '../../engineering/stowage/Block.ts';
import { rowOf, standsAll, type Stand } from '../../engineering/stowage/Stand.ts';
import type { BoxStock, SheetBoard } from '../../engineering/materials/stock.ts';
import { acrossOf, coreRound, isCore } from './core.ts';
import { cornered } from './cornered.ts';
import type { AroundWrap } from './around.ts';
import type { Fold } from './folds.ts';
import { gapsAround } from './gapsAround.ts';
import { AXIS_OF, boarded, celled, crossed, cutDown, envelopeRound, isEnvelope, lined, shortened, wholeShell } from './makeShell.ts';
import { blockOf, blockSharing } from './blockOf.ts';
import { innerBox, stow } from './stowInBox.ts';
import { gridIn, waysToStand } from './waysToStand.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import type { SharedAsChosen } from './shared.ts';
import type { Shell, StowedBox } from './StowedBox.ts';
import type { Shortened } from './Shortened.ts';

/** How somebody says a bundle lies. */
export interface LiesAsTold {
  readonly orientation: Orientation;
  /** How several alike bundles stand; as it fits best where nobody says, or where they would not all stand so. */
  readonly grid?: Grid;
}

/** What somebody says about the boxes. */
export interface Told extends LiesAsTold {
  /** The other bundles, in their order. */
  readonly others?: readonly LiesAsTold[];
  /** How different bundles stand together; as they stand closest where nobody says. */
  readonly stand?: Stand;
  readonly inner: BoxStock | null;
  readonly box: BoxStock;
  readonly newDepthIn: number | null;
  readonly shortened?: Shortened | null;
  /** Height of a cross under the lid. */
  readonly crossIn?: number;
  readonly liner: boolean;
  /** Foam tubes in the corners, where they hold what stands there. */
  readonly tubes?: boolean;
  readonly baseGapIn: number | null;
  readonly board: boolean;
  /** Board between bundles, where there are several. */
  readonly cells?: boolean;
  /** Folds of wrap between those that are not alike. */
  readonly folds?: readonly Fold[];
  /** Wrap round all of them, where there are several, or round some. */
  readonly around?: AroundWrap | null;
  /** Some of them in one box, or a core, beside the others; then no wrap goes round some. */
  readonly shared?: SharedAsChosen | null;
  /** What liners and boards are cut from. */
  readonly sheet: SheetBoard | null;
}

/**
 * Places bundles as somebody says, whether or not the gaps please the house; gaps may be negative.
 *
 * @returns null when a second wall would leave no inside, or a core, round all or round some, does not go in or is too short
 */
export function stowAsTold(wraps: Wraps, told: Told): StowedBox | null {
  const { insideIn } = told.inner ?? told.box;
  const lies = [told, ...(told.others ?? [])].map(({ orientation, grid }, at) => {
    const wrapped = wraps[at]!;
    return { orientation, grid: gridIn(grid, wrapped, orientation, insideIn) };
  });
  const way = { lies, stand: standAsTold(wraps, told) };
  const { folds, around, shared } = told;
  const sheet = told.cells ? told.sheet : null;
  // a core is cut to the box, which is made ready for it as high as it is
  const shellIn = shared && isCore(shared.box) ? shellAsTold(told, acrossOf(shared.box))?.insideIn : told.box.insideIn;
  const block = shared
    ? shellIn && blockSharing(wraps, way, shared, shellIn, sheet, folds, around)
    : blockOf(wraps, way, sheet, folds, around);
  if (!block) return null;
  const put = told.inner && !isCore(told.inner) ? innerBox(told.inner, gapsAround(block.blockIn, told.inner.insideIn)) : null;
  const bare = shellAsTold(told, (put ? put.outsideIn : block.blockIn)[2]);
  if (!bare) return null;
  // a core is cut to the box it goes into
  const core = told.inner && isCore(told.inner) && !isEnvelope(told.box) ? coreRound(told.inner, block, bare.insideIn) : null;
  const inner = put ?? core;
  if (told.inner && !inner) return null;
  const heldIn = inner ? inner.outsideIn : block.blockIn;
  const shell = celled(bare, block);
  const stowed = stow({ ...block, inner, heldIn }, shell);
  const { bottom, top } = stowed.gaps;
  return {
    ...(told.tubes ? cornered(stowed) : stowed),
    board: told.board,
    gaps: told.baseGapIn === null ? stowed.gaps : { ...stowed.gaps, bottom: told.baseGapIn, top: bottom + top - told.baseGapIn },
  };
}

/** As told where that has every bundle once; else as they stand closest, lying as they are told to. */
function standAsTold(wraps: Wraps, { stand, orientation, grid, others }: Told): Stand {
  if (wraps.length === 1) return 0;
  if (stand !== undefined && standsAll(stand, wraps.length)) return stand;
  const [closest] = waysToStand(wraps, { orientation, ...(grid ? { grid } : {}), ...(others ? { others } : {}) });
  return closest?.stand ?? rowOf(wraps.length);
}

function shellAsTold({ box, newDepthIn, shortened: to, crossIn, liner, board, sheet }: Told, heldIn: number): Shell | null {
  if (isEnvelope(box)) return envelopeRound(box, Math.min(heldIn, box.insideIn[2]));
  // a side the box does not have leaves it whole
  const long = to && to.newIn < box.insideIn[AXIS_OF[to.side]] ? shortened(wholeShell(box), to) : wholeShell(box);
  const shell = newDepthIn === null || !(newDepthIn > 0 && newDepthIn < box.insideIn[2]) ? long : cutDown(long, newDepthIn);
  const walled = liner && sheet ? lined(shell, sheet) : shell;
  // a cross higher than the box, or one that has no room in it, takes nothing up
  const ready = walled && crossIn && sheet ? (crossed(walled, crossIn, sheet) ?? walled) : walled;
  return ready && board && sheet ? boarded(ready, sheet) : ready;
}
