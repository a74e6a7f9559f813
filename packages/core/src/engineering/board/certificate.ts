/** One row of the carriers' classification rule for corrugated boxes. */
export interface BoardCertificate {
  readonly edgeCrushLbPerIn: number;
  readonly maxGrossLb: number;
  readonly maxUnitedIn: number;
  readonly wall: 'single' | 'double';
}

const row = (wall: 'single' | 'double', edgeCrushLbPerIn: number, maxGrossLb: number, maxUnitedIn: number): BoardCertificate => ({
  edgeCrushLbPerIn,
  maxGrossLb,
  maxUnitedIn,
  wall,
});

/**
 * Largest gross weight and united inches (L + W + D) by edge crush.
 *
 * Source: carrier classification rule for corrugated boxes, Item 222 / Rule 41 (values from memory).
 */
export const BOARD_CERTIFICATES: readonly BoardCertificate[] = [
  row('single', 23, 20, 40),
  row('single', 26, 35, 50),
  row('single', 29, 50, 60),
  row('single', 32, 65, 75),
  row('single', 40, 80, 85),
  row('single', 44, 95, 95),
  row('single', 55, 120, 105),
  row('double', 42, 80, 85),
  row('double', 48, 100, 95),
  row('double', 51, 120, 105),
  row('double', 61, 140, 110),
  row('double', 71, 160, 115),
  row('double', 82, 180, 120),
];

/** The strongest certificate a board reaches, or null when it is below the table. */
export const certificateFor = (edgeCrushLbPerIn: number, wall: 'single' | 'double'): BoardCertificate | null =>
  BOARD_CERTIFICATES.findLast((one) => one.wall === wall && one.edgeCrushLbPerIn <= edgeCrushLbPerIn) ?? null;
