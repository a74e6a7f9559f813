import { createFrontier, type Frontier } from '../../engineering/pareto/Frontier.ts';
import type { PlanOption } from './PlanOption.ts';

/** How far a search has come: plans met, and plans worked out to the end. */
export interface SearchProgress {
  readonly considered: number;
  readonly evaluated: number;
}

/** What a search found: the frontier by cost, and the plan of least expected cost. */
export interface Traced extends SearchProgress {
  readonly frontier: readonly PlanOption[];
  readonly best: PlanOption | null;
  /** Cost and chance of plans worked out, the first so many: what lies behind the frontier. */
  readonly met: readonly (readonly [costMinor: number, chance: number])[];
  /** Filled boxes left out because the board is not certified for the parcel. */
  readonly uncertified: number;
}

const MOST_MET = 1500;

/** What a search has kept so far. */
export interface Trace {
  considered: number;
  evaluated: number;
  uncertified: number;
  readonly frontier: Frontier<PlanOption>;
  /** Expected cost of the best so far; infinite before the first. */
  leastMinor: number;
  keep(option: PlanOption): void;
  progress(): SearchProgress;
  found(): Traced;
}

/** Nothing kept yet. */
export function startTrace(): Trace {
  const frontier = createFrontier<PlanOption>();
  let best: PlanOption | null = null;
  const met: [number, number][] = [];
  const trace: Trace = {
    considered: 0,
    evaluated: 0,
    uncertified: 0,
    frontier,
    leastMinor: Infinity,
    keep(option) {
      trace.evaluated++;
      if (met.length < MOST_MET) met.push([option.costMinor, option.chance]);
      frontier.add({ cost: option.costMinor, chance: option.chance, of: option });
      if (option.expectedMinor < trace.leastMinor) {
        trace.leastMinor = option.expectedMinor;
        best = option;
      }
    },
    progress: () => ({ considered: trace.considered, evaluated: trace.evaluated }),
    found: () => ({ ...trace.progress(), frontier: frontier.points().map((point) => point.of), best, met, uncertified: trace.uncertified }),
  };
  return trace;
}
