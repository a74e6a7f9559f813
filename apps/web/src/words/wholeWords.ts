import type { Order, PieceFacts } from '@inch-nest/core';

/** What is asked of a piece that may be worth nothing without the others, or the others without it; null for one that stands alone. */
export function wholeWords({ id, count, partOf }: PieceFacts, { pieces, elsewhere = [] }: Order): string | null {
  if (count > 1) return 'Worth nothing with one of them broken';
  const all = [...pieces, ...elsewhere];
  const hasParts = (of: string) => all.some((other) => other.partOf?.pieceId === of);
  if (partOf || hasParts(id)) return 'With this broken the rest of it is worth nothing';
  return all.some((other) => other.id !== id && !other.partOf && !hasParts(other.id))
    ? 'One of a set, like a cup and its saucer: worth nothing without the others that are ticked so'
    : null;
}
