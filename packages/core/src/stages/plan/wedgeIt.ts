import { recommend, type Recommendation } from '../frontier/recommend.ts';
import type { PlanRequest } from './PlanRequest.ts';
import type { Deriver } from './derivePlan.ts';
import { soundOptions } from './soundOptions.ts';

/**
 * A nest with foam tubes standing in its corners where the house has them and that comes out better, or where somebody has
 * pinned them; the nest itself where it does not. The search itself leaves them out.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function wedgeIt(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation {
  const { house, locks } = request;
  if (!(locks.tubes ?? house.cornerTubes) || found.option.choice.fill === null) return found;
  const wedged = soundOptions(request, derive)({ ...found.option.choice, tubes: true });
  if (!wedged?.choice.tubes) return found;
  return recommend(locks.tubes ? [wedged] : [found.option, wedged], ceiling, house)!;
}
