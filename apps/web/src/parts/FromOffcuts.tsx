'use client';
import { cutFromOffcuts, cutOf, type CutOrder, type CutPart, type OffcutsUsed, type Stockroom } from '@inch-nest/core';
import { useShop } from '../session/ShopContext.tsx';
import { offcutWords } from '../words/offcutWords.ts';

/** Boards differ by less than this where they are the same; inches. */
const SAME_CALIPER_IN = 0.002;

/** What of some orders would come of the offcuts there are; null where none are noted, or the board is another. */
export function fromOffcuts(
  orders: readonly { readonly order: CutOrder; readonly times: number }[],
  { linerBoard, offcuts }: Pick<Stockroom, 'linerBoard' | 'offcuts'>,
): OffcutsUsed | null {
  if (!linerBoard || !offcuts || offcuts.length === 0) return null;
  const own = ({ order }: { order: CutOrder }) =>
    'caliper' in order && Math.abs(order.caliper - linerBoard.board.caliperIn) < SAME_CALIPER_IN;
  const parts = orders.filter(own).flatMap(({ order, times }): CutPart[] => {
    const { parts: cut, boardUsedIn2 } = cutOf(order);
    return boardUsedIn2 > 0 ? cut.map((part) => ({ ...part, count: part.count * times })) : [];
  });
  return parts.length > 0 ? cutFromOffcuts(parts, offcuts) : null;
}

/** Which offcuts will do for what is cut, and for what a new sheet is needed. */
export function FromOffcuts({ used }: { used: OffcutsUsed }) {
  const { write } = useShop();
  return (
    <ul className="from-offcuts">
      {offcutWords(used, write).map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}
