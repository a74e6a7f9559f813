import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { House } from '../../house/House.ts';
import type { Block, Gaps, StowedBox } from '../box/StowedBox.ts';
import { overAll } from '../box/stowInBox.ts';
import { driftChance, effectiveGaps, sinkingPsiOf, standsInBox } from './effectiveGaps.ts';
import { fillAmount } from './fillAmount.ts';
import type { FilledBox } from './FilledBox.ts';

/** All bundles with their guards, before any box. */
export const bundleLb = (block: Pick<Block, 'bundles'>): number =>
  overAll(block, ({ piece, weightLb }) => piece.weightLb + piece.guards.weightLb + weightLb);

/** Room that what goes along takes from the fill, cubic inches. */
export const alongIn3 = ({ bundles }: Pick<Block, 'bundles'>): number =>
  bundles.reduce((sum, { wrapped }) => sum + wrapped.piece.along.roomIn3, 0);

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
  const { emptyIn3 } = stowed;
  const outer =
    fill &&
    fillAmount(fill, 'outer', heldIn, shell.insideIn, stowed.gaps, house.overfillShare, extraShare, inner ? 0 : emptyIn3, alongIn3(stowed));
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
            sinkingPsi: sinkingPsiOf({ bundles: stowed.bundles, inner: null }),
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
