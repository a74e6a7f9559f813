import type { PhotoOf } from '@inch-nest/contracts';
import type { ClaimOf, ClaimPhoto } from './ClaimSection.ts';

/**
 * What each photograph shows, as the folder names it: the step it was taken at, else whether it is of the piece or the packing.
 *
 * @returns one for each photograph, in their order
 */
export function photoNames({ facts, photos }: Pick<ClaimOf, 'facts' | 'photos'>): string[] {
  const titles = new Map(facts.steps.map(({ key, title }) => [key, title]));
  return photos.map(({ of, step }: ClaimPhoto) => (step !== null && titles.get(step)) || OF_WORDS[of]);
}

const OF_WORDS: Readonly<Record<PhotoOf, string>> = { piece: 'The piece', packing: 'The packing', back: 'What came back' };

/** The same as the name of a file: lower case, no spaces, nothing a file system minds. */
export const fileNameOf = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60);
