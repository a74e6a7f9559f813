import type { PlanRequest } from '@inch-nest/core';

/** What the piece is worth to the shop: what was said, else what it was sold for. */
export const worthOf = ({ order }: PlanRequest): number => order.pieces[0]?.replacementMinor ?? order.soldMinor;
