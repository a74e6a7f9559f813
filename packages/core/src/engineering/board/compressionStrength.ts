/** Largest perimeter over depth for which the simplified formula was fitted. */
const MCKEE_MOST_PERIMETER_PER_DEPTH = 7;

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

/** True for a box so shallow that the formula was not fitted for it. */
export const tooShallowForMcKee = ([length, width, depth]: readonly [number, number, number]): boolean =>
  2 * (length + width) > MCKEE_MOST_PERIMETER_PER_DEPTH * depth;
