import { recommend, type Recommendation } from '../frontier/recommend.ts';
import { inBox, largerBoxes } from './inBox.ts';
import type { PlanRequest } from './PlanRequest.ts';
import type { Deriver } from './derivePlan.ts';
import { soundOptions } from './soundOptions.ts';

/** Boxes that are tried round a nest that grew, the next larger ones first. */
const MOST_BOXES = 6;

/**
 * A nest whose bundles somebody wants wrapped together, wound so, in its own box or one of the next larger ones; the nest
 * itself where nobody does, or where none of those takes it. The search itself leaves them apart.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function windTogether(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation {
  const { house, stock, locks, cards } = request;
  if (!locks.around) return found;
  const { choice, rated } = found.option;
  const larger = locks.box ? [] : largerBoxes(request, rated.weighed.filled.stowed.shell.box, MOST_BOXES);
  const sound = soundOptions(request, derive);
  const wound = [choice, ...larger.flatMap((box) => inBox(choice, box, { stock, cards }))].flatMap(
    (one) => sound({ ...one, around: locks.around!, baseGapIn: null }) ?? [],
  );
  return recommend(wound, ceiling, house) ?? found;
}
