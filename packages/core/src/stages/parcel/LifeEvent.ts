import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Minor } from '../../units/index.ts';

/** The tests a nest must pass before it is sealed. */
export type BenchTest = 'feel' | 'shake' | 'lidPress' | 'seams';
export const BENCH_TESTS: readonly BenchTest[] = ['feel', 'shake', 'lidPress', 'seams'];

/** Why another plan than the recommended one was taken. */
export type OverruleReason = 'noneHere' | 'noTime' | 'fitsBadly' | 'doubted' | 'buyerAsked';
export const OVERRULE_REASONS: readonly OverruleReason[] = ['noneHere', 'noTime', 'fitsBadly', 'doubted', 'buyerAsked'];

/** What happened to a parcel: appended, never changed. */
export type LifeEvent = {
  readonly id: string;
  /** Place in the parcel's own order, from 1. */
  readonly seq: number;
  /** Instant, ISO 8601 in UTC. */
  readonly at: string;
  readonly personId: string;
  /** The event this one takes back. */
  readonly undoOf: string | null;
} & Happening;

export type Happening =
  | { readonly kind: 'opened' }
  | { readonly kind: 'planned'; readonly planId: string }
  | { readonly kind: 'overruled'; readonly planId: string; readonly reason: OverruleReason }
  | { readonly kind: 'packingStarted' }
  | { readonly kind: 'testTried'; readonly test: BenchTest; readonly result: 'passed' | 'failed' }
  | { readonly kind: 'testSkipped'; readonly test: BenchTest; readonly reason: string }
  | { readonly kind: 'remedied'; readonly test: BenchTest; readonly remedy: string }
  | { readonly kind: 'contentChanged'; readonly what: string }
  | { readonly kind: 'sealed' }
  | { readonly kind: 'sealOpened'; readonly reason: string }
  | { readonly kind: 'weighed'; readonly readingsLb: readonly number[]; readonly outsideIn: Triple | null }
  | { readonly kind: 'rated'; readonly rate: RatedFor }
  | { readonly kind: 'labelBought'; readonly labelId: string; readonly rate: RatedFor }
  | { readonly kind: 'labelVoided'; readonly labelId: string }
  | { readonly kind: 'tagMatched' }
  /** Papers that came out of the printer, as the person says. */
  | { readonly kind: 'printed'; readonly papers: readonly string[] }
  /** Somebody asked to see where the buyer lives. */
  | { readonly kind: 'addressShown' }
  | { readonly kind: 'handedOver' }
  | { readonly kind: 'delivered' | 'damaged' | 'lost' | 'returned' }
  | { readonly kind: 'closed' }
  | { readonly kind: 'takenBack' };

/** The service a parcel was priced on, and the figures that price holds for. */
export interface RatedFor {
  readonly service: string;
  readonly serviceName: string;
  readonly cardId: string;
  readonly cardVersion: number;
  readonly weightLb: number;
  readonly outsideIn: Triple;
  readonly priceMinor: Minor;
  readonly coverAdded: boolean;
  readonly signature: boolean;
}
