import {
  boxToGet,
  writePlanDocument,
  type BoxToGet,
  type ChosenPlan,
  type NoPlan,
  type PlanDocument,
  type PlanRequest,
  type Triple,
} from '@inch-nest/core';

/** A planning as it crosses from worker or server: documents in place of nested results. */
export type SearchAnswer =
  | {
      kind: 'planned';
      recommended: PlanDocument;
      /** Chance above which a nest is recommended only where none is below it. */
      ceiling: number;
      /** None is below it: the safest is recommended; with the box that would bring it below. */
      above: { toGet: BoxToGet | null } | null;
      /** No service carries it and the price is one by hand: why none does. */
      byHand: readonly string[] | null;
      frontier: PlanDocument[];
      considered: number;
      evaluated: number;
      met: readonly (readonly [number, number])[];
    }
  | { kind: 'noPlan'; reasons: readonly string[]; wouldHelp: readonly string[]; wantedIn?: Triple }
  | { kind: 'superseded' }
  | { kind: 'failed'; message: string };

/** Packs a planning for its way back. */
export function packAnswer(chosen: ChosenPlan, request: PlanRequest, uncarried: NoPlan | null = null): SearchAnswer {
  const { house } = request;
  if (chosen.kind === 'noPlan') return chosen;
  const { recommended, ceiling, aboveCeiling, frontier, considered, evaluated, met } = chosen;
  return {
    kind: 'planned',
    recommended: writePlanDocument(recommended, house),
    ceiling,
    above: aboveCeiling ? { toGet: boxToGet(request, chosen) } : null,
    byHand: uncarried && uncarried.reasons,
    frontier: frontier.map((option) => writePlanDocument(option, house)),
    considered,
    evaluated,
    met,
  };
}
