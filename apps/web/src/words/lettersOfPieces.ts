import { letterOf } from '@inch-nest/core';
import type { HeldPiece } from '@inch-nest/contracts';

/** The letters that bundles bear, by how many there are of each: `A`, or `B–D` for several that are alike. */
export function lettersByCounts(counts: readonly number[]): string[] {
  let next = 0;
  return counts.map((count) => {
    const letters = count === 1 ? letterOf(next) : `${letterOf(next)}–${letterOf(next + count - 1)}`;
    next += count;
    return letters;
  });
}

/** The same of a parcel's pieces, which may not have been planned yet. */
export const lettersOfPieces = (held: readonly Pick<HeldPiece, 'piece'>[]): string[] =>
  lettersByCounts(held.map(({ piece }) => Math.ceil(piece.count.value / piece.stackOf.value)));
