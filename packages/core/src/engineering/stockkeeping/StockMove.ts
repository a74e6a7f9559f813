import type { CivilDate, Minor } from '../../units/index.ts';

/** What the stockroom counts. */
export type StockKind = 'wrap' | 'fill' | 'box' | 'board';
/** The one sheet board there is. */
export const SHEET_BOARD = 'sheetBoard';

/** So much of something: taken, put back, or wanted. */
export interface StockUse {
  readonly kind: StockKind;
  readonly key: string;
  /** Square feet, cubic feet, boxes, or square feet of sheet board. */
  readonly amount: number;
}

/** What something in the stockroom is known by: a wrap and a box may be called alike. */
export const stockName = ({ kind, key }: Pick<StockUse, 'kind' | 'key'>): string => `${kind} ${key}`;

/** Each thing once, with all that is used of it. */
export function summedUses(uses: readonly StockUse[]): StockUse[] {
  const sums = new Map<string, StockUse>();
  for (const use of uses) {
    const name = stockName(use);
    sums.set(name, { ...use, amount: (sums.get(name)?.amount ?? 0) + use.amount });
  }
  return [...sums.values()];
}

/** Why a count moved: somebody counted, a delivery came, a parcel was sealed, something spoiled, came back out of a box, or a move was taken back. */
export const MOVE_REASONS = ['counted', 'received', 'used', 'spoiled', 'cameBack', 'takenBack'] as const;
export type MoveReason = (typeof MOVE_REASONS)[number];

/** Price of one around a delivery that was paid for, minor units: where nothing has moved it since, taking it back restores the first. */
export interface PriceThen {
  readonly wasMinor: number;
  readonly becameMinor: number;
}

/** One move of a count; those of an item add up to what is on hand. */
export interface StockMove extends StockUse {
  /** By which the count went up, below nothing where it went down. */
  readonly amount: number;
  readonly why: MoveReason;
  /** The shop’s local day. */
  readonly day: CivilDate;
  /** What was paid for a delivery. */
  readonly paidMinor: Minor | null;
  /** With a delivery that is taken back. */
  readonly priceThen?: PriceThen | undefined;
  /** Days from ordering to its coming. */
  readonly leadDays: number | null;
}
