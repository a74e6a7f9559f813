import type { CivilDate, Minor } from '../../units/index.ts';

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

export interface Service {
  readonly key: string;
  readonly name: string;
  readonly transitDays: number;
  /** Weekdays of collection, 0 for Sunday. */
  readonly pickupWeekdays: readonly number[];
  /** Local time `HH:MM` after which a parcel goes the next collection day. */
  readonly cutOff: string;
  readonly steps: readonly PriceStep[];
  readonly rounding: 'step' | 'ounce' | 'pound' | 'halfKilogram';
  readonly volumetric: Volumetric | null;
  readonly limits: Limits;
  readonly surcharges: readonly Surcharge[];
  readonly fuelPercent: number;
  readonly cover: Cover;
  readonly signatureMinor: Minor | null;
  /** On the median drop height; 1 where nothing is known. */
  readonly handlingFactor: number;
}

/** Price by zone for all up to a weight; `priceMinor[i]` belongs to `zones[i]` of the service's card. */
export interface PriceStep {
  readonly upToLb: number;
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
}

export interface Surcharge {
  readonly name: string;
  readonly when:
    | { readonly kind: 'longestAbove' | 'secondAbove'; readonly inches: number }
    | { readonly kind: 'volumeAbove'; readonly in3: number }
    | { readonly kind: 'weightAbove'; readonly lb: number }
    | { readonly kind: 'destination'; readonly from: string; readonly to: string };
  readonly priceMinor: Minor;
  readonly fuelled: boolean;
}

/** Cover for loss and damage: an included amount, then a price for each further step of value. */
export interface Cover {
  readonly includedMinor: Minor;
  readonly stepMinor: Minor;
  readonly pricePerStepMinor: Minor;
  readonly ceilingMinor: Minor;
}
