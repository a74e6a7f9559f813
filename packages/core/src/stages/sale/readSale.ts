import { requireSizeIn, requireWeightLb } from '../../units/index.ts';
import type { Order, PieceFacts } from './Order.ts';

/**
 * An order the computation may rely on: it has pieces, and whatever was measured is within bounds.
 *
 * @throws RangeError naming the piece and the quantity
 */
export function readSale(order: Order): Order {
  if (order.pieces.length === 0) throw new RangeError('pieces must hold at least one piece, not 0');
  for (const piece of order.pieces) checkMeasured(piece);
  return order;
}

/** So many alike at most; more are a shipment. */
export const MOST_ALIKE = 60;

function checkMeasured(piece: PieceFacts): void {
  for (const field of ['count', 'stackOf'] as const)
    if (!Number.isInteger(piece[field]) || piece[field] < 1 || piece[field] > MOST_ALIKE)
      throw new RangeError(`${field} of ${piece.title} must be a whole number from 1 to ${MOST_ALIKE}, not ${piece[field]}`);
  for (const side of ['lengthIn', 'widthIn', 'heightIn'] as const) {
    const value = piece[side];
    if (value !== null) requireSizeIn(`${side} of ${piece.title}`, value);
  }
  for (const side of piece.ownBoxIn ?? []) requireSizeIn(`ownBoxIn of ${piece.title}`, side);
  for (const { name, count, weightLb, sizeIn } of piece.along) {
    if (!Number.isInteger(count) || count < 1) throw new RangeError(`count of ${name} must be a whole number from 1, not ${count}`);
    if (weightLb !== null) requireWeightLb(`weightLb of ${name}`, weightLb);
    for (const side of sizeIn ?? []) requireSizeIn(`sizeIn of ${name}`, side);
  }
  if (piece.weightLb !== null) requireWeightLb(`weightLb of ${piece.title}`, piece.weightLb);
}
