import { createFrontier, type Frontier } from '../../engineering/pareto/Frontier.ts';
import { alikeChance } from '../../engineering/pareto/alikeChance.ts';
import type { House } from '../../house/House.ts';
import type { PlanOption } from './PlanOption.ts';
import { comesBefore, evenWithin, recommend, type Recommendation } from './recommend.ts';

/** How far a search has come: plans met, and plans worked out to the end. */
export interface SearchProgress {
  readonly considered: number;
  readonly evaluated: number;
}

/** What a search found: the frontier by cost, and the plan to recommend. */
export interface Traced extends SearchProgress {
  readonly frontier: readonly PlanOption[];
  readonly best: Recommendation | null;
  /** Cost and chance of plans worked out, the first so many: what lies behind the frontier. */
  readonly met: readonly (readonly [costMinor: number, chance: number])[];
}

const MOST_MET = 1500;

/** The least a plan can cost, break and be expected to cost. */
export interface Least {
  readonly costMinor: number;
  readonly chance: number;
  readonly expectedMinor: number;
}

/** A search under way: how far it has come, and what it would answer if it ended here. */
export interface TraceProgress extends SearchProgress {
  readonly found: () => Traced;
}

/** What a search has kept so far. */
export interface Trace {
  considered: number;
  evaluated: number;
  readonly frontier: Frontier<PlanOption>;
  keep(option: PlanOption): void;
  /** True once a plan below the ceiling is kept. */
  isBelowCeiling(): boolean;
  /** True when no plan with these floors can be on the frontier or be recommended. */
  readonly rulesOut: (floor: Least) => boolean;
  progress(): TraceProgress;
  readonly found: () => Traced;
}

/**
 * Nothing kept yet. On the frontier chances count in steps of a tenth, so that it holds no two plans that nobody
 * could tell apart.
 *
 * @param ceiling chance of breaking above which a plan is recommended only where none is below it
 * @param than only a plan to recommend instead of this one is looked for, no frontier
 */
export function startTrace(house: House, ceiling: number, than: PlanOption | null = null): Trace {
  const frontier = createFrontier<PlanOption>(comesBefore);
  // below the ceiling: all that is even with the least expected, as known so far
  let even: PlanOption[] = [];
  let leastMinor = Infinity;
  let mostMinor = Infinity;
  const met: [number, number][] = [];
  // of what is below the ceiling nothing counts but what is even with it
  const onlyBetter = than !== null && than.chance <= ceiling;
  const trace: Trace = {
    considered: 0,
    evaluated: 0,
    frontier,
    keep(option) {
      trace.evaluated++;
      if (met.length < MOST_MET) met.push([option.nestCostMinor, option.chance]);
      frontier.add({ cost: option.nestCostMinor, chance: alikeChance(option.chance), of: option });
      if (option.chance > ceiling || option.expectedMinor > mostMinor) return;
      even.push(option);
      if (option.expectedMinor >= leastMinor) return;
      leastMinor = option.expectedMinor;
      // the cost of the least expected is not above what it expects
      mostMinor = leastMinor + evenWithin(leastMinor);
      even = even.filter((one) => one.expectedMinor <= mostMinor);
    },
    isBelowCeiling: () => even.length > 0,
    // kept chances are steps: one is no higher than the step of a chance where it is no higher than that chance itself
    rulesOut: ({ costMinor, chance, expectedMinor }) =>
      (chance > ceiling || expectedMinor > mostMinor) && (onlyBetter || frontier.beats(costMinor, chance)),
    progress: () => ({ considered: trace.considered, evaluated: trace.evaluated, found: trace.found }),
    found() {
      const points = frontier.points().map((point) => point.of);
      return {
        considered: trace.considered,
        evaluated: trace.evaluated,
        frontier: points,
        best: recommend([...even, ...points], ceiling, house),
        met,
      };
    },
  };
  if (than) trace.keep(than);
  return trace;
}
