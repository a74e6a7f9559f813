import { z } from 'zod';
import { uuid } from './numbers.ts';

/** The papers a parcel can have. */
export const PAPER_KINDS = ['label', 'tag', 'slip', 'opening', 'bench', 'part', 'customs', 'letter', 'marks', 'test', 'record'] as const;
export type PaperKind = (typeof PAPER_KINDS)[number];

/** What decides which papers a parcel is due. */
export interface PapersOf {
  hasLabel: boolean;
  hasPlan: boolean;
  openingNote: boolean;
  marked: boolean;
  abroad: boolean;
  oneOfSeveral: boolean;
  hasLetter: boolean;
  printed: readonly string[];
}

/** Papers that belong into or onto this parcel and have not come out yet, in the order they are used. */
export function papersDue(of: PapersOf): PaperKind[] {
  const wanted: [PaperKind, boolean][] = [
    ['tag', true],
    ['slip', true],
    ['opening', of.hasPlan && of.openingNote],
    ['letter', of.hasLetter],
    ['part', of.oneOfSeveral],
    ['customs', of.abroad],
    ['marks', of.marked],
    ['label', of.hasLabel],
  ];
  return wanted.flatMap(([kind, due]) => (due && !of.printed.includes(kind) ? [kind] : []));
}

/** Papers that say where the buyer lives. */
export const PAPERS_WITH_ADDRESS: readonly PaperKind[] = ['label', 'tag', 'slip', 'part', 'customs', 'letter', 'record'];

/** A form that asks for papers, by name with commas between. */
export const paperRequest = z.strictObject({
  personId: uuid,
  kinds: z
    .string()
    .max(200)
    .transform((text) => text.split(','))
    .pipe(z.array(z.enum(PAPER_KINDS)).min(1).max(PAPER_KINDS.length)),
});

/** Whom a claim folder is for: the carrier is given what proves, the shop keeps all there is. */
export const CLAIM_READERS = ['carrier', 'shop'] as const;
export type ClaimReader = (typeof CLAIM_READERS)[number];
export const CLAIM_FILES = ['pdf', 'zip'] as const;

/** What a claim folder is asked for by: in a form, and again in the link. */
export const claimAsked = z.object({ as: z.enum(CLAIM_FILES), for: z.enum(CLAIM_READERS) });
/** A form that asks for a claim folder. */
export const claimRequest = z.strictObject({ personId: uuid, ...claimAsked.shape });
