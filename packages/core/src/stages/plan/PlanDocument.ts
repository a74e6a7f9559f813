import type { StandingRule } from '../../engineering/stowage/standingRules.ts';
import type { StockUse } from '../../engineering/stockkeeping/StockMove.ts';
import type { Face, GuardKind, HardPoint } from '../../engineering/pieces/hardPoints.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Grid } from '../../engineering/stowage/Block.ts';
import type { Between } from '../../engineering/stowage/Stand.ts';
import type { BoxStyle, WrapRole } from '../../engineering/materials/stock.ts';
import type { Excess } from '../../engineering/tariff/nearestService.ts';
import type { Quote, QuoteRefusal } from '../../engineering/tariff/Quote.ts';
import type { AroundChoice } from '../box/around.ts';
import type { FoldChoice } from '../box/folds.ts';
import type { StandingCore } from '../box/StandingCore.ts';
import type { Gaps, StandingTubes, Within } from '../box/StowedBox.ts';
import type { Shortened } from '../box/Shortened.ts';
import type { NotWithin } from '../box/hosts.ts';
import type { ByPlace } from '../fill/fillPlaces.ts';
import type { Cause } from '../frontier/causes.ts';
import type { CostLine, PlanChoice } from '../frontier/PlanOption.ts';
import type { ShockFacts } from '../frontier/shockJourney.ts';
import type { Interleaved } from '../wrap/interleaved.ts';
import type { FeelFault, LayerPlacing } from '../wrap/WrappedItem.ts';
import type { WeightPart } from '../weight/WeighedParcel.ts';

export const PLAN_FORMAT = 3;
export const CORE_VERSION = '0.3.0';

/** One piece of a parcel, or several alike, as wrapped and as it lies. */
export interface PlanBundle {
  readonly piece: {
    readonly id: string;
    readonly title: string;
    readonly form: string;
    readonly archetype: string;
    /** As it lies in the box. */
    readonly sizeIn: Triple;
    readonly weightLb: number;
    readonly guessedSides: boolean;
    readonly guessedWeight: boolean;
    readonly criticalG: number | null;
    readonly bodyG: number | null;
    readonly governs: string;
    readonly hardPoints: readonly PlanHardPoint[];
  };
  readonly layers: readonly PlanLayer[];
  /** What lies between the pieces of a stack; left out where nothing does. */
  readonly interleaved?: PlanInterleaved;
  /** A box of its own, as it lies; left out where it has none. */
  readonly boxed?: PlanBoxed;
  /** Outside of the bundle, or of its own box. */
  readonly bundleIn: Triple;
  readonly coverIn: number;
  /** How several alike stand: one for a single piece. */
  readonly block: PlanBlock;
}

/** What may happen to one bundle of several by itself. */
export interface BundleRisk {
  /** Chance that it breaks, and that it is spoilt. */
  readonly chance: number;
  readonly spoils: number;
  /** What a landing depends on for it; null where shock does not limit the piece. */
  readonly shock: ShockFacts | null;
}

/** A fold of wrap between two bundles, by their places. */
export interface PlanFold extends Between, FoldChoice {
  readonly name: string;
  /** Its thickness is its side along this axis. */
  readonly along: 0 | 1 | 2;
  readonly rollWidthIn: number;
}

/** Wrap round all of several bundles, or round some of them. */
export interface PlanAround extends AroundChoice {
  /** Where it stands where it goes round some, from the near lower corner of them all, and its outside; left out round all. */
  readonly some?: { readonly atIn: Triple; readonly sizeIn: Triple };
  readonly name: string;
  readonly thicknessIn: number;
  readonly lengthIn: number;
  readonly sheets: number;
  readonly rollWidthIn: number;
}

/** A box, or a core, that some of several bundles share, as it lies among the others. */
export interface PlanShared extends Omit<PlanBoxed, 'withinIn'> {
  /** Which of the bundles. */
  readonly of: readonly number[];
  /** Its near lower corner, from that of all bundles together, and its outside. */
  readonly atIn: Triple;
  readonly outsideIn: Triple;
  /** Outside of what stands in it. */
  readonly withinIn: Triple;
  /** It is a core; left out for a box. */
  readonly core?: Pick<StandingCore, 'axis' | 'boreIn'>;
}

