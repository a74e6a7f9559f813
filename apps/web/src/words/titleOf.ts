import { countedTitle } from '@inch-nest/core';
import { heldIn, type HeldPiece, type ParcelView } from '@inch-nest/contracts';

/** One piece by name: `6 × apothecary jars` where several are alike. */
export const titleOfPiece = ({ piece }: Pick<HeldPiece, 'piece'>): string =>
  countedTitle({ title: piece.title.value, count: piece.count.value });

/** What a parcel holds, by name: `6 × apothecary jars and a tray`. */
export const titleOf = (view: Pick<ParcelView, 'bundleId' | 'pieceId' | 'piece' | 'others'>): string =>
  listed(heldIn(view).map(titleOfPiece));

/** `A`, `A and B`, `A, B and C`. */
export const listed = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}`;
