import type { ReadySet } from '../../house/readySets.ts';
import type { Stockroom } from '../../engineering/materials/stock.ts';
import type { RateCard } from '../../engineering/tariff/RateCard.ts';
import type { UnitSystem } from '../../units/index.ts';
import type { House } from '../../house/House.ts';
import type { PlanChoice } from '../frontier/PlanOption.ts';
import type { MeasuredBundle } from '../wrap/WrappedItem.ts';
import type { Order } from '../sale/Order.ts';

/** All a plan depends on; the same request gives the same plan. */
export interface PlanRequest {
  readonly order: Order;
  /** Which of the order's pieces this parcel holds. */
  readonly pieceId: string;
  readonly stock: Stockroom;
  readonly house: House;
  readonly cards: readonly RateCard[];
  readonly locks: Locks;
  /** The units its sentences are written in; no figure depends on them. */
  readonly units?: UnitSystem;
}

/** Choices somebody has pinned. `inner: null` means no inner box; absent means free. */
export type Locks = Partial<Omit<PlanChoice, 'inner' | 'baseGapIn' | 'board'>> & {
  readonly inner?: string | null;
  /** The bundle in the pinned layers as it was measured at the bench. */
  readonly bundle?: MeasuredBundle;
  /** What fills the inner box. */
  readonly innerFill?: string;
  /** A ready set for this parcel alone; whoever builds the request gives it that house. */
  readonly method?: ReadySet['key'];
  /** Wraps, fills and boxes nobody wants this time, by key. */
  readonly without?: readonly string[];
};
