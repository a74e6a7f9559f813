import { normalCdf } from '../numeric/normal.ts';
import { designDropIn, ISTA_1A_DROPS } from './dropSchedule.ts';

/** Median of the heights a light parcel falls from, inches; judgement. */
export const MEDIAN_DROP_IN = 7;

/** Spread of the lognormal heights; judgement. */
export const DROP_SPREAD = 0.6;

/** Which face is struck, whatever the arrows say; judgement. */
export const FACE_CHANCES = { bottom: 0.45, top: 0.15, front: 0.11, back: 0.11, left: 0.09, right: 0.09 } as const;

/** Drops a parcel suffers on its way: `4 + ⌈zone/2⌉`; judgement. */
export const dropsPerJourney = (zone: number): number => 4 + Math.ceil(zone / 2);

/**
 * Median drop height for a parcel: heavier parcels are handled lower, as the published schedule has it.
 *
 * @param grossWeightLb above 0 and at most 150
 * @param handlingFactor of the service, 1 where nothing is known
 */
export const medianDropIn = (grossWeightLb: number, handlingFactor = 1): number =>
  MEDIAN_DROP_IN * handlingFactor * (designDropIn(grossWeightLb) / ISTA_1A_DROPS[0]!.dropHeightIn);

/** Chance that one drop is from more than `heightIn`. */
export const chanceHigherThan = (heightIn: number, medianIn: number): number =>
  heightIn <= 0 ? 1 : normalCdf(-Math.log(heightIn / medianIn) / DROP_SPREAD);
