import type { CivilDate, Minor } from '../../units/index.ts';
import type { Triple } from '../geometry/wrapLayer.ts';

/** One carrier's prices for a stretch of time: data, never code. */
export interface RateCard {
  readonly id: string;
  readonly version: number;
  readonly carrier: string;
  readonly currency: string;
  readonly validFrom: CivilDate;
  readonly validTo: CivilDate | null;
  readonly zones: readonly ZoneRule[];
  readonly services: readonly Service[];
  /** The carrier's own free boxes and envelopes, which its fixed-price services take. */
  readonly containers: readonly Container[];
  /** Days on which the carrier neither collects nor delivers. */
  readonly holidays: readonly CivilDate[];
}

/** Postcodes from this prefix to that one, as compared text, to a zone 0 to 9. */
export interface ZoneRule {
  readonly originFrom: string;
  readonly originTo: string;
  readonly destinationFrom: string;
  readonly destinationTo: string;
  readonly zone: number;
}

/** A carrier's own box or envelope: costs nothing, is thin, and goes by the services that list it. */
export interface Container {
  readonly key: string;
  readonly name: string;
  readonly style: 'slotted' | 'padded' | 'stiffened';
  readonly insideIn: Triple;
  readonly outsideIn: Triple;
  readonly weightLb: number;
}

export interface Service {
  readonly key: string;
  readonly name: string;
  /** Whether these are the prices bought online or those of the counter. */
  readonly bought: 'online' | 'counter';
  readonly transitDays: number;
  /** Weekdays of collection, 0 for Sunday. */
  readonly pickupWeekdays: readonly number[];
  /** Local time `HH:MM` after which a parcel goes the next collection day. */
  readonly cutOff: string;
  /** By weight; empty where `cubic` prices. */
  readonly steps: readonly PriceStep[];
  /** By outside volume in place of weight; null where `steps` price. */
  readonly cubic: readonly CubicTier[] | null;
  /** The containers it takes, by key, and nothing else; null for the shop's own packaging. */
  readonly containers: readonly string[] | null;
  readonly rounding: 'step' | 'ounce' | 'pound' | 'halfKilogram';
  readonly volumetric: Volumetric | null;
  readonly limits: Limits;
  /** In the order in which they are added. */
  readonly surcharges: readonly Surcharge[];
  readonly fuelPercent: number;
  readonly cover: Cover;
  readonly signatureMinor: Minor | null;
  /** On the median drop height; 1 where nothing is known. */
  readonly handlingFactor: number;
  /** On the load that may lie on a parcel; 1 where nothing is known. */
  readonly crushFactor: number;
}

/** Price by zone for all up to a weight. */
export interface PriceStep {
  readonly upToLb: number;
  readonly byZone: Readonly<Record<string, Minor>>;
}

/** Price by zone for all up to an outside volume. */
export interface CubicTier {
  readonly upToIn3: number;
  readonly byZone: Readonly<Record<string, Minor>>;
}

export interface Volumetric {
  readonly divisorIn3PerLb: number;
  /** Applies above this volume. */
  readonly aboveIn3: number;
  readonly sideRounding: 'up' | 'nearest' | 'none';
}

export interface Limits {
  readonly weightLb: number;
  readonly longestIn: number | null;
  readonly lengthPlusGirthIn: number | null;
  /** Least length, width and height, longest first; null for none. */
  readonly leastIn: Triple | null;
}

export interface Surcharge {
  readonly name: string;
  readonly when:
    | { readonly kind: 'longestAbove' | 'secondAbove'; readonly inches: number }
    | { readonly kind: 'volumeAbove'; readonly in3: number }
    | { readonly kind: 'weightAbove'; readonly lb: number }
    | { readonly kind: 'destination'; readonly from: string; readonly to: string }
    | { readonly kind: 'nonRectangular' }
    | { readonly kind: 'peak'; readonly from: CivilDate; readonly to: CivilDate };
  readonly priceMinor: Minor;
  readonly fuelled: boolean;
}

/** Cover for loss and damage: an included amount, then a price for each further step of value, or a share of it. */
export interface Cover {
  readonly includedMinor: Minor;
  readonly stepMinor: Minor;
  readonly pricePerStepMinor: Minor;
  /** Percent of the value above the included amount, in place of steps; null for steps. */
  readonly percent: number | null;
  readonly ceilingMinor: Minor;
  /** Kinds of goods that are carried but never covered, as archetype keys. */
  readonly excludes: readonly string[];
}