/** A plan as it is drawn, stored and checked: figures only, nothing to look up. Its first bundle stands in it by itself. */
export interface PlanDocument extends PlanBundle {
  readonly format: typeof PLAN_FORMAT;
  readonly coreVersion: string;
  readonly choice: PlanChoice;
  /** The bundles of the parcel's other pieces, in their order; left out for one. */
  readonly others?: readonly PlanBundle[];
  /** Boards between neighbours that are not alike, from the near corner of all that the parcel holds; left out where there are none. */
  readonly boards?: readonly Between[];
  /** Folds of wrap between them, from the same corner; left out where there are none. */
  readonly folds?: readonly PlanFold[];
  /** Wrap round all of several bundles, or some; left out where they go in one by one. */
  readonly around?: PlanAround;
  /** A box or a core that some of them share; left out where there is none. */
  readonly shared?: PlanShared;
  /** What may happen to each bundle, the first included; left out for one. */
  readonly risks?: readonly BundleRisk[];
  readonly inner: {
    readonly key: string;
    readonly name: string;
    readonly insideIn: Triple;
    readonly outsideIn: Triple;
    readonly gaps: Gaps;
    readonly heavy: boolean;
    /** It is a rigid core that runs along a side of the box from end to end; left out for a box. */
    readonly core?: Pick<StandingCore, 'axis' | 'boreIn'>;
  } | null;
  readonly box: {
    readonly key: string;
    readonly name: string;
    readonly style: BoxStyle;
    /** What is left of it once cut down and lined. */
    readonly insideIn: Triple;
    readonly outsideIn: Triple;
    readonly newDepthIn: number | null;
    /** What it is shortened to; left out where it is as long and wide as it was. */
    readonly shortened?: Shortened;
    /** Height of the cross under its lid; left out where there is none. `insideIn` is what is left under it. */
    readonly crossIn?: number;
    readonly liner: boolean;
    readonly caliperIn: number;
    readonly wall: string;
    readonly builtGuessed: boolean;
    readonly onHand: number;
  };
  /** Foam tubes standing in the corners; left out where there are none. */
  readonly tubes?: Omit<StandingTubes, 'floorIn2'>;
  readonly gaps: Gaps;
  readonly effectiveGaps: Gaps;
  readonly fills: readonly PlanFill[];
  readonly faults: readonly PlanFault[];
  readonly weight: { readonly parts: readonly WeightPart[]; readonly grossLb: number; readonly plusMinusLb: number };
  readonly quote: Quote;
  readonly costLines: readonly CostLine[];
  readonly costMinor: number;
  /** Without cover and signature. */
  readonly nestCostMinor: number;
  readonly lossMinor: number;
  /** What is expected to be lost, without care. */
  readonly riskMinor: number;
  readonly expectedMinor: number;
  /** Sold + shipping collected − paid for it − cost. */
  readonly keptMinor: number;
  readonly minutes: number;
  readonly chance: number;
  /** 90% interval, of what the shop has learned and of how sure the kind's strength is. */
  readonly chanceLow: number;
  readonly chanceHigh: number;
  /** Chance that it is spoilt: wet, rubbed, bent. */
  readonly spoils: number;
  readonly causes: readonly Cause[];
  /** What it takes from the stockroom; left out in plans of before this was kept. */
  readonly uses?: readonly StockUse[];
  /** What a landing depends on, face by face; null where shock does not limit the piece. */
  readonly shock: ShockFacts | null;
}

/** A box that one bundle has for itself, as it lies in the outer one. */
export interface PlanBoxed {
  readonly key: string;
  readonly name: string;
  /** The bundle that stands in it. */
  readonly withinIn: Triple;
  readonly insideIn: Triple;
  readonly gaps: Gaps;
  readonly fill: string;
  readonly fillName: string;
}

/** What something does not go into: the outer box, that round all, one bundle's own, or the one that some share. */
export type TightBox = 'box' | 'inner' | 'own' | 'shared' | 'sleeve';

/** What lies between the pieces of each stack. */
export interface PlanInterleaved {
  readonly key: string;
  readonly name: string;
  /** One sheet, and what it is torn from, inches. */
  readonly thicknessIn: number;
  readonly sheetIn: Interleaved['sheetIn'];
  readonly rollWidthIn: number;
  /** Of all stacks together. */
  readonly sheets: number;
  readonly costMinor: number;
  readonly short: boolean;
}

/** Every bundle of a plan, the first included. */
export const planBundles = (plan: PlanDocument): readonly [PlanBundle, ...PlanBundle[]] => [plan, ...(plan.others ?? [])];

/** The bundles of one piece, or of several that are alike, as they stand. */
export interface PlanBlock {
  /** How many pieces there are in all. */
  readonly pieces: number;
  /** How many pieces lie in each bundle, in the order of the letters. */
  readonly stacks: readonly number[];
  /** The axis along which they are stacked as they lie in the box; left out where each is wrapped by itself. */
  readonly stackedAlong?: 0 | 1 | 2;
  readonly grid: Grid;
  /** Board between neighbours, cut into cells; left out where they stand against one another. */
  readonly wallIn?: number;
  /** From one to the next, where one sits in the other; left out where each stands beside or upon the next. */
  readonly pitchIn?: Triple;
  /** The other bundle it stands in, and by how much it stands out of that as it lies, inches; left out where it stands in none. */
  readonly within?: Within;
  /** Outside of all bundles of the parcel. */
  readonly sizeIn: Triple;
  /** Near corner of each bundle, from the near corner of all that the parcel holds: A, B, C … */
  readonly at: readonly Triple[];
}

