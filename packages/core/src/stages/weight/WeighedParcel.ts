import type { FilledBox } from '../fill/FilledBox.ts';

/** One part of a parcel's weight and how far off it may be. */
export interface WeightPart {
  readonly part: string;
  readonly weightLb: number;
  readonly plusMinusLb: number;
}

/** A filled box with its predicted weight. */
export interface WeighedParcel {
  readonly filled: FilledBox;
  readonly parts: readonly WeightPart[];
  readonly grossLb: number;
  /** One standard deviation, the parts' own combined. */
  readonly plusMinusLb: number;
  readonly innerTapeEasyOff: boolean;
  /** Tape and papers, which are neither wrap, box nor fill. */
  readonly sundries: { readonly costMinor: number; readonly minutes: number };
}
