import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { Block, Gaps, StowedBox } from '../box/StowedBox.ts';
import { WEDGED_DRIFT_SHARE } from '../box/cornered.ts';
import { standingAreaIn2 } from '../box/folds.ts';
import { overAll } from '../box/stowInBox.ts';
import { amountsWithin, boxAddsLb, wrappedLb } from './boxedFill.ts';
import { driftChance, effectiveGaps, sinkingPsiOf, standsInBox } from './effectiveGaps.ts';
import { dividedAmounts, fillAmount } from './fillAmount.ts';
import { fillAt, placesFilled, type ByPlace } from './fillPlaces.ts';
import type { FillAmount, FilledBox } from './FilledBox.ts';
import { innerFillOf } from './innerFillOf.ts';
import { amountShared, sharedAddsLb } from './sharedFill.ts';

/** All bundles with their guards, before any box. */
export const bundleLb = (block: Pick<Block, 'bundles'>): number => overAll(block, wrappedLb);

/** Room that what goes along takes from the fill of the outer box, cubic inches: what goes into the inner box takes none. */
export const alongIn3 = ({ bundles, inner }: Pick<Block, 'bundles'> & { readonly inner: unknown }): number =>
  bundles.reduce((sum, { wrapped: { piece } }) => sum + piece.along.roomIn3 - (inner ? piece.along.withinIn3 : 0), 0);

type Holding = Pick<Block, 'bundles' | 'emptyIn3'> & { readonly inner: unknown };

/** What goes between what is held and its shell. */
export const outerFill = (
  fill: FillStock,
  held: Holding,
  heldIn: Triple,
  insideIn: Triple,
  gaps: Gaps,
  { overfillShare }: Pick<House, 'overfillShare'>,
  extraShare = 0,
  uprightIn2 = 0,
): FillAmount =>
  fillAmount(fill, 'outer', heldIn, insideIn, gaps, overfillShare, extraShare, held.inner ? 0 : held.emptyIn3, alongIn3(held), uprightIn2);

const ONE_FILL: ByPlace<FillStock> = {};

/**
 * Fills the voids of a stowed box: how much of which fill goes where, and what of it still lies between
 * piece and ground after the way.
 *
 * @param fill null in an envelope
 * @param extraShare outer fill pressed in beyond that, as a share of it
 * @param innerFill for the room inside an inner box; ignored without one
 * @param fillApart what places of the outer box have instead of `fill`
 */
export function fillVoids(
  stowed: StowedBox,
  fill: FillStock | null,
  innerFill: FillStock | null,
  house: House,
  extraShare = 0,
  fillApart: ByPlace<FillStock> = ONE_FILL,
): FilledBox {
  const { inner, shell } = stowed;
  const heldIn = inner ? inner.outsideIn : stowed.blockIn;
  const outer = fill && outerFill(fill, stowed, heldIn, shell.insideIn, stowed.gaps, house, extraShare, stowed.tubes?.floorIn2);
  const within = inner && innerFill ? innerFillOf(innerFill, stowed, inner) : null;
  const isMixed = fill !== null && placesFilled(fill, fillApart).some((one) => one.fill !== fill);
  const outers = outer ? (isMixed ? dividedAmounts(outer, fillApart, heldIn, shell.insideIn, stowed.gaps) : [outer]) : [];
  const amounts = [
    ...amountsWithin(stowed),
    ...(stowed.shared ? [amountShared(stowed.shared)] : []),
    ...(within ? [within] : []),
    ...outers,
  ];
  const materialAt = (face: keyof Gaps) => cushionOf(fillAt(fill!, fillApart, face));
  const ownLb =
    stowed.bundles.reduce((sum, bundle) => sum + bundle.layout.count * boxAddsLb(bundle), bundleLb(stowed)) + sharedAddsLb(stowed);
  const heldLb = ownLb + (inner ? inner.tareLb : 0) + (within ? within.boughtFt3 * within.stock.lbPerFt3 : 0);
  const gaps = fill
    ? effectiveGaps(
        stowed.gaps,
        {
          weightLb: heldLb,
          baseAreaIn2: inner ? heldIn[0] * heldIn[1] : standingAreaIn2(stowed),
          insideDepthIn: shell.insideIn[2],
          overfillShare: house.overfillShare,
          onBoard: stowed.board,
          sinkingPsi: sinkingPsiOf(stowed),
        },
        isMixed ? materialAt : cushionOf(fill),
      )
    : stowed.gaps;
  const innerGaps: Gaps | null =
    inner && innerFill
      ? effectiveGaps(
          inner.gaps,
          {
            weightLb: ownLb,
            baseAreaIn2: standingAreaIn2(stowed),
            insideDepthIn: inner.box.insideIn[2],
            overfillShare: 0,
            onBoard: false,
            sinkingPsi: sinkingPsiOf({ ...stowed, inner: null }),
          },
          cushionOf(innerFill),
        )
      : null;
  return {
    stowed,
    fill,
    fillApart: isMixed ? fillApart : ONE_FILL,
    innerFill: within ? innerFill : null,
    amounts,
    effectiveGaps: gaps,
    filledToRim: fill !== null,
    // what it stands on is what it drifts into
    driftChance: fill ? driftChance(materialAt('bottom'), standsInBox(stowed)) * (stowed.tubes ? WEDGED_DRIFT_SHARE : 1) : 0,
    effectiveInnerGaps: innerGaps,
    weightLb: amounts.reduce((sum, amount) => sum + amount.boughtFt3 * amount.stock.lbPerFt3, 0),
    costMinor: amounts.reduce((sum, amount) => sum + amount.boughtFt3 * amount.stock.minorPerFt3, 0),
    minutes: amounts.reduce((sum, amount) => sum + amount.boughtFt3 * amount.stock.minutesPerFt3, 0),
  };
}
