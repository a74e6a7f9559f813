import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BenchPhase } from '../bench/BenchStep.ts';
import { TESTS_OF_BUNDLE, type BenchTestKey } from '../bench/benchTests.ts';
import type { StockUse } from '../../engineering/stockkeeping/StockMove.ts';
import type { UsedInstead } from '../plan/stockUsed.ts';
import type { PictureMark } from './PictureMark.ts';
import type { ReturnFinding, SealFound } from './returnFinding.ts';
import type { Minor } from '../../units/index.ts';

export type BenchTest = BenchTestKey;

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
  /** The bundle or the piece it is about; null where it is the parcel. */
  readonly bundleId?: string | null;
  readonly pieceId?: string | null;
} & Happening;

/** What an event is about, where that is not the parcel: which bundle was wrapped and tested, which piece broke. */
export function aboutOf(happening: Happening): 'bundle' | 'piece' | 'parcel' {
  switch (happening.kind) {
    case 'bundleMeasured':
      return 'bundle';
    case 'stepDone':
      return happening.phase === 'bundle' ? 'bundle' : 'parcel';
    case 'testTried':
    case 'testSkipped':
    case 'remedied':
      return TESTS_OF_BUNDLE.includes(happening.test) ? 'bundle' : 'parcel';
    case 'brokenAtBench':
      return 'piece';
    default:
      return 'parcel';
  }
}

export type Happening =
  | { readonly kind: 'opened' }
  | { readonly kind: 'planned'; readonly planId: string }
  | { readonly kind: 'overruled'; readonly planId: string; readonly reason: OverruleReason }
  | { readonly kind: 'packingStarted' }
  | { readonly kind: 'testTried'; readonly test: BenchTest; readonly result: 'passed' | 'failed' }
  | { readonly kind: 'testSkipped'; readonly test: BenchTest; readonly reason: string }
  | { readonly kind: 'remedied'; readonly test: BenchTest; readonly remedy: string }
  | { readonly kind: 'contentChanged'; readonly what: string }
  /** A step done, with the seconds it took and what it took where that is not what was planned. */
  | {
      readonly kind: 'stepDone';
      readonly step: string;
      readonly phase: BenchPhase;
      readonly seconds: number;
      readonly used: readonly UsedInstead[];
    }
  /** Contents and accessories that are in, by id. */
  | { readonly kind: 'contentsTicked'; readonly items: readonly string[] }
  /** The wrapped bundle as it measures and weighs; from now on the plan goes by it. */
  | { readonly kind: 'bundleMeasured'; readonly sizeIn: Triple; readonly weightLb: number | null }
  /** The piece broke at the bench: what that costs, sale refunded and material used. */
  | { readonly kind: 'brokenAtBench'; readonly note: string; readonly costMinor: Minor }
  | { readonly kind: 'sealed'; readonly used?: readonly StockUse[] }
  /** Opened again: why, and what of it goes back as used. */
  | { readonly kind: 'sealOpened'; readonly reason: string; readonly reused?: readonly StockUse[] }
  | { readonly kind: 'weighed'; readonly readingsLb: readonly number[]; readonly outsideIn: Triple | null; readonly open?: boolean }
  | { readonly kind: 'rated'; readonly rate: RatedFor }
  | { readonly kind: 'labelBought'; readonly labelId: string; readonly rate: RatedFor }
  | { readonly kind: 'labelVoided'; readonly labelId: string }
  | { readonly kind: 'tagMatched' }
  /** Papers that came out of the printer, as the person says. */
  | { readonly kind: 'printed'; readonly papers: readonly string[] }
  /** Somebody asked to see where the buyer lives. */
  | { readonly kind: 'addressShown' }
  /** Somebody asked for papers that say where the buyer lives. */
  | { readonly kind: 'papersAsked'; readonly papers: readonly string[] }
  /** A photograph was put aside, or taken back in; the picture itself stays. */
  | { readonly kind: 'photoRemoved' | 'photoRestored'; readonly photoId: string }
  /** What is drawn upon a photograph from now on, in place of what was; none takes it off. */
  | { readonly kind: 'photoMarked'; readonly photoId: string; readonly marks: readonly PictureMark[] }
  | { readonly kind: 'handedOver' }
  | { readonly kind: 'delivered' | 'damaged' | 'lost' | 'returned' }
  /** What came back was compared with what was sent. */
  | {
      readonly kind: 'returnLookedAt';
      readonly serial: string | null;
      readonly seal: SealFound;
      readonly finding: ReturnFinding;
    }
  /** All of its pieces went into another parcel to the same buyer, or came out of it again. */
  | { readonly kind: 'joined'; readonly into: string }
  | { readonly kind: 'parted' }
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
  /** Where it was to go when the price was taken; whoever notes the event says so. */
  readonly toPostcode?: string;
}
