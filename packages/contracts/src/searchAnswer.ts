import { writePlanDocument, type ChosenPlan, type PlanDocument, type PlanRequest } from '@inch-nest/core';

/** A planning as it crosses from worker or server: documents in place of nested results. */
export type SearchAnswer =
  | {
      kind: 'planned';
      recommended: PlanDocument;
      frontier: PlanDocument[];
      considered: number;
      evaluated: number;
      met: readonly (readonly [number, number])[];
    }
  | { kind: 'noPlan'; reasons: readonly string[]; wouldHelp: readonly string[] }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

/** Packs a planning for its way back. */
export function packAnswer(chosen: ChosenPlan, { house }: PlanRequest): SearchAnswer {
  if (chosen.kind === 'noPlan') return chosen;
  const { recommended, frontier, considered, evaluated, met } = chosen;
  return {
    kind: 'planned',
    recommended: writePlanDocument(recommended, house),
    frontier: frontier.map((option) => writePlanDocument(option, house)),
    considered,
    evaluated,
    met,
  };
}
