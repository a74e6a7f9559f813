import {
  countedStock,
  movedStock,
  type MoveReason,
  type StockAhead,
  type StockKind,
  type StockMove,
  type Stockroom,
  type StockUse,
} from '@inch-nest/core';
import { z } from 'zod';
import { key, shortText } from './numbers.ts';

/** The most of anything that comes or goes at once. */
const MOST = 100_000;
/** A hundred thousand of any money, there or back. */
const MOST_MINOR = 10_000_000;

const stockKind = z.enum(['wrap', 'fill', 'box', 'board']) satisfies z.ZodType<StockKind>;

/** A move of stock as somebody tells it: what came, what is spoiled, or one of those taken back. */
export const toldMove = z
  .strictObject({
    kind: stockKind,
    key,
    why: z.enum(['received', 'spoiled', 'takenBack']),
    /** By which the count goes up, or down. */
    amount: z.number().min(-MOST).max(MOST),
    /** For all of it; below nothing where a delivery is taken back. */
    paidMinor: z.int().min(-MOST_MINOR).max(MOST_MINOR).nullable(),
    supplier: shortText(60).nullable(),
    leadDays: z.int().min(0).max(365).nullable(),
    /** Price of one before and after the delivery that is taken back. */
    priceThen: z.strictObject({ wasMinor: z.number().min(0).max(MOST_MINOR), becameMinor: z.number().min(0).max(MOST_MINOR) }).optional(),
  })
  .refine(({ amount }) => amount !== 0, 'nothing came and nothing went')
  .refine(({ why, amount }) => why !== 'received' || amount > 0, 'what came is more than nothing')
  .refine(({ why, amount }) => why !== 'spoiled' || amount < 0, 'what is spoiled goes')
  .refine(({ kind, amount }) => kind !== 'box' || Number.isInteger(amount), 'boxes are counted whole') satisfies z.ZodType<
  Omit<StockMove, 'day'> & { supplier: string | null }
>;
export type ToldMove = z.infer<typeof toldMove>;

/** So much of something in the stockroom. */
export const stockUse = z.strictObject({
  kind: stockKind,
  key,
  amount: z.number().positive().max(MOST),
}) satisfies z.ZodType<StockUse>;

/**
 * What takes a told move back.
 *
 * @param before the stockroom it was told of
 */
export function takenBack(told: ToldMove, before: Stockroom): ToldMove {
  const eachMinor = (stock: Stockroom | null) =>
    countedStock(stock ?? before).find(({ kind, key }) => kind === told.kind && key === told.key)?.eachMinor ?? 0;
  return {
    ...told,
    why: 'takenBack',
    amount: -told.amount,
    paidMinor: told.paidMinor === null ? null : -told.paidMinor,
    ...(told.paidMinor === null ? {} : { priceThen: { wasMinor: eachMinor(before), becameMinor: eachMinor(movedStock(before, told)) } }),
  };
}

/** Where each kind of stock is counted, as a part of the shop. */
const COUNT_OF: Readonly<Record<StockKind, (key: string) => string>> = {
  box: (of) => `boxes/${of}/onHand`,
  wrap: (of) => `wraps/${of}/onHandFt2`,
  fill: (of) => `fills/${of}/onHandFt3`,
  board: () => 'stock/linerBoard',
};
export const countPath = ({ kind, key: of }: Pick<StockMove, 'kind' | 'key'>): string => COUNT_OF[kind](encodeURIComponent(of));

/** One move as it is listed. */
export interface MoveView {
  id: string;
  kind: StockKind;
  key: string;
  why: MoveReason;
  amount: number;
  at: string;
  /** Empty where a shop began with it. */
  personId: string | null;
  /** The parcel that took it or gave it back. */
  parcel: { id: string; code: string } | null;
  paidMinor: number | null;
  supplier: string | null;
}

/** The stockroom looked at ahead, and what moved of late. */
export interface StockView {
  today: string;
  weeks: number;
  ahead: StockAhead[];
  /** What all of it is worth at what was paid. */
  valueMinor: number;
  /** The latest first. */
  moves: MoveView[];
}

/** What is asked of the stockroom. */
export const stockAsked = z.object({
  /** Weeks to buy for. */
  weeks: z.coerce.number().int().min(1).max(26).optional(),
  as: z.enum(['csv', 'pdf']).optional(),
});
