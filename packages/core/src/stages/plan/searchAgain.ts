import { waysOfAll } from '../box/waysOfAll.ts';
import { waysToStand } from '../box/waysToStand.ts';
import type { PlanSpace } from '../frontier/PlanSpace.ts';
import type { Recommendation } from '../frontier/recommend.ts';
import { traceBetter } from '../frontier/traceFrontier.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import type { Deriver } from './derivePlan.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { polishNest } from './polishNest.ts';

/** Searches with the wraps that came out, one after the other at most; judgement. */
const MOST_AGAIN = 3;
const MOST_LARGER = 40;

/**
 * Of several different pieces the search looks at few wraps, standing in few ways: with the wraps that came out this looks at more
 * ways of standing, with every box and fill, and at wraps again for what it finds, until that is no better. Pauses with the best so
 * far.
 *
 * @param space in which it was found
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function* searchAgain(
  request: PlanRequest,
  space: PlanSpace,
  found: Recommendation,
  ceiling: number,
  derive: Deriver,
): Generator<Recommendation, Recommendation> {
  if (space.ways === null) return found;
  let best = found;
  for (let again = 0; again < MOST_AGAIN; again++) {
    const { inner, bundles } = best.option.rated.weighed.filled.stowed;
    if (inner?.core) return best;
    const wraps: Wraps[] = [bundles.map(({ wrapped }) => wrapped) as unknown as Wraps];
    const ways = [...waysOfAll(wraps, request.locks), ...waysToStand(wraps[0]!, request.locks, MOST_LARGER, true)];
    // whether a box in a box is better was looked at before
    const locks = inner ? space.locks : { ...space.locks, inner: null };
    const search = traceBetter({ ...space, wraps, ways, locks }, best.option);
    let step = search.next();
    for (; !step.done; step = search.next()) yield best;
    if (step.value.option === best.option) return best;
    best = yield* polishNest(request, step.value, [], ceiling, derive);
  }
  return best;
}
