import { piecesOf, worthMinor, type PlanRequest } from '@inch-nest/core';

/** What the piece of a planning is worth. */
export const worthOf = (request: PlanRequest): number =>
  piecesOf(request).reduce((sum, piece) => sum + worthMinor(piece, request.order), 0);
