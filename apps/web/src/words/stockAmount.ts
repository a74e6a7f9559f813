import type { StockAhead, StockKind } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** So much of something in the stockroom, as it is counted. */
export const stockAmount = (kind: StockKind, amount: number, write: Pick<Writers, 'area' | 'volume'>): string =>
  ({
    wrap: write.area,
    board: write.area,
    fill: (feet: number) => write.volume(feet),
    box: (count: number) => String(Number(count.toFixed(1))),
  })[kind](amount);

/** What is to be bought, in what it is sold by: rolls, boxes, or so much. */
export function toBuyWords(
  { kind, toBuy, pack }: Pick<StockAhead, 'kind' | 'toBuy' | 'pack'>,
  write: Pick<Writers, 'area' | 'volume'>,
): string {
  const amount = stockAmount(kind, toBuy, write);
  if (kind !== 'wrap') return amount;
  const rolls = Math.round(toBuy / pack);
  return `${rolls} ${rolls === 1 ? 'roll' : 'rolls'}, ${amount}`;
}

/** How long something lasts; where nests want more than there is, how much is missing. */
export function lastsWords(
  { kind, daysLeft, available }: Pick<StockAhead, 'kind' | 'daysLeft' | 'available'>,
  write: Pick<Writers, 'area' | 'volume'>,
): string {
  if (available < 0) return `short by ${stockAmount(kind, -available, write)}`;
  if (daysLeft === null) return 'nothing goes';
  const days = Math.floor(daysLeft);
  return days === 0 ? 'not a day' : days === 1 ? 'a day' : days <= 60 ? `${days} days` : 'over two months';
}
