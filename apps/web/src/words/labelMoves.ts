import type { LabelMove } from '@inch-nest/contracts';

/** What a bought label no longer agrees with, as it is said; a new move has its words here, or does not compile. */
const WORDS: Readonly<Record<LabelMove, string>> = {
  address: 'the buyer’s address',
  postcode: 'the postcode',
  weight: 'the weight',
  size: 'the size',
  contents: 'what is in it',
};

/** One sentence: what moved since the label was bought, and what can be done; null where nothing did. */
export const labelMovesSay = (moves: readonly LabelMove[]): string | null =>
  moves.length === 0
    ? null
    : `The label was bought before ${new Intl.ListFormat('en', { type: 'conjunction' }).format(moves.map((move) => WORDS[move]))} changed: nothing prints and it does not leave. Put it back as it was, or void the label and buy another.`;
