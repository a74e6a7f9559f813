import type { Excess } from '../../engineering/tariff/nearestService.ts';
import type { Quote, QuoteRefusal } from '../../engineering/tariff/Quote.ts';
import type { UnitSystem } from '../../units/index.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';

/** A weighed parcel with one service's price. */
export interface RatedParcel {
  readonly weighed: WeighedParcel;
  readonly quote: Quote;
  /** Cover bought beyond the included amount. */
  readonly coverAdded: boolean;
  readonly signature: boolean;
  /** Why the service does not carry it, where a hand chose it all the same; the quote is then a price by hand. */
  readonly refused?: QuoteRefusal;
  /** For a price by hand: what each service lacks, and the one that is missed by least. */
  readonly lacking?: { readonly refusals: readonly QuoteRefusal[]; readonly nearest: Excess | null };
}

/** Every service's answer to one parcel. */
export interface Rating {
  readonly rated: readonly RatedParcel[];
  /** Services that cannot carry it in any way tried, each with its reason. */
  readonly refused: (units?: UnitSystem) => readonly QuoteRefusal[];
}
