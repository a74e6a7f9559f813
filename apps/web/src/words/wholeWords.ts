import type { Order, PieceFacts } from '@inch-nest/core';

/** What is asked of a piece that may be worth nothing without the others, or the others without it; null for one that stands alone. */
export function wholeWords({ id, count, partOf }: PieceFacts, { pieces, elsewhere = [] }: Order): string | null {
  if (count > 1) return 'Worth nothing with one of them broken';
  const hasParts = [...pieces, ...elsewhere].some((other) => other.partOf?.pieceId === id);
  return partOf || hasParts ? 'With this broken the rest of it is worth nothing' : null;
}
