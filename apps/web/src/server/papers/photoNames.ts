import { capital, lower } from '@inch-nest/core';
import { heldIn, type PhotoOf } from '@inch-nest/contracts';
import { titleOfPiece } from '../../words/titleOf.ts';
import type { ClaimOf, ClaimPhoto, ClaimSibling } from './ClaimSection.ts';

/**
 * What each photograph shows, as the folder names it: the step it was taken at, else the piece it is of,
 * by its name where there are several, or the packing.
 *
 * @returns one for each photograph, in their order
 */
export function photoNames({ view, facts, photos }: Pick<ClaimOf, 'view' | 'facts' | 'photos'>): string[] {
  const titles = new Map(facts.steps.map(({ key, title }) => [key, title]));
  const held = heldIn(view);
  const piece = (id: string | null) => held.length > 1 && held.find(({ pieceId }) => pieceId === id);
  const ofWhat = ({ of, pieceId }: ClaimPhoto): string => {
    const one = piece(pieceId);
    return one ? (of === 'back' ? `What came back: ${titleOfPiece(one)}` : capital(titleOfPiece(one))) : OF_WORDS[of];
  };
  return photos.map((photo) => (photo.step !== null && titles.get(photo.step)) || ofWhat(photo));
}

const OF_WORDS: Readonly<Record<PhotoOf, string>> = { piece: 'The piece', packing: 'The packing', back: 'What came back' };

/** A photograph of a folder, with what it shows. */
export interface NamedPhoto {
  readonly photo: ClaimPhoto;
  readonly name: string;
  /** Code of the parcel it is of, where that is not the one that is claimed. */
  readonly of: string | null;
}

/** Every photograph of a folder: of the parcel itself first, then of those it was sent with. */
export const photosOf = (claim: Pick<ClaimOf, 'view' | 'facts' | 'photos' | 'siblings'>): NamedPhoto[] => [
  ...named(claim, null),
  ...claim.siblings.flatMap((sibling) => named(sibling, sibling.facts.code)),
];

function named(from: ClaimSibling, of: string | null): NamedPhoto[] {
  const names = photoNames(from);
  return from.photos.map((photo, i) => ({ photo, name: of === null ? names[i]! : `Parcel ${of}: ${lower(names[i]!)}`, of }));
}

/** The same as the name of a file: lower case, no spaces, nothing a file system minds. */
export const fileNameOf = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
