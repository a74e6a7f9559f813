import type { Traced } from '../frontier/Trace.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import type { NoPlan } from './explainNoPlan.ts';

/** The answer of a planning: the recommended plan with the frontier it stands on, or why there is none. */
export type ChosenPlan =
  | {
      readonly kind: 'planned';
      readonly recommended: PlanOption;
      /** Chance above which a nest is recommended only where none is below it, and whether that is so here. */
      readonly ceiling: number;
      readonly aboveCeiling: boolean;
      /** By cost without cover, which is chosen for a nest that stands. */
      readonly frontier: readonly PlanOption[];
      readonly considered: number;
      readonly evaluated: number;
      readonly met: Traced['met'];
    }
  | NoPlan;

/**
 * The plan to recommend with the frontier it stands on, or no plan with the reasons found.
 *
 * @param cover adds cover to the recommended nest where that is worth it
 */
export function choosePlan(
  { best, frontier, considered, evaluated, met }: Traced,
  none: NoPlan | null,
  ceiling: number,
  cover: (option: PlanOption) => PlanOption,
): ChosenPlan {
  if (best) {
    const { option, aboveCeiling } = best;
    return { kind: 'planned', recommended: cover(option), ceiling, aboveCeiling, frontier, considered, evaluated, met };
  }
  return none ?? { kind: 'noPlan', reasons: [], wouldHelp: [] };
}
