import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import { IN3_PER_FT3 } from '../../units/index.ts';
import type { Gaps } from '../box/StowedBox.ts';
import type { FillAmount } from './FilledBox.ts';
import { placesFilled, type ByPlace, type FillPlace } from './fillPlaces.ts';
import { unitsOf } from './handAmounts.ts';

/**
 * Fill for the room between what is held and a box: base under all of it, top over all of it, sides
 * between. In what the packer counts, rounded up to what a hand takes.
 *
 * @param heldIn outside of the bundle or inner box
 * @param overfillShare fill above the rim as a share of the inside depth
 * @param extraShare fill pressed in beyond all that, as a share of it
 * @param emptyIn3 room that a block of bundles leaves empty within its outline, reckoned with the top; at the bench what lies under a
 * bundle is filled before that goes in (`fillSteps`)
 * @param uprightIn2 floor that is taken from the base to the lid, by what stands in the corners
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
  uprightIn2 = 0,
): FillAmount {
  const floorIn2 = Math.max(0, insideIn[0] * insideIn[1] - uprightIn2);
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
    units: unitsOf(stock, boughtFt3),
  };
}

/** Fill that is pressed in all round what lies in a core. */
export function pressedRound(stock: FillStock, roomIn3: number): FillAmount {
  const ft3 = roomIn3 / IN3_PER_FT3;
  return { stock, where: 'inner', baseFt3: 0, sidesFt3: ft3, topFt3: 0, boughtFt3: ft3, units: unitsOf(stock, ft3) };
}

/**
 * An amount of a fill divided among the fills its places have: one amount for each, its places' shares of the whole in it.
 *
 * @param gaps between what is held and the box
 */
export function dividedAmounts(
  { where, baseFt3, sidesFt3, topFt3, boughtFt3, stock }: FillAmount,
  apart: ByPlace<FillStock>,
  heldIn: Triple,
  insideIn: Triple,
  gaps: Gaps,
): FillAmount[] {
  const filled = placesFilled(stock, apart);
  const rooms = roomsOf(
    { baseFt3, sidesFt3, topFt3 },
    heldIn,
    insideIn,
    gaps,
    filled.some(({ place }) => place === 'corners'),
  );
  const pressed = boughtFt3 / (baseFt3 + sidesFt3 + topFt3 || 1);
  return [...new Set(filled.map(({ fill }) => fill))].flatMap((one) => {
    const own = filled.filter(({ fill, place }) => fill === one && rooms[place] > 0).map(({ place }) => place);
    const room = own.reduce((sum, place) => sum + rooms[place], 0);
    if (room === 0) return [];
    const of = (isOne: (place: FillPlace) => boolean) => own.filter(isOne).reduce((sum, place) => sum + rooms[place], 0);
    return [
      {
        stock: one,
        where,
        baseFt3: of((place) => place === 'base'),
        sidesFt3: of((place) => place !== 'base' && place !== 'top'),
        topFt3: of((place) => place === 'top'),
        boughtFt3: room * pressed,
        units: unitsOf(one, room * pressed),
        places: Object.fromEntries(own.map((place) => [place, rooms[place]])),
      },
    ];
  });
}

/** Room of every place there may be, cubic feet: front and back run the whole length of the box, unless corners are apart. */
function roomsOf(
  { baseFt3, sidesFt3, topFt3 }: Pick<FillAmount, 'baseFt3' | 'sidesFt3' | 'topFt3'>,
  heldIn: Triple,
  insideIn: Triple,
  gaps: Gaps,
  cornered: boolean,
): Readonly<Record<FillPlace, number>> {
  const gap = (face: keyof Gaps) => Math.max(0, gaps[face]);
  const alongIn2 = insideIn[0] * Math.max(0, gaps.front + gaps.back);
  const acrossIn2 = heldIn[1] * Math.max(0, gaps.left + gaps.right);
  const shareAlong = alongIn2 + acrossIn2 > 0 ? alongIn2 / (alongIn2 + acrossIn2) : 0;
  const cornersShare = cornered ? Math.min(1, (gap('left') + gap('right')) / insideIn[0]) : 0;
  const frontBack = sidesFt3 * shareAlong * (1 - cornersShare);
  const leftRight = sidesFt3 * (1 - shareAlong);
  const shareOf = (one: keyof Gaps, other: keyof Gaps) => (gap(one) + gap(other) > 0 ? gap(one) / (gap(one) + gap(other)) : 0);
  return {
    base: baseFt3,
    frontBack,
    front: frontBack * shareOf('front', 'back'),
    back: frontBack * shareOf('back', 'front'),
    leftRight,
    left: leftRight * shareOf('left', 'right'),
    right: leftRight * shareOf('right', 'left'),
    corners: sidesFt3 * shareAlong * cornersShare,
    top: topFt3,
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
