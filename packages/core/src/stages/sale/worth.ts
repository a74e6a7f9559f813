import type { Minor } from '../../units/index.ts';
import type { Order, PieceFacts } from './Order.ts';

/**
 * What a piece is worth: what somebody said it would cost to replace, else its share of what the order was sold for.
 * Covered, declared, lost and claimed by this one figure.
 */
export const worthMinor = (
  piece: Pick<PieceFacts, 'replacementMinor'>,
  order: Pick<Order, 'soldMinor'> & { readonly pieces: readonly unknown[] },
): Minor => piece.replacementMinor ?? Math.round(order.soldMinor / Math.max(1, order.pieces.length));
