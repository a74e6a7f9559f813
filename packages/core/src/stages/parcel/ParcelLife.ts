import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BenchTest, OverruleReason, RatedFor } from './LifeEvent.ts';

export type ParcelState =
  | 'draft'
  | 'planned'
  | 'packing'
  | 'sealed'
  | 'weighed'
  | 'rated'
  | 'labelled'
  | 'handedOver'
  | 'delivered'
  | 'damaged'
  | 'lost'
  | 'returned'
  | 'closed';

export type TestState = 'untried' | 'passed' | 'failed' | 'remedied' | 'skipped';

/** Where a parcel stands, as its events tell it. */
export interface ParcelLife {
  readonly state: ParcelState;
  readonly planId: string | null;
  /** Why the plan is not the recommended one, where somebody said so of this very plan. */
  readonly overruled: OverruleReason | null;
  readonly tests: Readonly<Record<BenchTest, TestState>>;
  readonly sealed: boolean;
  readonly weighing: Weighing | null;
  readonly rate: RatedFor | null;
  /** True when weight, size or content moved after the rate was taken. */
  readonly rateStale: boolean;
  /** True when content changed after the last weighing. */
  readonly weighingStale: boolean;
  readonly label: { readonly id: string; readonly rate: RatedFor; readonly atRisk: boolean } | null;
  readonly tagMatched: boolean;
  /** Papers that came out since what they say last changed. */
  readonly printed: readonly string[];
  /** Number of events that count, those taken back left out. */
  readonly events: number;
}

export interface Weighing {
  readonly readingsLb: readonly number[];
  /** The highest, used when they differ. */
  readonly weightLb: number;
  readonly spreadLb: number;
  readonly outsideIn: Triple | null;
}
