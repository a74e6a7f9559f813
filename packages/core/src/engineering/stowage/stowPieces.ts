import type { Triple } from '../geometry/wrapLayer.ts';
import { stowExactly } from './exactStowage.ts';
import { stowByExtremePoints } from './extremePoints.ts';
import type { StowBox, StowPiece, Stowage } from './Stowage.ts';

/** Up to this many pieces a *no* is a proof. */
export const MOST_EXACT_PIECES = 10;

/**
 * Stows pieces in a box without overlap, with room along the walls and between them: a quick search that
 * puts the heavy ones low, then, for up to ten, one that is certain.
 *
 * Room between pieces is part of each piece and of the box: pieces grow by it, and so does the box, once.
 *
 * @throws RangeError when two pieces bear one id or a length is out of bounds
 */
export function stowPieces(pieces: readonly StowPiece[], { insideIn, gapIn, betweenIn }: StowBox): Stowage {
  if (new Set(pieces.map((piece) => piece.id)).size !== pieces.length) throw new RangeError('id must be unique among the pieces');
  if (![...insideIn, ...pieces.flatMap((piece) => piece.sizeIn)].every((side) => side > 0 && Number.isFinite(side)))
    throw new RangeError('sides of box and pieces must be above 0');
  if (!(gapIn >= 0 && betweenIn >= 0)) throw new RangeError('gapIn and betweenIn must not be negative');
  const grown = pieces.map((piece) => ({ ...piece, sizeIn: plus(piece.sizeIn, betweenIn) }));
  const roomIn = plus(insideIn, betweenIn - 2 * gapIn);
  if (pieces.length > 0 && roomIn.some((side) => side <= 0)) return { fits: false, proved: true };
  const volume = ([l, w, h]: Triple) => l * w * h;
  if (grown.reduce((sum, piece) => sum + volume(piece.sizeIn), 0) > volume(roomIn) * (1 + 1e-9)) return { fits: false, proved: true };
  const exact = pieces.length <= MOST_EXACT_PIECES;
  const placed = stowByExtremePoints(grown, roomIn) ?? (exact ? stowExactly(grown, roomIn) : null);
  if (!placed) return { fits: false, proved: exact };
  return {
    fits: true,
    placements: placed.map(({ id, atIn, sizeIn }) => ({ id, atIn: plus(atIn, gapIn), sizeIn: plus(sizeIn, -betweenIn) })),
  };
}

const plus = ([l, w, h]: Triple, more: number): Triple => [l + more, w + more, h + more];
