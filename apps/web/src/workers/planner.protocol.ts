import type {
  Shortened,
  BoxesToKeep,
  BoxRefusal,
  DropFace,
  NextChange,
  Otherwise,
  OtherwiseMade,
  OutsideNest,
  PackedParcel,
  PlanChoice,
  PlanDocument,
  PlanRequest,
  PlayedDrop,
  Portion,
  Quote,
  QuoteRefusal,
  SentMany,
  ShortStock,
  Stockroom,
  Shipment,
  ShockFacts,
  EdgeNudge,
  Stacking,
  WaysLookedAt,
} from '@inch-nest/core';
import type { SearchAnswer } from '@inch-nest/contracts';

/** What the planning worker does; errors come back as data. */
export interface Planner {
  /**
   * Searches; a later search makes this one answer `superseded`.
   *
   * @param early hears the best so far where the search takes longer than a glance, and again when it has moved
   */
  search(request: PlanRequest, early?: (soFar: SearchAnswer) => void): Promise<SearchAnswer>;
  /** Works out one choice, with the boxes that would not do and the best single changes. */
  evaluate(request: PlanRequest, choice: PlanChoice): Promise<EvaluateAnswer>;
  /** Why each other way of packing lost to a plan; a search for each, and a newer search makes this one answer `superseded`. */
  otherWays(request: PlanRequest, recommended: PlanChoice, currency: string): Promise<OtherWaysAnswer>;
  /** Nests with boxes nobody has that nothing in the stockroom matches; a newer search makes this one answer `superseded`. */
  outside(request: PlanRequest): Promise<OutsideAnswer>;
  /** What enough of everything would make; a newer search makes this one answer `superseded`. */
  withEnough(request: PlanRequest): Promise<EnoughAnswer>;
  /**
   * Which sizes of box to keep, by parcels as they were packed; a newer asking, or `stopReckoning`, makes this one answer `superseded`.
   *
   * @param heard how far it has come
   */
  boxesToKeep(
    parcels: readonly PackedParcel[],
    stock: Pick<Stockroom, 'boxes'>,
    most: number,
    heard: (done: number, of: number) => void,
  ): Promise<BoxesAnswer>;
  /** What other ways would have made of parcels as they were packed; stopped, and told how far it has come, like the sizes. */
  packedOtherwise(
    parcels: readonly PackedParcel[],
    ways: readonly Otherwise[],
    heard: (done: number, of: number) => void,
  ): Promise<OtherwiseAnswer>;
  stopReckoning(): Promise<void>;
  /**
   * One box against two, and a box for each where that is asked for; a newer search makes this one answer `superseded`.
   *
   * @param heard how many lots of pieces were looked at, of so many
   */
  oneOrMore(request: PlanRequest, each: boolean, heard: (done: number, of: number) => void): Promise<OneOrMoreAnswer>;
  /** Whether several boxes may expect less than so much, what one expects; a newer search makes this one answer `superseded`. */
  mayGoApart(request: PlanRequest, togetherMinor: number): Promise<ApartAnswer>;
  /** The nest of what is flat and alike, stacked; a newer search makes this one answer `superseded`. */
  stacked(request: PlanRequest): Promise<StackedAnswer>;
  /** The nest in which nothing need keep its way up; a newer search makes this one answer `superseded`. */
  laidDown(request: PlanRequest): Promise<LaidDownAnswer>;
  /** Every service's price for a parcel as it is. */
  quote(request: PlanRequest, shipment: Shipment): Promise<QuoteAnswer>;
  /** Plays one drop; null where nothing lies on that face. */
  drop(shock: ShockFacts, heightIn: number, face: DropFace, steps: number): Promise<PlayedDrop | null>;
  /** Sends a nest many times, and with it what might have saved it, a more careful nest too; a newer search makes this one answer `superseded`. */
  sendMany(request: PlanRequest, choice: PlanChoice, careful: PlanChoice | null, parcels: number, seed: number): Promise<SentManyAnswer>;
}

export type EvaluateAnswer =
  | {
      kind: 'plan';
      document: PlanDocument;
      changes: NextChange[];
      refusals: BoxRefusal[];
      /** The best of the other ways it may lie, if any. */
      turned: NextChange | null;
      /** Depth the box could be cut down to; null where that does not pay. */
      cutToIn: number | null;
      /** Height of a cross that would take up what is spare under the lid; null where that does not pay. */
      crossOfIn: number | null;
      /** What the box could be shortened to, either side; none where that does not pay. */
      shortenTo: readonly Shortened[];
      /** The box that would be folded round it, by its key; null where there is no board for one, or it is in one. */
      foldTo: string | null;
    }
  | { kind: 'noPlan'; reasons: readonly string[] }
  | { kind: 'failed'; message: string };

export type OtherWaysAnswer =
  | { kind: 'ways'; ways: { way: string; name: string; whyNot: string }[] }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

export type OutsideAnswer =
  | { kind: 'outside'; nests: readonly OutsideNest[] }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

export type OtherwiseAnswer =
  | { kind: 'otherwise'; made: readonly OtherwiseMade[] }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

export type BoxesAnswer = { kind: 'boxes'; sizes: BoxesToKeep } | { kind: 'superseded' } | { kind: 'failed'; message: string };

export type EnoughAnswer =
  /** Null where nothing better is left out for want of stock. */
  | { kind: 'enough'; best: { costMinor: number; chance: number; short: readonly ShortStock[] } | null }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

/** One way to box pieces, in figures. */
export interface BoxedWay {
  /** What each box holds, and the box. */
  parts: readonly { holds: readonly Portion[]; box: string; service: string; grossLb: number }[];
  costMinor: number;
  postageMinor: number;
  chance: number;
  expectedMinor: number;
  minutes: number;
}
export type OneOrMoreAnswer =
  | { kind: 'boxes'; together: BoxedWay | null; splits: readonly BoxedWay[]; looked: WaysLookedAt }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

export type ApartAnswer = { kind: 'apart'; pays: boolean } | { kind: 'superseded' } | { kind: 'failed'; message: string };

export type StackedAnswer =
  /** Null where nothing is for stacking, or no nest takes it so. */
  | { kind: 'stacked'; best: { stackings: readonly Stacking[]; costMinor: number; chance: number; expectedMinor: number } | null }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

export type LaidDownAnswer =
  /** Null where nothing keeps its way up, or no nest takes it lying. */
  | { kind: 'laidDown'; best: { costMinor: number; chance: number; expectedMinor: number } | null }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

export interface QuoteAnswer {
  quotes: { quote: Quote; nudges: EdgeNudge[] }[];
  refused: QuoteRefusal[];
}

export type SentManyAnswer =
  /** `saved` counts the single changes first, then the more careful nest. */
  | { kind: 'sent'; sent: SentMany; others: NextChange[]; careful: { deltaCostMinor: number } | null }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };
