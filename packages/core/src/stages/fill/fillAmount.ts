import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import { IN3_PER_FT3 } from '../../units/index.ts';
import type { Gaps } from '../box/StowedBox.ts';
import type { FillAmount } from './FilledBox.ts';

/**
 * Fill for the room between what is held and a box: base under all of it, top over all of it, sides
 * between. In what the packer counts, rounded up to halves.
 *
 * @param heldIn outside of the bundle or inner box
 * @param overfillShare fill above the rim as a share of the inside depth
 * @param extraShare fill pressed in beyond all that, as a share of it
 * @param emptyIn3 room that a block of bundles leaves empty within its outline, filled from above
 * @param alongIn3 room that what goes along takes from the fill: on top first, then at the sides, then below
 */
export function fillAmount(
  stock: FillStock,
  where: FillAmount['where'],
  heldIn: Triple,
  insideIn: Triple,
  gaps: Gaps,
  overfillShare: number,
  extraShare = 0,
  emptyIn3 = 0,
  alongIn3 = 0,
): FillAmount {
  const floorIn2 = insideIn[0] * insideIn[1];
  const baseFt3 = (floorIn2 * Math.max(0, gaps.bottom)) / IN3_PER_FT3;
  const topFt3 = (floorIn2 * Math.max(0, gaps.top) + emptyIn3) / IN3_PER_FT3;
  const sidesFt3 = Math.max(0, (floorIn2 - heldIn[0] * heldIn[1]) * heldIn[2]) / IN3_PER_FT3;
  const [top, sides, base] = less([topFt3, sidesFt3, baseFt3], alongIn3 / IN3_PER_FT3) as [number, number, number];
  const boughtFt3 = (base + sides + top) * (1 + overfillShare) * (1 + extraShare);
  return {
    stock,
    where,
    baseFt3: base,
    sidesFt3: sides,
    topFt3: top,
    boughtFt3,
    units: Math.ceil((boughtFt3 / stock.unitFt3) * 2 - 1e-9) / 2,
  };
}

/** Amounts with so much taken away, from the first as far as it goes, then from the next. */
function less(amounts: readonly number[], away: number): number[] {
  let left = away;
  return amounts.map((amount) => {
    const taken = Math.min(amount, left);
    left -= taken;
    return amount - taken;
  });
}
