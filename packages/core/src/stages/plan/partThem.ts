import { recommend, type Recommendation } from '../frontier/recommend.ts';
import { foldWanted, neighboursIn } from '../box/apartWanted.ts';
import { inBox, largerBoxes } from './inBox.ts';
import type { PlanRequest } from './PlanRequest.ts';
import type { Deriver } from './derivePlan.ts';
import { soundOptions } from './soundOptions.ts';

/** Boxes that are tried round a nest that grew, the next larger ones first. */
const MOST_BOXES = 4;

/**
 * A nest of different bundles with something between them where that comes out better, as the house weighs it, or where somebody
 * has pinned it; the nest itself where it does not: board, and a fold of wrap between those that stand nearer than the house
 * wishes, in the next larger boxes too. The search itself leaves them against one another.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function partThem(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation {
  if (!found.option.choice.others) return found;
  return foldBetween(request, boardBetween(request, found, ceiling, derive), ceiling, derive);
}

function boardBetween(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation {
  const { house, stock, locks } = request;
  if (!stock.linerBoard || !(locks.cells ?? house.cells)) return found;
  const parted = soundOptions(request, derive)({ ...found.option.choice, cells: true, baseGapIn: null });
  return parted ? recommend(locks.cells ? [parted] : [found.option, parted], ceiling, house)! : found;
}

/** Somebody who pinned what is between has said it for all of them. */
function foldBetween(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation {
  const { house, stock, locks, cards } = request;
  if (locks.between) return found;
  const { choice, rated } = found.option;
  const { stowed } = rated.weighed.filled;
  const between = neighboursIn(stowed, house)
    .filter(({ apartIn, wantedIn }) => apartIn < wantedIn - 1e-9)
    .flatMap((neighbours) => foldWanted(neighbours, stock.wraps) ?? []);
  if (between.length === 0) return found;
  const sound = soundOptions(request, derive);
  const larger = locks.box ? [] : largerBoxes(request, stowed.shell.box, MOST_BOXES);
  const parted = [choice, ...larger.flatMap((box) => inBox(choice, box, { stock, cards }))].flatMap(
    (one) => sound({ ...one, between, baseGapIn: null }) ?? [],
  );
  if (parted.length === 0) return found;
  // where the house is strict, what stands too near is no nest
  return recommend(house.strictGaps ? parted : [found.option, ...parted], ceiling, house)!;
}
