import type { BenchTestKey } from './benchTests.ts';

/** Something counted or measured that a step takes. */
export interface StepAmount {
  readonly what: string;
  readonly amount: number;
  /** What the packer counts: turns, sheets, scoops, strips, inches. */
  readonly unit: string;
}

/** One thing to do at the bench, with its amounts; a test says when it is passed and what to do when not. */
export interface BenchStep {
  /** Stays the same while the plan does. */
  readonly key: string;
  readonly kind: 'do' | 'test' | 'record';
  readonly title: string;
  readonly says: string;
  readonly amounts: readonly StepAmount[];
  readonly minutes: number;
  readonly test: { readonly key: BenchTestKey; readonly passes: string; readonly remedies: readonly string[] } | null;
}
