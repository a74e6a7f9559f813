import type { StandingWish } from '../../engineering/stowage/standingRules.ts';
import type { Finish, ArchetypeKey } from '../../engineering/pieces/Archetype.ts';
import type { OrdinaryFillKey } from '../../engineering/materials/ordinaryStock.ts';
import type { FormKey } from '../../engineering/pieces/forms.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { HardPoint } from '../../engineering/pieces/hardPoints.ts';
import type { CivilDate, Minor } from '../../units/index.ts';

/** What is known of one piece: facts only. What was not measured is null and will be guessed. */
export interface PieceFacts {
  readonly id: string;
  readonly title: string;
  /** So many alike; size, weight and worth are of one. */
  readonly count: number;
  /** So many at most are stacked and wrapped together; 1 where each is wrapped by itself. */
  readonly stackOf: number;
  /** The wrap of which a sheet lies between each two of a stack, by key; null for nothing between them. */
  readonly interleaf: string | null;
  /** They go into one another as they stand, and each further one adds so much to the height; null where they do not. */
  readonly nestStepIn: number | null;
  /** It goes into another piece as that stands; null where it goes into none. */
  readonly within: WithinPiece | null;
  /** The piece of its order that it is to stand next to, as a wheel to its frame; null for none. */
  readonly beside: string | null;
  readonly archetype: ArchetypeKey;
  readonly form: FormKey | null;
  readonly lengthIn: number | null;
  readonly widthIn: number | null;
  readonly heightIn: number | null;
  readonly weightLb: number | null;
  readonly finish: Finish;
  readonly dampSensitive: boolean;
  readonly keepUpright: boolean;
  readonly hardPoints: readonly HardPoint[];
  readonly hollows: readonly Hollow[];
  /** Parts that move inside a case or retail box. */
  readonly movingParts: 'none' | 'steadied' | 'shifting';
  /** Inside of its own case or retail box, where it may travel in that; null where it has none or does not. */
  readonly ownBoxIn: Triple | null;
  /** What it comes off, where it is a part that travels by itself; null for a piece of its own. */
  readonly partOf: PartOf | null;
  /** What goes along without being fragile. */
  readonly along: readonly Along[];
  readonly replacementMinor: Minor | null;
  /** No money buys another: it may break less often. */
  readonly irreplaceable: boolean;
  /** With it broken what it belongs with is worth nothing: the others of several alike, the whole it comes off, its parts. */
  readonly wholeOrNothing: boolean;
  /** Where it is to stand among the others of its parcel. */
  readonly standing: StandingWish;
  /** How often it may break at most, where somebody said so for this piece; null goes by the house. */
  readonly mostChance: number | null;
}

/** How a part comes off the piece it belongs to. */
export interface PartOf {
  /** The piece it comes off, of the same order. */
  readonly pieceId: string;
  /** The part that must come off before it; null for none. */
  readonly after: string | null;
  /** What loosens with it and goes into the bag; empty for nothing. */
  readonly loosens: string;
}

/** One piece goes into another of its order, both as they stand. */
export interface WithinPiece {
  readonly pieceId: string;
  /** By how much it stands out of that, bare, inches; 0 where it does not. */
  readonly standsOutIn: number;
}

/** Leads, a key, a remote: goes along, weighs and takes room, and is put in before the box is closed. */
export interface Along {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** Of one; null where nobody weighed or measured it, and nothing is counted. */
  readonly weightLb: number | null;
  readonly sizeIn: Triple | null;
  readonly place: AlongPlace;
}
/** In a bag of its own on top; beside what the box holds, in the fill; or with it in the inner box, beside it where there is none. */
export type AlongPlace = 'bag' | 'beside' | 'inner';

/** A cavity; left unfilled it costs strength. */
export interface Hollow {
  readonly id: string;
  readonly name: string;
  readonly volumeIn3: number;
  readonly filled: boolean;
  /** What it is filled with; null for tight paper. */
  readonly material: OrdinaryFillKey | null;
}

/** One buyer, one promise, one or more pieces. */
export interface Order {
  readonly id: string;
  readonly soldMinor: Minor;
  readonly paidMinor: Minor;
  readonly shippingCollectedMinor: Minor;
  readonly originPostcode: string;
  readonly destinationPostcode: string;
  readonly shipDate: CivilDate;
  readonly pieces: readonly PieceFacts[];
  /** What of it travels in other boxes; nothing where it is left out. */
  readonly elsewhere?: readonly Elsewhere[];
}

/** A piece in another box: what it comes off, and what it is worth, all that are alike together. */
export interface Elsewhere extends Pick<PieceFacts, 'id' | 'partOf'> {
  readonly worthMinor: Minor;
  /** It is one, and worth nothing without the others that say so too. */
  readonly isOfSet?: boolean;
  /** There are so many alike of it, each worth nothing without its fellow among as many others that say so too. */
  readonly pairs?: number;
}
