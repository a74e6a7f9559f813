import type { Triple } from '../geometry/wrapLayer.ts';

/** A straight line on a sheet of board, inches from its lower left corner. */
export interface SheetLine {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
}

/** One part to cut from board: its outline is length by height; knife lines cut, score lines fold. */
export interface CutPart {
  readonly name: string;
  readonly count: number;
  readonly lengthIn: number;
  readonly heightIn: number;
  readonly knife: readonly SheetLine[];
  readonly score: readonly SheetLine[];
}

/** What the box shop makes of board, or makes of a box. */
export interface CutWork {
  readonly parts: readonly CutPart[];
  /** Sheet that the parts are cut from, square inches; 0 where a box is cut and no sheet. */
  readonly boardUsedIn2: number;
  /** What falls off: slots, corners, trimmings; square inches. */
  readonly wasteIn2: number;
  /** Inside and outside of the box once it is done; null where no box is made or changed. */
  readonly insideIn: Triple | null;
  readonly outsideIn: Triple | null;
}

/** Sheet in parts, each with its outline cut from a rectangle; square inches. */
export const sheetOf = (parts: readonly CutPart[]): number =>
  parts.reduce((sum, { count, lengthIn, heightIn }) => sum + count * lengthIn * heightIn, 0);
