import type { StockKind } from '@inch-nest/core';
import type { NotedMove } from '../repositories/stockMoves.ts';

/** A delivery: how many weeks ago, how much, what was paid for it, by whom it came, days after it was ordered. */
interface Came {
  readonly weeksAgo: number;
  readonly amount: number;
  readonly paidMinor: number;
  readonly supplier: string;
  readonly leadDays: number;
}
interface Month {
  readonly kind: StockKind;
  readonly key: string;
  /** What went in each of four weeks, the earliest first, in what is counted. */
  readonly used: readonly [number, number, number, number];
  readonly came?: Came;
  /** What got wet, torn or crushed in the last week but one. */
  readonly spoiled?: number;
}

const ROPEWALK = 'Ropewalk Paper Store';
const TIDEGATE = 'Tidegate Board Mill';
const delivery = (weeksAgo: number, amount: number, paidMinor: number, supplier: string, leadDays: number): Came => ({
  weeksAgo,
  amount,
  paidMinor,
  supplier,
  leadDays,
});

/** A month at the stall: small bubble that was not bought in time, and no more of one box. Invented. */
const MONTH: readonly Month[] = [
  { kind: 'wrap', key: 'smallBubble', used: [38, 46, 41, 52], came: delivery(4, 175, 1750, ROPEWALK, 11) },
  { kind: 'wrap', key: 'mediumBubble', used: [30, 44, 36, 40], came: delivery(2, 200, 2400, ROPEWALK, 12) },
  { kind: 'wrap', key: 'largeBubble', used: [18, 22, 15, 20] },
  { kind: 'wrap', key: 'foamSheet16', used: [25, 31, 28, 30], came: delivery(3, 300, 2400, ROPEWALK, 11) },
  { kind: 'wrap', key: 'tissue', used: [30, 36, 28, 34] },
  { kind: 'wrap', key: 'packingPaper', used: [70, 84, 66, 90] },
  { kind: 'wrap', key: 'stretchFilm', used: [20, 24, 18, 22] },
  { kind: 'fill', key: 'mouldedFill', used: [9, 11, 8, 12], came: delivery(2, 30, 4800, TIDEGATE, 6), spoiled: 1.5 },
  { kind: 'fill', key: 'crumpledPaper', used: [6, 5, 7, 6] },
  { kind: 'fill', key: 'airPillows', used: [4, 6, 5, 5] },
  { kind: 'box', key: '6x5x5', used: [3, 4, 2, 4] },
  { kind: 'box', key: '6x6x6', used: [4, 5, 3, 4], came: delivery(2, 25, 1125, TIDEGATE, 6) },
  { kind: 'box', key: '8x8x8', used: [5, 6, 4, 7], came: delivery(3, 25, 1550, TIDEGATE, 7) },
  { kind: 'box', key: '10x8x6', used: [3, 2, 4, 3] },
  { kind: 'box', key: '10x10x10', used: [3, 4, 3, 5] },
  { kind: 'box', key: '12x10x8', used: [2, 4, 3, 4], spoiled: 1 },
  { kind: 'box', key: '12x12x12', used: [5, 4, 6, 5], came: delivery(2, 20, 2200, TIDEGATE, 6) },
  { kind: 'box', key: '14x12x10', used: [1, 2, 2, 2] },
  { kind: 'box', key: '14x14x14', used: [2, 3, 2, 1] },
  { kind: 'box', key: '16x14x12', used: [1, 1, 0, 2] },
  { kind: 'board', key: 'sheetBoard', used: [4, 9, 6, 5] },
];

const DAY_MS = 86_400_000;

/** The month’s moves up to now, the earliest first. */
export function demoMoves(now: Date, personId: string): NotedMove[] {
  const at = (weeksAgo: number, day: number) => new Date(now.getTime() - (weeksAgo * 7 - day) * DAY_MS);
  return MONTH.flatMap(({ kind, key, used, came, spoiled = 0 }) => [
    ...used.flatMap((amount, i) => (amount > 0 ? [{ personId, kind, key, why: 'used' as const, amount: -amount, at: at(4 - i, 3) }] : [])),
    ...(came
      ? [
          {
            personId,
            kind,
            key,
            why: 'received' as const,
            amount: came.amount,
            at: at(came.weeksAgo, 1),
            paidMinor: came.paidMinor,
            supplier: came.supplier,
            leadDays: came.leadDays,
          },
        ]
      : []),
    ...(spoiled > 0 ? [{ personId, kind, key, why: 'spoiled' as const, amount: -spoiled, at: at(2, 5) }] : []),
  ]).sort((a, b) => a.at.getTime() - b.at.getTime());
}
