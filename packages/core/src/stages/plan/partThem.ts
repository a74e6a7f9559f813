import { recommend, type Recommendation } from '../frontier/recommend.ts';
import { deriver } from './derivePlan.ts';
import { blockingFaults } from './findFaults.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { stockUsed } from './stockUsed.ts';
import { shortCounter } from './willNotSuffice.ts';

/**
 * A nest of different bundles with board between them where that comes out better, as the house weighs it, or where somebody
 * has pinned it; the nest itself where it does not. The search itself leaves them against one another.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function partThem(request: PlanRequest, found: Recommendation, ceiling: number): Recommendation {
  const { house, stock, locks } = request;
  const { choice } = found.option;
  if (!choice.others || !stock.linerBoard || !(locks.cells ?? house.cells)) return found;
  const derived = deriver(request)({ ...choice, cells: true, baseGapIn: null });
  if (derived.kind === 'noPlan' || derived.option.rated.refused || blockingFaults(derived.option, house).length > 0) return found;
  if (request.reserved !== undefined && shortCounter(request)(stockUsed(derived.option)).length > 0) return found;
  return recommend(locks.cells ? [derived.option] : [found.option, derived.option], ceiling, house)!;
}
