import { standsAlone, type Order, type PieceFacts } from '@inch-nest/core';

/** What is asked of a piece that may be worth nothing without the others, or the others without it; null for one that stands alone. */
export function wholeWords(piece: PieceFacts, { pieces, elsewhere = [] }: Order): string | null {
  const all = [...pieces, ...elsewhere];
  const asMany = pieces.find((other) => other.id !== piece.id && other.count === piece.count && standsAlone(other, all));
  if (piece.count > 1 && asMany && standsAlone(piece, all))
    return `Each goes with one of the ${asMany.title}, like a cup and its saucer: ticked for both, one is worth nothing without the other`;
  if (piece.count > 1) return 'Worth nothing with one of them broken';
  if (!standsAlone(piece, all)) return 'With this broken the rest of it is worth nothing';
  return all.some((other) => other.id !== piece.id && standsAlone(other, all))
    ? 'One of a set, like a cup and its saucer: worth nothing without the others that are ticked so'
    : null;
}
