import { normalCdf } from '../numeric/normal.ts';
import { HEAVIEST_LB } from './dropSchedule.ts';

/** Median of the heights a light parcel falls from, inches; judgement. */
export const MEDIAN_DROP_IN = 7;
/** Spread of the lognormal heights; judgement. */
export const DROP_SPREAD = 0.6;
/** Which face is struck, whatever the arrows say; judgement. */
export const FACE_CHANCES = { bottom: 0.45, top: 0.15, front: 0.11, back: 0.11, left: 0.09, right: 0.09 } as const;

/** Drops a parcel suffers on its way: `4 + ⌈zone/2⌉`; judgement. */
export const dropsPerJourney = (zone: number): number => 4 + Math.ceil(zone / 2);

/** Middles of the published classes of weight, and their design drops. Source: ISTA Procedure 1A (values from memory). */
const CLASS_MIDDLES: readonly (readonly [lb: number, dropIn: number])[] = [
  [10, 30],
  [30, 24],
  [50, 18],
  [78, 12],
  [122, 8],
];

/**
 * How high a parcel is lifted against a light one: the published design drops without their steps.
 *
 * Formula: 1 up to 10 lb, then linear in ln(gross weight) through the middles of the classes, over 30 in; beyond
 * the last middle as there.
 *
 * @param grossWeightLb above 0 and at most 150
 * @throws RangeError above 150 lb, where the schedule ends
 */
export function handlingHeightShare(grossWeightLb: number): number {
  if (!(grossWeightLb > 0 && grossWeightLb <= HEAVIEST_LB))
    throw new RangeError(`grossWeightLb must be above 0 and at most ${HEAVIEST_LB}, not ${grossWeightLb}`);
  const next = CLASS_MIDDLES.findIndex(([lb]) => grossWeightLb < lb);
  if (next === 0) return 1;
  const [lightLb, highIn] = CLASS_MIDDLES.at(next < 0 ? -1 : next - 1)!;
  const [heavyLb, lowIn] = CLASS_MIDDLES.at(next)!;
  const along = next < 0 ? 0 : Math.log(grossWeightLb / lightLb) / Math.log(heavyLb / lightLb);
  return (highIn + along * (lowIn - highIn)) / CLASS_MIDDLES[0]![1];
}

/**
 * Median drop height for a parcel: heavier parcels are handled lower.
 *
 * @param grossWeightLb above 0 and at most 150
 * @param handlingFactor of the service, 1 where nothing is known
 */
export const medianDropIn = (grossWeightLb: number, handlingFactor = 1): number =>
  MEDIAN_DROP_IN * handlingFactor * handlingHeightShare(grossWeightLb);

/**
 * Chance that one drop is from more than `heightIn`.
 *
 * @param spread of the lognormal; more where what the height is held against is not sure either
 */
export const chanceHigherThan = (heightIn: number, medianIn: number, spread = DROP_SPREAD): number =>
  heightIn <= 0 ? 1 : normalCdf(-Math.log(heightIn / medianIn) / spread);

/** `1 − (1 − chance)^drops` without losing small chances: that at least one drop of a journey does it. */
export const breaksWithin = (drops: number, chance: number): number => -Math.expm1(drops * Math.log1p(-Math.min(chance, 1 - 1e-15)));
