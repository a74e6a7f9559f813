import { daysBetween, type CivilDate } from '../../units/index.ts';
import type { StockMove } from './StockMove.ts';

/** So much less a week counts than the one after it; judgement, within the usual 0.1 to 0.3 off. */
const FADES = 0.7;
/** Weeks that are looked back over. */
export const WEEKS_BACK = 12;

/** What goes of something in a week. */
export interface WeeklyUse {
  /** The level, in what is counted. */
  readonly perWeek: number;
  /** Standard deviation of single weeks about it. */
  readonly spread: number;
  /** Whole weeks it was seen over; 0 where nothing is known yet. */
  readonly weeks: number;
}

/**
 * What went of one item in each whole week up to today, the latest last: used and spoiled. What is not a whole week yet is
 * left out, unless there is no more than that.
 *
 * @param moves of one item
 */
export function usedByWeek(moves: readonly StockMove[], today: CivilDate): number[] {
  const ages = moves.map(({ day }) => daysBetween(day, today)).filter((age) => age >= 0);
  if (ages.length === 0) return [];
  const weeks = Math.min(WEEKS_BACK, Math.max(1, Math.floor((Math.max(...ages) + 1) / 7)));
  const used = Array.from({ length: weeks }, () => 0);
  for (const { day, why, amount } of moves) {
    const week = Math.floor(daysBetween(day, today) / 7);
    if (week >= 0 && week < weeks && GOES.has(why)) used[weeks - 1 - week]! -= amount;
  }
  return used.map((one) => Math.max(0, one));
}
const GOES: ReadonlySet<string> = new Set(['used', 'spoiled']);

/**
 * Level and spread of what goes in a week, later weeks counting more: the average and standard deviation with weights that
 * fade by a factor a week.
 *
 * Source: Brown, Smoothing, Forecasting and Prediction (1963), discounted least squares of a constant; from memory.
 *
 * @param used what went in each week, the latest last
 */
export function weeklyUse(used: readonly number[]): WeeklyUse {
  const weights = used.map((_, i) => FADES ** (used.length - 1 - i));
  const all = weights.reduce((sum, one) => sum + one, 0);
  if (all === 0) return { perWeek: 0, spread: 0, weeks: 0 };
  const perWeek = used.reduce((sum, one, i) => sum + weights[i]! * one, 0) / all;
  const variance = used.reduce((sum, one, i) => sum + weights[i]! * (one - perWeek) ** 2, 0) / all;
  return { perWeek, spread: Math.sqrt(variance), weeks: used.length };
}
