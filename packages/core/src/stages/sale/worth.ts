import type { Minor } from '../../units/index.ts';
import type { Order, PieceFacts } from './Order.ts';

/**
 * What a piece is worth, all that are alike together: what somebody said one of them would cost to replace, else their share
 * of what the order was sold for. Covered, declared, lost and claimed by this one figure.
 */
export const worthMinor = (
  { replacementMinor, count }: Pick<PieceFacts, 'replacementMinor' | 'count'>,
  { soldMinor, pieces }: Pick<Order, 'soldMinor'> & { readonly pieces: readonly Pick<PieceFacts, 'count'>[] },
): Minor => {
  if (replacementMinor !== null) return replacementMinor * count;
  const all = pieces.reduce((sum, one) => sum + one.count, 0);
  return Math.round((soldMinor * count) / Math.max(1, all));
};

/** What some pieces of an order are worth together. */
export const worthTogether = (pieces: readonly Parameters<typeof worthMinor>[0][], order: Parameters<typeof worthMinor>[1]): Minor =>
  pieces.reduce((sum, piece) => sum + worthMinor(piece, order), 0);
