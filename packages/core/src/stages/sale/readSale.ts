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
  offInOrder(order.pieces);
  return order;
}

/**
 * The parts that come off a piece that is here too, each after the one that must come off before it; what goes in another box
 * than its whole came off there.
 *
 * @throws RangeError where one belongs to itself, or where parts wait for one another
 */
export function offInOrder(pieces: readonly PieceFacts[]): PieceFacts[] {
  const parts = pieces.filter(({ partOf }) => pieces.some(({ id }) => id === partOf?.pieceId));
  const off: PieceFacts[] = [];
  for (const { id, title, partOf } of parts) if (id === partOf!.pieceId) throw new RangeError(`${title} cannot come off itself`);
  while (off.length < parts.length) {
    const next = parts.find((part) => !off.includes(part) && waitsForNone(part, parts, off));
    if (!next) {
      const stuck = parts.filter((part) => !off.includes(part)).map(({ title }) => title);
      throw new RangeError(`${stuck.join(' and ')} would each have to come off before the other`);
    }
    off.push(next);
  }
  return off;
}

/** The part before it is off, or is none that comes off. */
const waitsForNone = ({ partOf }: PieceFacts, parts: readonly PieceFacts[], off: readonly PieceFacts[]): boolean =>
  partOf!.after === null || !parts.some(({ id }) => id === partOf!.after) || off.some(({ id }) => id === partOf!.after);

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
  if (piece.nestStepIn !== null) requireSizeIn(`nestStepIn of ${piece.title}`, piece.nestStepIn);
  // flush with the rim is nothing, and no side is nothing
  if (piece.within && piece.within.standsOutIn !== 0) requireSizeIn(`standsOutIn of ${piece.title}`, piece.within.standsOutIn);
  for (const side of piece.ownBoxIn ?? []) requireSizeIn(`ownBoxIn of ${piece.title}`, side);
  for (const { name, count, weightLb, sizeIn } of piece.along) {
    if (!Number.isInteger(count) || count < 1) throw new RangeError(`count of ${name} must be a whole number from 1, not ${count}`);
    if (weightLb !== null) requireWeightLb(`weightLb of ${name}`, weightLb);
    for (const side of sizeIn ?? []) requireSizeIn(`sizeIn of ${name}`, side);
  }
  if (piece.weightLb !== null) requireWeightLb(`weightLb of ${piece.title}`, piece.weightLb);
}
