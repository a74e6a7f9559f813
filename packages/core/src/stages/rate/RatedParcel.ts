import type { Quote, QuoteRefusal } from '../../engineering/tariff/Quote.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';

/** A weighed parcel with one service's price. */
export interface RatedParcel {
  readonly weighed: WeighedParcel;
  readonly quote: Quote;
  /** Cover bought beyond the included amount. */
  readonly coverAdded: boolean;
  readonly signature: boolean;
}

/** Every service's answer to one parcel. */
export interface Rating {
  readonly rated: readonly RatedParcel[];
  /** Services that cannot carry it in any way tried, each with its reason. */
  readonly refused: () => readonly QuoteRefusal[];
}
