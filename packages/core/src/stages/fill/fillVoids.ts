import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import { emptyCellsIn3 } from '../../engineering/stowage/Block.ts';
import type { Gaps, StowedBox } from '../box/StowedBox.ts';
import { countOf } from '../box/stowInBox.ts';
import { driftChance, effectiveGaps, sinkingPsiOf, standsInBox } from './effectiveGaps.ts';
import { fillAmount } from './fillAmount.ts';
import type { FilledBox } from './FilledBox.ts';

/** All bundles with their guards, before any box. */
export const bundleLb = ({ wrapped }: Pick<StowedBox, 'wrapped'>): number =>
  countOf(wrapped) * (wrapped.piece.weightLb + wrapped.piece.guards.weightLb + wrapped.weightLb);

/**
 * Fills the voids of a stowed box: how much of which fill goes where, and what of it still lies between
 * piece and ground after the way.
 *
 * @param fill null in an envelope
 * @param extraShare outer fill pressed in beyond that, as a share of it
 * @param innerFill for the room inside an inner box; ignored without one
 */
export function fillVoids(stowed: StowedBox, fill: FillStock | null, innerFill: FillStock | null, house: House, extraShare = 0): FilledBox {
  const { inner, shell } = stowed;
  const heldIn = inner ? inner.outsideIn : stowed.blockIn;
  const emptyIn3 = emptyCellsIn3(stowed.layout, stowed.bundleIn);
  const alongIn3 = stowed.wrapped.piece.along.roomIn3;
  const outer =
    fill && fillAmount(fill, 'outer', heldIn, shell.insideIn, stowed.gaps, house.overfillShare, extraShare, inner ? 0 : emptyIn3, alongIn3);
  const within = inner && innerFill ? fillAmount(innerFill, 'inner', stowed.blockIn, inner.box.insideIn, inner.gaps, 0, 0, emptyIn3) : null;
  const amounts = [...(within ? [within] : []), ...(outer ? [outer] : [])];
  const ownLb = bundleLb(stowed);
  const heldLb = ownLb + (inner ? inner.tareLb : 0) + (within ? within.boughtFt3 * within.stock.lbPerFt3 : 0);
  const gaps = fill
    ? effectiveGaps(
        stowed.gaps,
        {
          weightLb: heldLb,
          baseAreaIn2: heldIn[0] * heldIn[1],
          insideDepthIn: shell.insideIn[2],
          overfillShare: house.overfillShare,
          onBoard: stowed.board,
          sinkingPsi: sinkingPsiOf(stowed),
        },
        CUSHION_MATERIALS[fill.cushion],
      )
    : stowed.gaps;
  const innerGaps: Gaps | null =
    inner && innerFill
      ? effectiveGaps(
          inner.gaps,
          {
            weightLb: ownLb,
            baseAreaIn2: stowed.blockIn[0] * stowed.blockIn[1],
            insideDepthIn: inner.box.insideIn[2],
            overfillShare: 0,
            onBoard: false,
            sinkingPsi: sinkingPsiOf({ wrapped: stowed.wrapped, inner: null }),
          },
          CUSHION_MATERIALS[innerFill.cushion],
        )
      : null;
  return {
    stowed,
    fill,
    innerFill: within ? innerFill : null,
    amounts,
    effectiveGaps: gaps,
    filledToRim: fill !== null,
    driftChance: fill ? driftChance(CUSHION_MATERIALS[fill.cushion], standsInBox(stowed)) : 0,
    effectiveInnerGaps: innerGaps,
    weightLb: amounts.reduce((sum, amount) => sum + amount.boughtFt3 * amount.stock.lbPerFt3, 0),
    costMinor: amounts.reduce((sum, amount) => sum + amount.boughtFt3 * amount.stock.minorPerFt3, 0),
    minutes: amounts.reduce((sum, amount) => sum + amount.boughtFt3 * amount.stock.minutesPerFt3, 0),
  };
}
