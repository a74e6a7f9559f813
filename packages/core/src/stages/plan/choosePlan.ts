import type { Traced } from '../frontier/Trace.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import type { NoPlan } from './explainNoPlan.ts';

/** The answer of a planning: the recommended plan with the frontier it stands on, or why there is none. */
export type ChosenPlan =
  | {
      readonly kind: 'planned';
      readonly recommended: PlanOption;
      readonly frontier: readonly PlanOption[];
      readonly considered: number;
      readonly evaluated: number;
      readonly met: Traced['met'];
    }
  | NoPlan;

/** The plan of least expected cost, or no plan with the reasons found. */
export function choosePlan({ best, frontier, considered, evaluated, met, uncertified }: Traced, none: NoPlan | null): ChosenPlan {
  if (best) return { kind: 'planned', recommended: best, frontier, considered, evaluated, met };
  const { reasons, wouldHelp } = none ?? { reasons: [], wouldHelp: [] };
  return {
    kind: 'noPlan',
    reasons: uncertified > 0 ? [...reasons, 'no box that fits is certified for the weight'] : reasons,
    wouldHelp: uncertified > 0 ? [...wouldHelp, 'a box of stronger board'] : wouldHelp,
  };
}
