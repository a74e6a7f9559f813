import { shockChance } from '../../engineering/journey/shockChance.ts';
import { designDropIn, HEAVIEST_LB } from '../../engineering/journey/dropSchedule.ts';
import { createFrontier } from '../../engineering/pareto/Frontier.ts';
import type { House } from '../../house/House.ts';
import type { RatedParcel, Rating } from '../rate/RatedParcel.ts';
import { costLines, lossMinor } from './costOf.ts';
import { combinedChance, expectedShare, judgePlan } from './judgePlan.ts';
import type { Cause, PlanOption } from './PlanOption.ts';
import { certificateHolds, quietCauses } from './quietCauses.ts';
import { shockFloor, shockJourney } from './shockJourney.ts';

/** How far a search has come. */
export interface SearchProgress {
  readonly considered: number;
  readonly evaluated: number;
}

/** What a search found: the frontier by cost, and the plan of least expected cost. */
export interface Traced extends SearchProgress {
  readonly frontier: readonly PlanOption[];
  readonly best: PlanOption | null;
  /** Plans left out because the board is not certified for the parcel. */
  readonly uncertified: number;
}

const BREATHE_EVERY = 16;

/**
 * The plans not beaten on both cost and chance, and the one of least expected cost, among all that come.
 *
 * Exact: a plan's shock is worked out unless a lower bound of its chance already shows that a kept plan
 * beats it and that its expected cost cannot be the least. With `every` nothing is skipped: the slow twin.
 *
 * Yields its progress often, so that the caller can stop it.
 */
export function* traceFrontier(ratings: Iterable<Rating>, house: House, every = false): Generator<SearchProgress, Traced> {
  const frontier = createFrontier<PlanOption>();
  const kappa = house.kappa.value;
  let best: PlanOption | null = null;
  let considered = 0;
  let evaluated = 0;
  let uncertified = 0;
  let batch = 0;
  for (const { rated } of ratings) {
    if (++batch % BREATHE_EVERY === 0) yield { considered, evaluated };
    if (rated.length === 0) continue;
    const { weighed } = rated[0]!;
    if (weighed.grossLb > HEAVIEST_LB || !certificateHolds(weighed)) {
      uncertified++;
      continue;
    }
    const quiet = quietCauses(weighed, house);
    const shocks = new Map<string, number>();
    for (const one of rated) {
      considered++;
      const cost = costLines(one, house).reduce((sum, line) => sum + line.amountMinor, 0);
      if (!every) {
        const loss = house.care * lossMinor(one, house);
        const beaten = (causes: readonly Cause[]) =>
          frontier.beats(cost, combinedChance(causes, kappa)) &&
          best !== null &&
          cost + loss * expectedShare(causes, kappa) > best.expectedMinor;
        if (beaten(quiet)) continue;
        const journey = shockJourney(weighed.filled, weighed.grossLb, one.quote.zone, one.quote.handlingFactor);
        if (journey && !shocks.has(shockKey(one)) && beaten([...quiet, { key: 'shock', chance: shockFloor(journey), shareLost: 1 }]))
          continue;
      }
      evaluated++;
      const option = judgePlan(one, null, house, { quiet, shock: shockOnce(one, shocks) });
      frontier.add({ cost: option.costMinor, chance: option.chance, of: option });
      if (best === null || option.expectedMinor < best.expectedMinor) best = option;
    }
  }
  return { frontier: frontier.points().map((point) => point.of), best, considered, evaluated, uncertified };
}

/** Services that handle parcels alike share one shock chance. */
const shockKey = ({ quote, weighed }: RatedParcel): string => `${quote.zone} ${quote.handlingFactor} ${designDropIn(weighed.grossLb)}`;

function shockOnce(rated: RatedParcel, shocks: Map<string, number>): number {
  const key = shockKey(rated);
  let chance = shocks.get(key);
  if (chance === undefined) {
    const journey = shockJourney(rated.weighed.filled, rated.weighed.grossLb, rated.quote.zone, rated.quote.handlingFactor);
    chance = journey ? shockChance(journey) : 0;
    shocks.set(key, chance);
  }
  return chance;
}
