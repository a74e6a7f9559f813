import type { CivilDate, Minor } from '../../units/index.ts';
import type { Triple } from '../geometry/wrapLayer.ts';

/** What is to be carried. */
export interface Shipment {
  readonly sizeIn: Triple;
  readonly weightLb: number;
  readonly originPostcode: string;
  readonly destinationPostcode: string;
  readonly shipDate: CivilDate;
  /** Local time `HH:MM` on the ship date at which it is ready; left out for in good time. */
  readonly readyAt?: string | null;
  /** Value to cover beyond the included amount; null for the included amount only. */
  readonly coverMinor: Minor | null;
  readonly signature: boolean;
  /** The carrier's own container it travels in, by key; null for the shop's own packaging. */
  readonly container: string | null;
  /** A tube or another outline that is not a box. */
  readonly nonRectangular: boolean;
  /** What kinds of goods, as archetype keys; none where nobody said. */
  readonly goods: readonly string[];
}

/** What a line of a price is for. */
export type PriceLineKind = 'base' | 'surcharge' | 'fuel' | 'cover' | 'signature';

export interface PriceLine {
  readonly kind: PriceLineKind;
  readonly label: string;
  readonly amountMinor: Minor;
  /** The weight step it is the price of, in the card's own words in the label; left out where there is none. */
  readonly upToLb?: number;
}

/** A service's price with every line that made it. */
export interface Quote {
  readonly carrier: string;
  readonly cardId: string;
  readonly cardVersion: number;
  readonly service: string;
  readonly serviceName: string;
  readonly zone: number;
  readonly billableLb: number;
  readonly volumetricLb: number | null;
  readonly billedBy: 'weight' | 'volume' | 'cubic';
  readonly stepLb: number;
  /** Upper end of the step below; 0 on the first. */
  readonly stepBelowLb: number;
  readonly lines: readonly PriceLine[];
  readonly totalMinor: Minor;
  readonly transitDays: number;
  /** The day it should be there, from pick-up days and holidays; null when no pick-up comes within a month. */
  readonly arrivesOn: CivilDate | null;
  readonly handlingFactor: number;
  readonly crushFactor: number;
  /** What a claim may pay at most. */
  readonly coverMinor: Minor;
}

/** A service that cannot carry it, and why. */
export interface QuoteRefusal {
  readonly carrier: string;
  readonly service: string;
  readonly serviceName: string;
  readonly refused: string;
}
