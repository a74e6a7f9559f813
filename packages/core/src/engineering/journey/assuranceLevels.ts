/** Drop heights of one weight band at the three assurance levels, inches. */
export interface AssuranceBand {
  readonly fromLb: number;
  readonly levelIIn: number;
  readonly levelIIIn: number;
  readonly levelIIIIn: number;
}

const band = (fromLb: number, levelIIn: number, levelIIIn: number, levelIIIIn: number): AssuranceBand => ({
  fromLb,
  levelIIn,
  levelIIIn,
  levelIIIIn,
});

/**
 * A second published schedule of drops in manual handling, for holding the first against: it plays no part
 * in a plan. A band's lower bound belongs to the heavier band; it ends at 200 lb.
 *
 * Source: ASTM D4169 Schedule A, manual handling, assurance levels I, II and III (values from memory).
 */
export const ASTM_D4169_DROPS: readonly AssuranceBand[] = [
  band(0, 24, 15, 9),
  band(20, 21, 13, 8),
  band(40, 18, 12, 7),
  band(60, 15, 10, 6),
  band(80, 12, 9, 5),
  band(100, 10, 7, 4),
];
