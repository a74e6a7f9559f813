import type { Triple } from '../geometry/wrapLayer.ts';

/** One thing to be stowed. */
export interface StowPiece {
  readonly id: string;
  readonly sizeIn: Triple;
  /** Keeps its third side vertical. */
  readonly upright: boolean;
  readonly weightLb: number;
}

/** The box, and the room that must be left along its walls and between pieces. */
export interface StowBox {
  readonly insideIn: Triple;
  readonly gapIn: number;
  readonly betweenIn: number;
}

/** Where a piece lies: its lower left front corner from the box's, and its sides as turned. */
export interface Placement {
  readonly id: string;
  readonly atIn: Triple;
  readonly sizeIn: Triple;
}

/** All placed; or not, `proved` saying whether that is certain or a search gave up. */
export type Stowage =
  | { readonly fits: true; readonly placements: readonly Placement[] }
  | { readonly fits: false; readonly proved: boolean };

/** Tolerance of a place, inches. */
export const STOWAGE_TOLERANCE_IN = 1e-6;
