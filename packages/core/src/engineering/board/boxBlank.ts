import { IN2_PER_FT2 } from '../../units/index.ts';
import type { Triple } from '../geometry/wrapLayer.ts';

const GLUE_TAB_IN = 1.5;

/** Outside of a regular slotted box: two calipers more, and two again on the depth for the flaps. */
export const outsideOf = (insideIn: Triple, caliperIn: number): Triple => [
  insideIn[0] + 2 * caliperIn,
  insideIn[1] + 2 * caliperIn,
  insideIn[2] + 4 * caliperIn,
];

/**
 * Board in the blank of a regular slotted box: 2(L + W) + glue tab by (D + W), flaps half the width.
 *
 * Source: box style 0201 of the FEFCO/ESBO code; glue tab 1.5 in is common practice, no source.
 *
 * @param insideIn length ≥ width, depth
 * @returns in²
 */
export const blankAreaIn2 = ([length, width, depth]: Triple): number =>
  (2 * (length + width) + GLUE_TAB_IN) * (depth + Math.min(length, width));

/** Weight of the empty box. */
export const boxTareLb = (insideIn: Triple, basisLbPerFt2: number): number => (blankAreaIn2(insideIn) / IN2_PER_FT2) * basisLbPerFt2;
