import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BenchPhase } from '../bench/BenchStep.ts';
import type { ReturnFinding, SealFound } from './returnFinding.ts';
import type { UsedInstead } from '../plan/stockUsed.ts';
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
  | 'brokenAtBench'
  | 'joined'
  | 'closed';

export type TestState = 'untried' | 'passed' | 'failed' | 'remedied' | 'skipped';

/** Where a parcel stands, as its events tell it. */
export interface ParcelLife {
  readonly state: ParcelState;
  readonly planId: string | null;
  /** Why the plan is not the recommended one, where somebody said so of this very plan. */
  readonly overruled: OverruleReason | null;
  readonly tests: Readonly<Record<BenchTest, TestState>>;
  /** What is known of each bundle by itself, by its id. */
  readonly bundles: Readonly<Record<string, BundleLife>>;
  readonly sealed: boolean;
  /** Steps done, in the order they were done. */
  readonly steps: readonly DoneStep[];
  /** Seconds spent at the bench. */
  readonly benchSeconds: number;
  readonly ticked: readonly string[];
  /** The bundle as measured; null where it was not, or was wrapped on since. */
  readonly bundle: { readonly sizeIn: Triple; readonly weightLb: number | null } | null;
  readonly weighing: Weighing | null;
  readonly rate: RatedFor | null;
  /** True when weight, size or content moved after the rate was taken. */
  readonly rateStale: boolean;
  /** True when content changed after the last weighing. */
  readonly weighingStale: boolean;
  readonly label: { readonly id: string; readonly rate: RatedFor; readonly atRisk: boolean } | null;
  readonly tagMatched: boolean;
  /** What a look at what came back found; null where nobody has looked. */
  readonly cameBack: { readonly serial: string | null; readonly seal: SealFound; readonly finding: ReturnFinding } | null;
  /** Papers that came out since what they say last changed. */
  readonly printed: readonly string[];
  /** Number of events that count, those taken back left out. */
  readonly events: number;
}

/** How far one bundle has come. */
export interface BundleLife {
  readonly tests: Readonly<Partial<Record<BenchTest, TestState>>>;
  readonly measured: ParcelLife['bundle'];
}

/** A step that was done, and the event that says so. */
export interface DoneStep {
  readonly key: string;
  readonly phase: BenchPhase;
  readonly eventId: string;
  readonly seconds: number;
  readonly used: readonly UsedInstead[];
}

export interface Weighing {
  readonly readingsLb: readonly number[];
  /** The highest, used when they differ. */
  readonly weightLb: number;
  readonly spreadLb: number;
  readonly outsideIn: Triple | null;
  /** Weighed packed but open, with headroom. */
  readonly open?: boolean;
}
