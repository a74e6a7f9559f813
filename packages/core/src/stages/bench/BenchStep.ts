import type { Face } from '../../engineering/pieces/hardPoints.ts';
import type { MadeOrder } from '../box/madeParts.ts';
import type { BenchTestKey, Remedy } from './benchTests.ts';

/** Something counted or measured that a step takes. */
export interface StepAmount {
  readonly what: string;
  readonly amount: number;
  /** What the packer counts: turns, sheets, scoops, strips, inches. */
  readonly unit: string;
  /** What it comes from in the stockroom; left out where nothing is counted down by it. */
  readonly stock?: { readonly kind: 'wrap' | 'fill'; readonly key: string };
}

/** Where on its way a step belongs: at the piece, in the box, or at its closing, which is done anew when it is opened again. */
export type BenchPhase = 'bundle' | 'box' | 'closing';

/** What a step's drawing shows: the piece alone, wrapped so far, in the box, or closed. */
export type StepPicture = {
  readonly layers: number;
  readonly inBox: 'no' | 'base' | 'in' | 'sides' | 'top';
  /** The bundle stands in a box of its own; left out where it does not yet. */
  readonly inOwnBox?: true;
  /** Which of several different bundles are in, by their order; left out for all. */
  readonly put?: readonly number[];
  /** The face of the piece the step is about, so that it is drawn where it is seen; left out where it is about all of it. */
  readonly about?: Face;
};

/** One thing to do at the bench, with its amounts; a test says when it is passed and what to do when not. */
export interface BenchStep {
  /** Stays the same while the plan does. */
  readonly key: string;
  readonly kind: 'do' | 'test' | 'record';
  readonly phase: BenchPhase;
  /** What somebody measures, ticks or photographs at a record step. */
  readonly records: 'bundle' | 'contents' | 'photographs' | 'parcel' | null;
  readonly picture: StepPicture;
  /** Which of several different bundles it is about; left out for one, and for all. */
  readonly bundle?: number;
  /** The same by its id. */
  readonly bundleId?: string;
  readonly title: string;
  readonly says: string;
  readonly amounts: readonly StepAmount[];
  readonly minutes: number;
  /** What the box shop cuts for it; left out where nothing is cut. */
  readonly cuts?: readonly MadeOrder[];
  /** Its photograph proves how it was packed, before the next step hides it; left out where none does. */
  readonly shot?: true;
  readonly test: { readonly key: BenchTestKey; readonly passes: string; readonly remedies: readonly Remedy[] } | null;
}
