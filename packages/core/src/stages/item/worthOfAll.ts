import type { Minor } from '../../units/index.ts';
import type { InspectedPiece } from './InspectedPiece.ts';

type Worth = Pick<InspectedPiece, 'replacementMinor'>;

/** What pieces are worth together, minor units. */
export const worthOfAll = (pieces: readonly Worth[]): Minor => pieces.reduce((sum, { replacementMinor }) => sum + replacementMinor, 0);

/** Share of each in the worth of all; even where nothing is worth anything. */
export function worthSharesOf(pieces: readonly Worth[]): number[] {
  const all = worthOfAll(pieces);
  return pieces.map(({ replacementMinor }) => (all > 0 ? replacementMinor / all : 1 / pieces.length));
}
