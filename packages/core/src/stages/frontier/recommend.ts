import { nearChance } from '../../engineering/pareto/alikeChance.ts';
import type { House } from '../../house/House.ts';
import type { PieceFacts } from '../sale/Order.ts';
import type { PlanOption } from './PlanOption.ts';

/** Plans whose expected cost is so near the least count as even: fifty cents, or a fiftieth of the cost; judgement. */
const EVEN = { minor: 50, share: 0.02 };
/** Among even plans the one that expects least at so many times the care is taken; judgement. */
const TIMES_THE_CARE = 5;

/** The ceiling of a parcel: the lowest of its pieces. */
export const ceilingOfAll = (pieces: readonly Parameters<typeof ceilingOf>[0][], house: House): number =>
  Math.min(...pieces.map((piece) => ceilingOf(piece, house)));

/**
 * The chance of breaking above which a nest is recommended only where none is below it: what somebody said of this very piece,
 * else the house's for its kind, else the house's; of what cannot be replaced no more than the house allows of such.
 */
export function ceilingOf(
  { facts }: { readonly facts: Pick<PieceFacts, 'archetype' | 'irreplaceable' | 'mostChance'> },
  house: House,
): number {
  if (facts.mostChance !== null) return facts.mostChance;
  const ofKind = house.mostChanceByKind[facts.archetype] ?? house.mostChance;
  return facts.irreplaceable ? Math.min(ofKind, house.mostChanceIrreplaceable) : ofKind;
}

/** How far from the least expected cost a plan may lie and still be even with it, minor units. */
export const evenWithin = (nestCostMinor: number): number => Math.max(EVEN.minor, EVEN.share * nestCostMinor);

/** Expected cost at five times the house’s care: what breaks a tie. */
export const carefulMinor = ({ nestCostMinor, riskMinor }: Pick<PlanOption, 'nestCostMinor' | 'riskMinor'>, { care }: House): number =>
  nestCostMinor + TIMES_THE_CARE * care * riskMinor;

/** What was recommended, and whether the ceiling holds. */
export interface Recommendation {
  readonly option: PlanOption;
  /** No plan of the stockroom is below the ceiling: this is the safest there is. */
  readonly aboveCeiling: boolean;
}

/**
 * The plan to recommend: among those below the ceiling the one of least expected cost, or of those even with it the
 * safer; where none is below, the safest.
 *
 * @param options at least every plan that might be it: the frontier, and all that are even with the least expected
 */
export function recommend(options: readonly PlanOption[], ceiling: number, house: House): Recommendation | null {
  const below = options.filter((one) => one.chance <= ceiling);
  if (below.length === 0) {
    const safest = least(
      options,
      (one) => nearChance(one.chance),
      (one) => one.nestCostMinor,
    );
    return safest && { option: safest, aboveCeiling: true };
  }
  const best = least(below, (one) => one.expectedMinor)!;
  const most = best.expectedMinor + evenWithin(best.nestCostMinor);
  const option = least(
    below.filter((one) => one.expectedMinor <= most),
    (one) => carefulMinor(one, house),
  )!;
  return { option, aboveCeiling: false };
}

/**
 * Of two plans that are alike in all that counts, the one that stands first, in whatever order they were met: the one that
 * breaks less, then by what is chosen.
 */
export const comesBefore = (one: PlanOption, other: PlanOption): boolean =>
  one.chance !== other.chance ? one.chance < other.chance : JSON.stringify(one.choice) < JSON.stringify(other.choice);

function least(
  all: readonly PlanOption[],
  by: (one: PlanOption) => number,
  then: (one: PlanOption) => number = () => 0,
): PlanOption | null {
  return all.reduce<PlanOption | null>((best, one) => {
    if (!best || by(one) !== by(best)) return !best || by(one) < by(best) ? one : best;
    return then(one) !== then(best) ? (then(one) < then(best) ? one : best) : comesBefore(one, best) ? one : best;
  }, null);
}
