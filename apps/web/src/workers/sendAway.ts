import {
  derivePlan,
  nextBestChanges,
  requestAfter,
  sendMany,
  type NextChange,
  type PlanChoice,
  type PlanOption,
  type PlanRequest,
} from '@inch-nest/core';
import type { SentManyAnswer } from './planner.protocol.ts';

/** So many single changes are compared, and each must lower the chance by this share at least. */
const MOST_OTHERS = 4;
const LEAST_GAIN = 0.1;

/** The safer single changes to a nest, one of each kind, the best first. */
function saferChanges(request: PlanRequest, choice: PlanChoice, chance: number): NextChange[] {
  const safer = nextBestChanges(request, choice).filter((one) => !one.blocks && one.chance < chance * (1 - LEAST_GAIN));
  return safer.filter((one, i) => safer.findIndex(({ change }) => change.kind === one.change.kind) === i).slice(0, MOST_OTHERS);
}

/** A nest sent many times, with what might have saved it. */
export function* sendAway(
  request: PlanRequest,
  choice: PlanChoice,
  careful: PlanChoice | null,
  parcels: number,
  seed: number,
): Generator<void, Exclude<SentManyAnswer, { kind: 'superseded' }>> {
  const derived = derivePlan(request, choice);
  if (derived.kind === 'noPlan') return { kind: 'failed', message: derived.reasons.join('; ') };
  const others = saferChanges(request, choice, derived.option.chance);
  const optionOf = (asked: PlanRequest, after: PlanChoice): PlanOption[] => {
    const other = derivePlan(asked, after);
    return other.kind === 'plan' ? [other.option] : [];
  };
  const options = others.flatMap(({ change, choice: after }) => optionOf(requestAfter(request, change), after));
  const nest = careful ? optionOf(request, careful) : [];
  const sent = yield* sendMany(derived.option, [...options, ...nest], parcels, seed);
  return { kind: 'sent', sent, others, careful: nest[0] ? { deltaCostMinor: nest[0].costMinor - derived.option.costMinor } : null };
}
