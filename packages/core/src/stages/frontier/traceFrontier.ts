import type { PlanOption } from './PlanOption.ts';
import type { Recommendation } from './recommend.ts';
import type { PlanSpace } from './PlanSpace.ts';
import { searchEvery } from './searchEvery.ts';
import { searchPruned } from './searchPruned.ts';
import type { TraceProgress, Traced } from './Trace.ts';

/**
 * The plans not beaten on both cost and chance, and the one of least expected cost, among all of a space.
 * Exact either way; `every` works out each plan instead of skipping those provably beaten.
 *
 * Yields its progress often, so that the caller can stop it.
 */
export const traceFrontier = (space: PlanSpace, every = false): Generator<TraceProgress, Traced> =>
  every ? searchEvery(space) : searchPruned(space);

/** The plan to recommend instead of one that is known, of a space; that one where none is better. */
export function* traceBetter(space: PlanSpace, than: PlanOption): Generator<TraceProgress, Recommendation> {
  return (yield* searchPruned(space, than)).best!;
}
