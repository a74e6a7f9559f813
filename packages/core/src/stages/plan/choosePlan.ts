import type { Traced } from '../frontier/traceFrontier.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';

/** The answer of a planning: the recommended plan with the frontier it stands on, or why there is none. */
export type ChosenPlan =
  | {
      readonly kind: 'planned';
      readonly recommended: PlanOption;
      readonly frontier: readonly PlanOption[];
      readonly considered: number;
      readonly evaluated: number;
    }
  | { readonly kind: 'noPlan'; readonly reasons: readonly string[] };

/** The plan of least expected cost, or no plan with the reasons the stages gave. */
export function choosePlan(traced: Traced, reasons: readonly string[]): ChosenPlan {
  if (traced.best) {
    const { best, frontier, considered, evaluated } = traced;
    return { kind: 'planned', recommended: best, frontier, considered, evaluated };
  }
  return { kind: 'noPlan', reasons: traced.uncertified > 0 ? [...reasons, 'no box that fits is certified for the weight'] : reasons };
}
