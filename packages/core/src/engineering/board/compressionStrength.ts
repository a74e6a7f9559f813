/** Largest perimeter over depth for which the simplified formula was fitted. */
export const MCKEE_MOST_PERIMETER_PER_DEPTH = 7;

/**
 * Top-to-bottom compression strength of a regular slotted box.
 *
 * Not for other styles, nor for boxes shallower than a seventh of their perimeter: it still answers,
 * and the caller says so.
 *
 * Formula: `BCT = 5.87·ECT·√(perimeter × caliper)`.
 *
 * Source: McKee, Gander & Wachuta 1963, simplified (constant from memory; 5.876 is also printed).
 *
 * @param edgeCrushLbPerIn ECT, lb/in
 * @param caliperIn board thickness
 * @param perimeterIn 2(L + W) outside
 * @returns lbf
 */
export const compressionStrengthLbf = (edgeCrushLbPerIn: number, caliperIn: number, perimeterIn: number): number =>
  5.87 * edgeCrushLbPerIn * Math.sqrt(perimeterIn * caliperIn);
