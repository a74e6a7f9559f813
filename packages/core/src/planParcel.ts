import type { House } from './house/House.ts';
import { waysToStand } from './stages/box/stowInBox.ts';
import type { Wraps } from './stages/wrap/WrappedItem.ts';
import { traceFrontier } from './stages/frontier/traceFrontier.ts';
import { countPlans, type PlanSpace } from './stages/frontier/PlanSpace.ts';
import type { PlanOption } from './stages/frontier/PlanOption.ts';
import type { SearchProgress } from './stages/frontier/Trace.ts';
import { addedOf, waysToGuard, type Added } from './stages/item/addedTo.ts';
import { inspectItem } from './stages/item/inspectItem.ts';
import { ceilingOfAll } from './stages/frontier/recommend.ts';
import { leastBoxToGet, type BoxToGet } from './stages/plan/boxToGet.ts';
import { choosePlan, type ChosenPlan } from './stages/plan/choosePlan.ts';
import { coverFor } from './stages/plan/coverFor.ts';
import { explainNoPlan, type NoPlan } from './stages/plan/explainNoPlan.ts';
import { compareBoxes, type OneOrTwo } from './stages/plan/oneOrTwo.ts';
import { otherWays, type OtherWay } from './stages/plan/otherWays.ts';
import { bundleLocks, piecesOf, type BundleLocks, type PlanRequest } from './stages/plan/PlanRequest.ts';
import { boxesOf, fillsOf } from './stages/plan/stockFor.ts';
import { handCard } from './stages/rate/byHand.ts';
import { carriages, type Pieces } from './stages/rate/rateParcel.ts';
import type { PieceFacts } from './stages/sale/Order.ts';
import { readSale } from './stages/sale/readSale.ts';
import { fewWhereSeveral, wrapsTogether } from './stages/wrap/fewWays.ts';
import { waysToWrap } from './stages/wrap/waysToWrap.ts';

/**
 * The flow, from a sale to the plan to recommend: look the piece over, wrap it in every way
 * that holds, and trace the frontier of stowing, filling, weighing and rating each of those. What a stage
 * makes holds what the stage before it made, so that a plan reads backwards to the sale.
 *
 * A generator: it yields its progress often, so that whoever runs it can stop it.
 *
 * @param every evaluates each plan instead of skipping those provably beaten: slow, for checking
 * @throws RangeError on facts out of bounds
 */
export function* planParcel(request: PlanRequest, every = false): Generator<SearchProgress, ChosenPlan> {
  const space = planSpace(request);
  const traced = yield* traceFrontier(space, every);
  const cover = (option: PlanOption) => coverFor(option, space.carriages, request.house, request.locks.coverAdded);
  return choosePlan(traced, traced.best ? null : explainNoPlan(request, space), ceilingOfAll(space.pieces, request.house), cover);
}

/**
 * As `planParcel`; where a nest can be made and no service in reach carries it, the nest for a price by hand.
 *
 * @returns with why no service does, where that is so
 */
export function* planOrByHand(request: PlanRequest): Generator<SearchProgress, { chosen: ChosenPlan; uncarried: NoPlan | null }> {
  const chosen = yield* planParcel(request);
  const pinned = request.locks.service !== undefined;
  if (chosen.kind === 'planned' || !chosen.onlyCarriage || pinned) return { chosen, uncarried: null };
  const byHand = yield* planParcel({ ...request, cards: [handCard(request.cards, readSale(request.order))] });
  return byHand.kind === 'planned' ? { chosen: byHand, uncarried: chosen } : { chosen, uncarried: null };
}

/** The least box that would bring a planning below the ceiling that nothing in the stockroom keeps; null where none would. */
export const boxToGet = (request: PlanRequest, chosen: Extract<ChosenPlan, { kind: 'planned' }>): BoxToGet | null =>
  leastBoxToGet(request, chosen, (asked) => {
    const steps = planParcel(asked);
    let step = steps.next();
    while (!step.done) step = steps.next();
    return step.value;
  });

/** One box against two for a parcel of several pieces, each box at its best; pauses as a search does. */
export const oneBoxOrTwo = (request: PlanRequest): Generator<unknown, OneOrTwo> =>
  compareBoxes(request, function* (asked) {
    const chosen = yield* planParcel(asked);
    return chosen.kind === 'planned' ? chosen.recommended : null;
  });

/** How many plans a request has to choose from. */
export const planCount = (request: PlanRequest): number => countPlans(planSpace(request));

/** Why each other way of packing lost to the recommended plan; a search for each, so asked for by itself. */
export const explainOtherWays = (
  request: PlanRequest,
  recommended: PlanOption,
  money: (minor: number) => string,
): Generator<unknown, OtherWay[]> => otherWays(planSpace(request), recommended, money);

/** Everything the plan may be made of, stage by stage. */
function planSpace(request: PlanRequest): PlanSpace {
  const { stock, house, locks } = request;
  const order = readSale(request.order);
  const facts = piecesOf(request);
  const pieces = facts.map((one) => inspectItem(order, one)) as unknown as Pieces;
  const each = pieces.map((piece, at) => {
    const own = { ...bundleLocks(locks, at), ...(locks.without ? { without: locks.without } : {}) };
    return guardWays(piece.facts, own, house).flatMap((added) =>
      waysToWrap(added === NOTHING ? piece : inspectItem(order, piece.facts, added), stock, house, own),
    );
  });
  const wraps = pieces.length === 1 ? fewWhereSeveral(each[0]!).map((wrapped): Wraps => [wrapped]) : wrapsTogether(each);
  return {
    pieces,
    wraps,
    ways: pieces.length === 1 ? null : waysOfAll(wraps, locks),
    room: boxesOf(request),
    fills: fillsOf(stock, house, locks, locks.fill),
    innerFills: fillsOf(stock, house, locks, locks.innerFill),
    carriages: carriages(request.cards, pieces, house, locks),
    tapes: stock,
    house,
    locks,
    way: null,
  };
}

const NOTHING: Added = {};

/** So many ways of standing at most. */
const MOST_WAYS = 8;

/** Ways in which different bundles may stand: as the softest of their wraps stand closest, and as the barest do. */
function waysOfAll(wraps: readonly Wraps[], locks: PlanRequest['locks']): NonNullable<PlanSpace['ways']> {
  const found = [wraps[0], wraps.at(-1)].flatMap((some) => (some ? waysToStand(some, locks) : []));
  return [...new Map(found.map((way) => [JSON.stringify(way), way])).values()].slice(0, MOST_WAYS);
}

/** What may be put on the piece; nothing more where that is pinned, or the bundle was measured as it is. */
function guardWays(facts: PieceFacts, locks: BundleLocks, house: House): Added[] {
  if (locks.guards || locks.filledHollows) return [addedOf(locks)];
  return locks.bundle ? [NOTHING] : [NOTHING, ...waysToGuard(facts, house).slice(1)];
}
