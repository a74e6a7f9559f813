import { heldIn, type HeldPiece } from '@inch-nest/contracts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { lettersOfPieces } from '../../words/lettersOfPieces.ts';
import { titleOfPiece } from '../../words/titleOf.ts';

/** The other pieces of a parcel, each by its letter: two may be called alike. */
export function othersByLetter({ view: { pieceId } }: ParcelUse, { view }: ParcelUse): (HeldPiece & { readonly name: string })[] {
  const held = heldIn(view);
  const letters = lettersOfPieces(held);
  return held.map((one, at) => ({ ...one, name: `${letters[at]} ${titleOfPiece(one)}` })).filter((one) => one.pieceId !== pieceId);
}

/** One that is meant, though it is none of these: it went into another box. */
export const meantElsewhere = (pieceId: string | null, others: readonly Pick<HeldPiece, 'pieceId'>[]) =>
  pieceId === null || others.some((one) => one.pieceId === pieceId) ? [] : [{ value: pieceId, label: 'one that goes in another box' }];

/** True where one piece leads to another, or is it, from each to the next that it names. */
export function leadsTo(
  from: string,
  to: string,
  others: readonly HeldPiece[],
  next: (piece: HeldPiece['piece']) => string | null,
): boolean {
  let at: string | null = from;
  for (let steps = 0; at !== null && steps <= others.length; steps++) {
    if (at === to) return true;
    const one = others.find(({ pieceId }) => pieceId === at);
    at = one ? next(one.piece) : null;
  }
  return false;
}
