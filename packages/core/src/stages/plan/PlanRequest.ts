import type { ReadySet } from '../../house/readySets.ts';
import type { StockUse } from '../../engineering/stockkeeping/StockMove.ts';
import type { Stockroom } from '../../engineering/materials/stock.ts';
import type { RateCard } from '../../engineering/tariff/RateCard.ts';
import type { UnitSystem } from '../../units/index.ts';
import type { House } from '../../house/House.ts';
import type { BundleChoice, PlanChoice } from '../frontier/PlanOption.ts';
import type { BoxedChoice, MeasuredBundle } from '../wrap/WrappedItem.ts';
import type { Order, PieceFacts } from '../sale/Order.ts';
import { withoutTaken } from './takenHollow.ts';

/** All a plan depends on; the same request gives the same plan. */
export interface PlanRequest {
  readonly order: Order;
  /** Which of the order's pieces this parcel holds, in the order of its bundles; at least one. */
  readonly pieceIds: readonly string[];
  readonly stock: Stockroom;
  readonly house: House;
  readonly cards: readonly RateCard[];
  readonly locks: Locks;
  /** What other parcels that go before it keep of the stock; where it is left out nobody counts sheets and fill. */
  readonly reserved?: readonly StockUse[];
  /** The units its sentences are written in; no figure depends on them. */
  readonly units?: UnitSystem;
}

/** Choices about one bundle that somebody has pinned. */
export type BundleLocks = Partial<BundleChoice> & {
  /** The bundle in the pinned layers as it was measured at the bench. */
  readonly bundle?: MeasuredBundle;
};

/** Choices somebody has pinned. `inner: null` means no inner box; absent means free. */
export type Locks = BundleLocks &
  Partial<Omit<PlanChoice, 'inner' | 'baseGapIn' | 'board' | 'others'>> & {
    readonly inner?: string | null;
    /** What is pinned of the other bundles, in their order. */
    readonly others?: readonly BundleLocks[];
    /** What fills the inner box. */
    readonly innerFill?: string;
    /** A ready set for this parcel alone; whoever builds the request gives it that house. */
    readonly method?: ReadySet['key'];
    /** Wraps, fills and boxes nobody wants this time, by key. */
    readonly without?: readonly string[];
  };

/** What is pinned of one of the bundles. */
export const bundleLocks = (locks: Locks, at: number): BundleLocks => (at === 0 ? locks : (locks.others?.[at - 1] ?? {}));

/** What is chosen for one of the bundles. */
export const bundleChoice = (choice: PlanChoice, at: number): BundleChoice => (at === 0 ? choice : choice.others![at - 1]!);

/** A choice with something else chosen for one of the bundles. */
export const withBundle = (choice: PlanChoice, at: number, next: BundleChoice): PlanChoice =>
  at === 0 ? { ...choice, ...next } : { ...choice, others: choice.others!.map((one, i) => (i === at - 1 ? next : one)) };

/** A choice with one of its bundles in a box of its own, or in none. */
export const withBoxed = (choice: PlanChoice, at: number, boxed: BoxedChoice | null): PlanChoice => ({
  ...withBundle(choice, at, { ...bundleChoice(choice, at), boxed }),
  baseGapIn: null,
});

/**
 * The facts of a parcel’s pieces, in the order of its bundles; a hollow in which another piece stands is none of them.
 *
 * @throws RangeError when the order lacks one of them, or none is named
 */
export function piecesOf({ order, pieceIds }: Pick<PlanRequest, 'order' | 'pieceIds'>): readonly [PieceFacts, ...PieceFacts[]] {
  const facts = pieceIds.map((id) => {
    const found = order.pieces.find((piece) => piece.id === id);
    if (!found) throw new RangeError(`pieceIds must be of the order’s pieces, not ${id}`);
    return found;
  });
  if (facts.length === 0) throw new RangeError('pieceIds must name at least one piece');
  return facts.map((one) => withoutTaken(one, facts)) as unknown as readonly [PieceFacts, ...PieceFacts[]];
}
