/** Published drop heights of one test schedule: weight bands by their lower bound. */
export interface DropBand {
  readonly fromLb: number;
  readonly dropHeightIn: number;
}

/** Heaviest parcel the schedule knows, lb. */
export const HEAVIEST_LB = 150;

/**
 * Design drop heights by gross weight. A band's lower bound belongs to the heavier band.
 *
 * Source: ISTA Procedure 1A, flat and edge or corner drops, parcels up to 150 lb (values from memory).
 */
export const ISTA_1A_DROPS: readonly DropBand[] = [
  { fromLb: 0, dropHeightIn: 30 },
  { fromLb: 21, dropHeightIn: 24 },
  { fromLb: 41, dropHeightIn: 18 },
  { fromLb: 61, dropHeightIn: 12 },
  { fromLb: 100, dropHeightIn: 8 },
];

/**
 * Published design drop for a parcel.
 *
 * @param grossWeightLb above 0 and at most 150
 * @returns inches
 * @throws RangeError above 150 lb, where the schedule ends
 */
export function designDropIn(grossWeightLb: number): number {
  if (!(grossWeightLb > 0 && grossWeightLb <= HEAVIEST_LB)) {
    throw new RangeError(`grossWeightLb must be above 0 and at most ${HEAVIEST_LB}, not ${grossWeightLb}`);
  }
  let at = ISTA_1A_DROPS.length - 1;
  while (grossWeightLb < ISTA_1A_DROPS[at]!.fromLb) at--;
  return ISTA_1A_DROPS[at]!.dropHeightIn;
}
