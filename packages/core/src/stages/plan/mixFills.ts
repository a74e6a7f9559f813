import type { House } from '../../house/House.ts';
import { FILL_PLACES, SINGLE_PLACES, type FillPlace } from '../fill/fillPlaces.ts';
import { recommend, type Recommendation } from '../frontier/recommend.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import type { PlanRequest } from './PlanRequest.ts';
import type { Deriver } from './derivePlan.ts';
import { soundOptions } from './soundOptions.ts';
import { fillsOf } from './stockFor.ts';

/** Places are gone through so often at most; each time one of them changes. */
const MOST_CHANGES = 4;
/** Pairs of sides first, then each side by itself. What is in the corners cushions no face, so that only a hand puts it there. */
const ROUNDS: readonly (readonly FillPlace[])[] = [FILL_PLACES, SINGLE_PLACES.filter((place) => place !== 'corners')];

/**
 * A nest with a fill of its own in each place where that comes out better, as the house weighs it; the nest itself where
 * nothing does. Place by place, each time the best single one: no promise that no other mixture is better still.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 */
export function mixFills(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation {
  const { house, stock, locks } = request;
  if (!mayMix(house, locks) || found.option.choice.fill === null) return found;
  const sound = soundOptions(request, derive);
  const fills = fillsOf(stock, house, locks, undefined);
  let best = found;
  for (const places of ROUNDS)
    for (let changed = 0; changed < MOST_CHANGES; changed++) {
      const { choice } = best.option;
      const tried = places.flatMap((place) =>
        fills.flatMap(({ key }): PlanOption | readonly PlanOption[] => {
          if (key === (choice.fillApart?.[place] ?? choice.fill)) return [];
          return sound({ ...choice, fillApart: { ...choice.fillApart, [place]: key } }) ?? [];
        }),
      );
      const next = recommend([best.option, ...tried], ceiling, house)!;
      if (next.option === best.option) break;
      best = next;
    }
  return best;
}

/** Whoever pins a fill wants that one throughout. */
export const mayMix = ({ mixesFills }: House, { fill }: PlanRequest['locks']): boolean => mixesFills && fill === undefined;

/** Nests that no other beats in cost without cover and chance, with one more among them; by cost. */
export const frontierWith = (frontier: readonly PlanOption[], option: PlanOption): PlanOption[] =>
  [...frontier.filter((one) => option.nestCostMinor > one.nestCostMinor || option.chance > one.chance), option]
    .filter(
      (one, _, all) =>
        one === option || !all.some((other) => other !== one && other.nestCostMinor <= one.nestCostMinor && other.chance <= one.chance),
    )
    .sort((a, b) => a.nestCostMinor - b.nestCostMinor);
