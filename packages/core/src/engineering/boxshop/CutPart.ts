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
