import { writePlanDocument, type ChosenPlan, type PlanRequest } from '@inch-nest/core';
import type { SearchAnswer } from './planner.protocol.ts';

/** A planning as it crosses back: documents in place of nested results. */
export function packAnswer(chosen: ChosenPlan, { house }: PlanRequest): SearchAnswer {
  if (chosen.kind === 'noPlan') return chosen;
  const { recommended, frontier, considered, evaluated } = chosen;
  return { kind: 'planned', recommended: writePlanDocument(recommended, house), frontier: frontier.map((option) => writePlanDocument(option, house)), considered, evaluated };
}
