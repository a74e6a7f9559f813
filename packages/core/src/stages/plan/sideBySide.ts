import { evenWithin } from '../frontier/recommend.ts';

/** What two plans are held against each other by. */
export interface Weighed {
  readonly nestCostMinor: number;
  readonly chance: number;
  readonly expectedMinor: number;
  readonly riskMinor: number;
}

/** Thriftier breaks at least so many times as often and saves at least so much; more careful breaks at most this share as often; judgement. */
const THRIFTIER = { chance: 4 / 3, minor: 25, share: 0.02 };
const CAREFUL = { chance: 3 / 4 };
const CARE_OF_THE_CAREFUL = 5;

/**
 * The box in a box to name beside a recommended plan that is none: of those on the frontier the one of least expected cost;
 * null where none is there.
 */
export const boxedBeside = <Plan extends Weighed & { readonly choice: { readonly inner: unknown } }>(
  recommended: Plan,
  frontier: readonly Plan[],
): Plan | null =>
  recommended.choice.inner !== null
    ? null
    : frontier
        .filter((one) => one.choice.inner !== null)
        .reduce<Plan | null>((best, one) => (!best || one.expectedMinor < best.expectedMinor ? one : best), null);

/**
 * True for a change that is better at the house's own judgement: it expects clearly less, or less, with no more broken or spoiled.
 *
 * @param finely a change of what the search takes in whole steps: it must be worth more than a tie either way
 */
export function isBetter(after: Weighed, now: Weighed, finely = false): boolean {
  const saves = now.expectedMinor - after.expectedMinor;
  const losesNoMore = after.chance <= now.chance && after.riskMinor <= now.riskMinor;
  return losesNoMore && !finely ? saves > 0.5 : saves > evenWithin(now.nestCostMinor);
}

/** True for one that is cheaper and riskier: nobody's advice, but a choice. */
export const isThriftier = (after: Weighed, now: Weighed): boolean =>
  after.chance >= THRIFTIER.chance * now.chance &&
  now.nestCostMinor - after.nestCostMinor >= Math.max(THRIFTIER.minor, THRIFTIER.share * now.nestCostMinor);

/** Either side of the recommended plan on the frontier, and what it would cost to break half as often. */
export interface Sides<Plan> {
  readonly thriftier: Plan | null;
  readonly moreCareful: Plan | null;
  /** The cheapest that breaks at most half as often; null where none does. */
  readonly halved: Plan | null;
}

/**
 * The plans on either side of the recommended one: the one of least expected cost among the thriftier, the one of least
 * expected cost at five times the care among the more careful; where there is none, none.
 */
export function eitherSide<Plan extends Weighed>(recommended: Plan, frontier: readonly Plan[], care: number): Sides<Plan> {
  const least = (all: readonly Plan[], by: (one: Plan) => number) =>
    all.reduce<Plan | null>((best, one) => (!best || by(one) < by(best) ? one : best), null);
  return {
    thriftier: least(
      frontier.filter((one) => isThriftier(one, recommended)),
      (one) => one.expectedMinor,
    ),
    moreCareful: least(
      frontier.filter((one) => one.chance <= CAREFUL.chance * recommended.chance),
      (one) => one.nestCostMinor + CARE_OF_THE_CAREFUL * care * one.riskMinor,
    ),
    halved: least(
      frontier.filter((one) => one.chance <= recommended.chance / 2),
      (one) => one.nestCostMinor,
    ),
  };
}

/** What breaks more often than this nobody sends who means the buyer to have it; judgement. */
const HONEST_CHANCE = 0.1;

/** An honest way to send something. */
export const isHonest = ({ chance }: { readonly chance: number }): boolean => chance <= HONEST_CHANCE;

/**
 * The cheapest nest that is an honest way to send something; null where none is.
 *
 * @param frontier by cost
 */
export const cheapestHonest = <Plan extends { readonly chance: number }>(frontier: readonly Plan[]): Plan | null =>
  frontier.find(isHonest) ?? null;
