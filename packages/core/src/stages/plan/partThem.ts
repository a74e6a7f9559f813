import { recommend, type Recommendation } from '../frontier/recommend.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { soundOptions } from './soundOptions.ts';

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
  const parted = soundOptions(request)({ ...choice, cells: true, baseGapIn: null });
  return parted ? recommend(locks.cells ? [parted] : [found.option, parted], ceiling, house)! : found;
}
