import { worthMinor, type PlanRequest } from '@inch-nest/core';

/** What the piece of a planning is worth. */
export const worthOf = ({ order, pieceId }: PlanRequest): number =>
  worthMinor(order.pieces.find((piece) => piece.id === pieceId) ?? { replacementMinor: null, count: 1 }, order);