/** A hard point in the box's own directions. */
export interface PlanHardPoint extends Omit<HardPoint, 'guard'> {
  readonly guard: GuardKind | null;
  /** The box face it looks at. */
  readonly boxFace: keyof Gaps;
  readonly coverIn: number;
}

export interface PlanLayer extends LayerPlacing {
  readonly key: string;
  readonly name: string;
  readonly role: WrapRole;
  readonly turns: number;
  /** It is not wound but laid as cards, one for each half turn; left out for what is wound. */
  readonly stiff?: true;
  /** It is an envelope that the bundle lies in; left out for sheets. */
  readonly sleeve?: true;
  /** Of all its turns, on every side. */
  readonly thicknessIn: number;
  /** A face of the piece with one sheet more. */
  readonly doubled: Face | null;
  /** The bundle after this layer, as it lies in the box. */
  readonly bundleIn: Triple;
  readonly tape: { readonly name: string; readonly feet: number; readonly easyOff: boolean };
  readonly lengthIn: number;
  readonly sheets: number;
  readonly rollWidthIn: number;
  readonly weightLb: number;
  readonly costMinor: number;
  readonly short: boolean;
}

export interface PlanFill {
  readonly key: string;
  readonly name: string;
  readonly where: 'inner' | 'outer';
  readonly baseFt3: number;
  readonly sidesFt3: number;
  readonly topFt3: number;
  readonly boughtFt3: number;
  readonly units: number;
  readonly unitName: string;
  readonly short: boolean;
  /** Room of its places, cubic feet, where they have not all the same fill; left out where they have. */
  readonly places?: ByPlace<number>;
  /** The bundle whose own box it fills; left out for the boxes of them all. */
  readonly bundle?: number;
  /** It fills the box that some of them share. */
  readonly shared?: true;
}

/** Which side of a box is too short. */
export type ShortSide = 'long' | 'wide' | 'deep';

/** What is wrong with a nest, and with which of several pieces; one with any that `blocks` is never offered to the bench as if it were fine. */
export type PlanFault = AnyFault & { readonly of?: string };

type AnyFault =
  /** It does not go in: which box, which side, by how much. */
  | {
      readonly kind: 'tooSmall';
      readonly blocks: true;
      readonly box: TightBox;
      readonly side: ShortSide;
      readonly shortIn: number;
    }
  /** The chosen service does not carry it. */
  | { readonly kind: 'noService'; readonly blocks: true; readonly serviceName: string; readonly why: string }
  /** No service in reach carries it: the price is agreed by hand. */
  | {
      readonly kind: 'byHand';
      readonly blocks: false;
      readonly refusals: readonly QuoteRefusal[];
      readonly nearest: Excess | null;
    }
  | ({ readonly kind: 'feel'; readonly blocks: true } & FeelFault)
  /** Less bedding than the house wishes. */
  | { readonly kind: 'gap'; readonly blocks: boolean; readonly face: keyof Gaps; readonly gapIn: number; readonly wantedIn: number }
  /** A gap into which the fill does not go: it would rattle. */
  | {
      readonly kind: 'hollowGap';
      readonly blocks: true;
      readonly face: keyof Gaps;
      readonly gapIn: number;
      readonly fillName: string;
      readonly wantedIn: number;
    }
  | { readonly kind: 'certificate'; readonly blocks: true }
  /** Bare pieces that break share a wrap. */
  | { readonly kind: 'bareTogether'; readonly blocks: true; readonly together: number }
  | { readonly kind: 'softFirstLayer' | 'dampBarrier'; readonly blocks: true }
  /** Large bubble next to a part that stands out. */
  | { readonly kind: 'largeFirst'; readonly blocks: false; readonly part: string }
  | { readonly kind: 'thin'; readonly blocks: false; readonly growsIn: number }
  /** A piece does not stand where somebody wants it. */
  | { readonly kind: 'misplaced'; readonly blocks: false; readonly rule: StandingRule }
  /** A piece does not stand in the one it is to stand in. */
  | ({ readonly kind: 'notWithin'; readonly blocks: false; readonly other: string } & NotWithin)
  /** A piece does not stand next to the one that somebody wants it next to. */
  | { readonly kind: 'notBeside'; readonly blocks: false; readonly other: string }
  /** Two bundles stand nearer to one another than the house wishes, as something dense beside something delicate. */
  | {
      readonly kind: 'apart';
      readonly blocks: boolean;
      readonly one: string;
      readonly other: string;
      readonly apartIn: number;
      readonly wantedIn: number;
    }
  | { readonly kind: 'heavyInner' | 'shallow' | 'noneLeft'; readonly blocks: false };
