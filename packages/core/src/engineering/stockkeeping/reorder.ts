import { addDays, type CivilDate } from '../../units/index.ts';
import { countedStock, type CountedItem } from './countedStock.ts';
import type { Stockroom } from '../materials/stock.ts';
import { stockName, type StockMove, type StockUse } from './StockMove.ts';
import { usedByWeek, weeklyUse } from './weeklyUse.ts';

/** Spreads kept beyond what is expected to go, so that of twenty waits nineteen are bridged: the normal law’s 95%. */
const KEPT_SPREADS = 1.645;
/** Days a delivery takes where none was timed yet; judgement. */
export const USUAL_LEAD_DAYS = 7;
/** Weeks that are bought for, beyond the wait; judgement. */
export const USUAL_WEEKS = 4;

/** One thing of the stockroom, looked at ahead. */
export interface StockAhead extends CountedItem {
  /** Kept by nests that are not sealed yet. */
  readonly reserved: number;
  readonly available: number;
  readonly perWeek: number;
  /** Whole weeks that is known from. */
  readonly weeks: number;
  readonly leadDays: number;
  /** The wait was timed, not assumed. */
  readonly timed: boolean;
  /** Days what is available lasts; null where nothing goes. */
  readonly daysLeft: number | null;
  /** It is ordered when no more than this is available. */
  readonly orderAt: number;
  /** The last day to order on; null where nothing goes. */
  readonly orderBy: CivilDate | null;
  /** What to buy now, in whole packs; 0 where it is not yet time, and of what is not sold anywhere. */
  readonly toBuy: number;
  /** About what that costs. */
  readonly costMinor: number;
}

/**
 * Below what is available something is ordered: what goes while one waits, and for the weeks that are worse than others.
 *
 * Formula: `u·L + z·σ·√L` with the wait L in weeks, z of a 95% chance that it lasts.
 * Source: reorder point with safety stock for independent normal weeks; any text on inventory control (Silver, Pyke, Peterson); from memory.
 */
export const orderPoint = (perWeek: number, spread: number, leadDays: number): number =>
  (perWeek * leadDays) / 7 + KEPT_SPREADS * spread * Math.sqrt(leadDays / 7);

/**
 * Every counted thing of a stockroom looked at ahead, in its order.
 *
 * @param moves of all items over the last weeks
 * @param reserved what kept nests will take
 * @param weeks to buy for, beyond the wait
 */
export function stockAhead(
  stock: Stockroom,
  moves: readonly StockMove[],
  reserved: readonly StockUse[],
  today: CivilDate,
  weeks = USUAL_WEEKS,
): StockAhead[] {
  const movesOf = grouped(standing(moves));
  const reservedOf = grouped(reserved);
  return countedStock(stock).map((item): StockAhead => {
    const own = movesOf.get(stockName(item)) ?? [];
    const { perWeek, spread, weeks: seen } = weeklyUse(usedByWeek(own, today));
    const timed = own.findLast(({ why, leadDays }) => why === 'received' && leadDays !== null)?.leadDays ?? null;
    const leadDays = timed ?? USUAL_LEAD_DAYS;
    const kept = (reservedOf.get(stockName(item)) ?? []).reduce((sum, { amount }) => sum + amount, 0);
    const available = item.onHand - kept;
    const orderAt = orderPoint(perWeek, spread, leadDays);
    const wanted = orderAt + perWeek * weeks - available;
    const toBuy = !item.secondhand && available <= orderAt && wanted > 1e-9 ? Math.ceil(wanted / item.pack - 1e-9) * item.pack : 0;
    return {
      ...item,
      reserved: kept,
      available,
      perWeek,
      weeks: seen,
      leadDays,
      timed: timed !== null,
      daysLeft: perWeek > 0 ? Math.max(0, (available / perWeek) * 7) : null,
      orderAt,
      orderBy: perWeek > 0 ? addDays(today, Math.max(0, Math.floor(((available - orderAt) / perWeek) * 7 + 1e-9))) : null,
      toBuy,
      costMinor: Math.round(toBuy * item.eachMinor),
    };
  });
}

function grouped<One extends StockUse>(all: readonly One[]): Map<string, One[]> {
  const groups = new Map<string, One[]>();
  for (const one of all) {
    const group = groups.get(stockName(one));
    if (group) group.push(one);
    else groups.set(stockName(one), [one]);
  }
  return groups;
}

/** Moves without those that were taken back, and without the taking back. */
const standing = (moves: readonly StockMove[]): readonly StockMove[] => {
  const gone = new Set<StockMove>();
  for (const back of moves)
    if (back.why === 'takenBack') {
      gone.add(back);
      const of = moves.findLast(
        (one) => !gone.has(one) && one.why !== 'takenBack' && one.kind === back.kind && one.key === back.key && one.amount === -back.amount,
      );
      if (of) gone.add(of);
    }
  return moves.filter((one) => !gone.has(one));
};

/** What the whole stockroom is worth at what was paid, minor units; what is below nothing is worth nothing. */
export const stockValue = (items: readonly CountedItem[]): number =>
  Math.round(items.reduce((sum, { onHand, eachMinor }) => sum + Math.max(0, onHand) * eachMinor, 0));
