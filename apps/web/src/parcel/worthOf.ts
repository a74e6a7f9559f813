import { piecesOf, worthTogether, type PlanRequest } from '@inch-nest/core';

/** What the pieces of a planning are worth. */
export const worthOf = (request: PlanRequest): number => worthTogether(piecesOf(request), request.order);
