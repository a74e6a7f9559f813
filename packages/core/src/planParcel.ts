import { wrapsIn } from './engineering/materials/sleeves.ts';
import type { House } from './house/House.ts';
import { withBoxesToFold } from './stages/box/boxesToFold.ts';
import { foldsAsChosen } from './stages/box/folds.ts';
import { waysOfAll } from './stages/box/waysOfAll.ts';
import { sheetsSuffice } from './stages/wrap/sheetsSuffice.ts';
import type { WrappedItem, Wraps } from './stages/wrap/WrappedItem.ts';
import { traceFrontier } from './stages/frontier/traceFrontier.ts';
import { countPlans, type PlanSpace } from './stages/frontier/PlanSpace.ts';
import type { PlanOption } from './stages/frontier/PlanOption.ts';
import type { SearchProgress, Traced } from './stages/frontier/Trace.ts';
import { addedOf, waysToGuard, type Added } from './stages/item/addedTo.ts';
import { inspectItem } from './stages/item/inspectItem.ts';
import { ceilingOfAll, type Recommendation } from './stages/frontier/recommend.ts';
import { leastBoxToGet, type BoxToGet } from './stages/plan/boxToGet.ts';
import { mayLie } from './stages/plan/laidDown.ts';
import { boxThem, noOwnBox, pinsOwnBox } from './stages/plan/boxThem.ts';
import { choosePlan, type ChosenPlan } from './stages/plan/choosePlan.ts';
import { coverFor } from './stages/plan/coverFor.ts';
import { deriver } from './stages/plan/derivePlan.ts';
import { explainNoPlan, type NoPlan } from './stages/plan/explainNoPlan.ts';
import { compareBoxes, mayPayApart, type LotsLookedAt, type OneOrMore } from './stages/plan/oneOrMore.ts';
import { frontierWith, mixFills } from './stages/plan/mixFills.ts';
import { improveNest } from './stages/plan/improveNest.ts';
import { noShared, shareThem } from './stages/plan/shareThem.ts';
import { partThem } from './stages/plan/partThem.ts';
import { windTogether } from './stages/plan/windTogether.ts';
import { wedgeIt } from './stages/plan/wedgeIt.ts';
import { coreIt, coresOf, noCore, pinsCore, withoutCore } from './stages/plan/coreIt.ts';
import { polishNest } from './stages/plan/polishNest.ts';
import { searchAgain } from './stages/plan/searchAgain.ts';
import { madeOtherwise, type Otherwise, type OtherwiseMade } from './stages/plan/packedOtherwise.ts';
import type { PackedParcel } from './stages/plan/boxesToKeep.ts';
import { nestsOutside, type OutsideNest } from './stages/plan/outsideStock.ts';
import { otherWays, type OtherWay } from './stages/plan/otherWays.ts';
import { bundleLocks, type BundleLocks, type PlanRequest } from './stages/plan/PlanRequest.ts';
import { boxesOf, fillsOf, freeStock } from './stages/plan/stockFor.ts';
import { bestStacked, type Stacked } from './stages/plan/stackThem.ts';
import { wishedPieces, wishesOnEdge } from './stages/plan/wishedPieces.ts';
import { stockUsed } from './stages/plan/stockUsed.ts';
import { shortCounter, type ShortStock } from './stages/plan/willNotSuffice.ts';
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
export function* planParcel(request: PlanRequest, every = false): Generator<PlanProgress, ChosenPlan> {
  const chosen = yield* planWithStock(request, every);
  if (chosen.kind === 'planned' || !wishesOnEdge(request)) return chosen;
  // what the house stands on edge lies flat where no box takes it otherwise, and each nest says so
  const flat = yield* planWithStock({ ...request, house: { ...request.house, platesOnEdge: false } }, every);
  if (flat.kind === 'noPlan') return chosen;
  const derive = deriver(request);
  const asWished = (option: PlanOption): PlanOption => {
    const derived = derive(option.choice);
    return derived.kind === 'plan' ? derived.option : option;
  };
  return { ...flat, recommended: asWished(flat.recommended), frontier: flat.frontier.map(asWished) };
}

function* planWithStock(request: PlanRequest, every: boolean): Generator<PlanProgress, ChosenPlan> {
  if (request.reserved === undefined) return yield* planWithin(request, planSpace(request), every);
  // with what is free; where that allows no nest at all, with whatever is short
  const free = freeStock(request);
  const chosen = yield* planWithin(request, planSpace(request, free), every);
  return chosen.kind === 'planned' ? chosen : yield* planAnyhow(request, free, every);
}

/** With however much of everything but boxes: one that is kept for another parcel is not there. */
const planAnyhow = (request: PlanRequest, { boxes }: PlanRequest['stock'], every: boolean): Generator<PlanProgress, ChosenPlan> =>
  planWithin(request, planSpace({ ...request, stock: { ...request.stock, boxes } }), every);

function* planWithin(request: PlanRequest, space: PlanSpace, every: boolean): Generator<PlanProgress, ChosenPlan> {
  const cover = (option: PlanOption) => coverFor(option, space.carriages, request.house, request.locks.coverAdded);
  const ceiling = ceilingOfAll(space.pieces, request.house);
  const search = traceFrontier(space, every);
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) {
      const traced = step.value.best ? step.value : yield* tracedForCore(request, space, every, step.value);
      const done = yield* finished(request, space, traced, ceiling, (best) => choosePlan({ ...traced, best }, null, ceiling, cover));
      return choosePlan(done, done.best ? null : noneOf(request, space, traced), ceiling, cover);
    }
    const { considered, evaluated, found } = step.value;
    yield { considered, evaluated, soFar: () => choosePlan(found(), null, ceiling, cover) };
  }
}

/** What a core may be put round where the house wants something round everything, and no box goes into another; nothing else of it counts. */
function* tracedForCore(request: PlanRequest, space: PlanSpace, every: boolean, none: Traced): Generator<PlanProgress, Traced> {
  if (!space.house.floats || coresOf(request).length === 0) return none;
  const search = traceFrontier({ ...space, house: { ...space.house, floats: false } }, every);
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return { ...step.value, frontier: [] };
    yield { ...step.value, soFar: () => NOTHING_YET };
  }
}

/** Why there is none: nothing was found, or what was found does not go into the tube, or a box of its own, that somebody wants round it. */
const noneOf = (request: PlanRequest, space: PlanSpace, { best }: Traced): NoPlan => {
  if (best && pinsCore(request)) return noCore(request);
  if (best && request.locks.shared) return noShared(request);
  return best && pinsOwnBox(request) ? noOwnBox(request) : explainNoPlan(request, space);
};

/**
 * What was found, in a core, with steps finer than the search takes, with boxes of their own round some bundles, board between
 * different bundles, tubes in the corners, and each place's own fill, where the house has that and it pays; of several, whatever
 * single change is better still.
 */
function* finished(
  request: PlanRequest,
  space: PlanSpace,
  traced: Traced,
  ceiling: number,
  chosen: (best: Recommendation) => ChosenPlan,
): Generator<PlanProgress, Traced> {
  if (!traced.best) return traced;
  const { considered, evaluated } = traced;
  // what has not yet what somebody pinned is shown to nobody
  const isAsPinned = !pinsCore(request) && !pinsOwnBox(request) && !request.locks.around && !request.locks.shared;
  const soFar = (best: Recommendation): PlanProgress => ({
    considered,
    evaluated,
    soFar: () => (isAsPinned ? chosen(best) : NOTHING_YET),
  });
  const pausing = function* (steps: Generator<Recommendation, Recommendation>): Generator<PlanProgress, Recommendation> {
    let step = steps.next();
    for (; !step.done; step = steps.next()) yield soFar(step.value);
    yield soFar(step.value);
    return step.value;
  };
  yield soFar(traced.best);
  // what one step has worked out the next one need not
  const derive = deriver(request);
  const cored = coreIt(request, traced.best, ceiling, derive);
  if (!cored) return { ...traced, best: null };
  const polished = yield* pausing(polishNest(request, cored, pinsCore(request) ? [] : traced.frontier, ceiling, derive));
  const again = yield* pausing(searchAgain(request, space, polished, ceiling, derive));
  const boxed = boxThem(request, again, ceiling, derive);
  const shared = boxed && shareThem(request, boxed, ceiling, derive);
  if (!shared) return { ...traced, best: null };
  yield soFar(shared);
  const wound = windTogether(request, partThem(request, shared, ceiling, derive), ceiling, derive);
  yield soFar(wound);
  const made = mixFills(request, wedgeIt(request, wound, ceiling, derive), ceiling, derive);
  const improved = yield* pausing(improveNest(request, made, ceiling, derive));
  // for another box other wraps may be better, and for those another change
  const rewrapped = improved === made ? made : yield* pausing(polishNest(request, improved, [], ceiling, derive));
  const best = rewrapped === improved ? improved : yield* pausing(improveNest(request, rewrapped, ceiling, derive));
  return best === traced.best ? traced : { ...traced, best, frontier: frontierWith(traced.frontier, best.option) };
}
const NOTHING_YET: ChosenPlan = { kind: 'noPlan', reasons: [], wouldHelp: [] };

/** How far a planning has come. */
export interface PlanProgress extends SearchProgress {
  /** What it would answer if it ended here: no plan where none has been worked out yet. */
  readonly soFar: () => ChosenPlan;
}

/**
 * As `planParcel`; where a nest can be made and no service in reach carries it, the nest for a price by hand.
 *
 * @returns with why no service does, where that is so
 */
export function* planOrByHand(request: PlanRequest): Generator<PlanProgress, { chosen: ChosenPlan; uncarried: NoPlan | null }> {
  const chosen = yield* planParcel(request);
  const pinned = request.locks.service !== undefined;
  if (chosen.kind === 'planned' || !chosen.onlyCarriage || pinned) return { chosen, uncarried: null };
  const byHand = yield* planParcel({ ...request, cards: [handCard(request.cards, readSale(request.order))] });
  return byHand.kind === 'planned' ? { chosen: byHand, uncarried: chosen } : { chosen, uncarried: null };
}

/** The least box that would bring a planning below the ceiling that nothing in the stockroom keeps; null where none would. */
export const boxToGet = (request: PlanRequest, chosen: Extract<ChosenPlan, { kind: 'planned' }>): BoxToGet | null =>
  leastBoxToGet(request, chosen, (asked) => drained(planParcel(asked)));

/** What something that pauses comes to, without a pause. */
function drained<Result>(steps: Generator<unknown, Result>): Result {
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

/** Nests with boxes nobody has that nothing in the stockroom matches; a search for each, so asked for by itself. */
export const outsideStock = (request: PlanRequest, chosen: Extract<ChosenPlan, { kind: 'planned' }>): Generator<unknown, OutsideNest[]> =>
  nestsOutside(request, chosen, bestOf);

/** The nest that enough of everything would make, and what of it is short; null where nothing better is left out for want of stock. */
export function* withEnough(request: PlanRequest): Generator<PlanProgress, { option: PlanOption; short: readonly ShortStock[] } | null> {
  if (request.reserved === undefined) return null;
  const chosen = yield* planAnyhow(request, freeStock(request), false);
  if (chosen.kind === 'noPlan') return null;
  const { recommended: option } = chosen;
  const short = shortCounter(request)(stockUsed(option));
  return short.length > 0 ? { option, short } : null;
}

/** What other rules, or other materials, would have made of parcels as they were packed: a search for each. */
export const packedOtherwise = (
  parcels: readonly PackedParcel[],
  ways: readonly Otherwise[],
): Generator<{ readonly done: number; readonly of: number }, OtherwiseMade[]> => madeOtherwise(parcels, ways, bestOf);

/** One box against two and more for a parcel of several pieces, each box at its best; pauses as a search does. */
export const oneBoxOrMore = (request: PlanRequest, each = false): Generator<LotsLookedAt, OneOrMore> =>
  compareBoxes(request, bestOf, each, sketchOf);

/** True where a comparison of one box with more may find a way that expects less than one does; pauses as a search does. */
export const mayGoApart = (request: PlanRequest, togetherMinor: number): Generator<unknown, boolean> =>
  mayPayApart(request, togetherMinor, sketchOf);

/** The best nest of a parcel with what is flat and alike in it stacked; null where nothing is. Pauses as a search does. */
export const stackedNest = (request: PlanRequest): Generator<unknown, Stacked | null> => bestStacked(request, bestOf);

/** The best nest of a parcel in which nothing need keep its way up; null where nothing does. Pauses as a search does. */
export function* laidDown(request: PlanRequest): Generator<unknown, PlanOption | null> {
  const lying = mayLie(request);
  return lying && (yield* bestOf(lying));
}

/** A plan that is soon found, hardly better than the best: of wraps each as soft as the others, standing in the closest ways. */
function* sketchOf(request: PlanRequest): Generator<unknown, PlanOption | null> {
  const space = planSpace(request, request.reserved ? freeStock(request) : null, true);
  const { best } = yield* traceFrontier({ ...space, ways: space.ways && space.ways.slice(0, MOST_SKETCHED_WAYS) });
  return best && best.option;
}
const MOST_SKETCHED_WAYS = 3;

/** The plan to recommend alone; null where there is none. */
function* bestOf(request: PlanRequest): Generator<PlanProgress, PlanOption | null> {
  const chosen = yield* planParcel(request);
  return chosen.kind === 'planned' ? chosen.recommended : null;
}

/** How many plans a request has to choose from. */
export const planCount = (request: PlanRequest): number => countPlans(planSpace(request));

/** Why each other way of packing lost to the recommended plan; a search for each, so asked for by itself. */
export const explainOtherWays = (
  request: PlanRequest,
  recommended: PlanOption,
  money: (minor: number) => string,
): Generator<unknown, OtherWay[]> => otherWays(planSpace(request, request.reserved ? freeStock(request) : null), recommended, money);

/**
 * Everything the plan may be made of, stage by stage.
 *
 * @param free what no more than is to be taken of; null where nobody counts
 * @param roughly few of the ways to wrap
 */
export function planSpace(request: PlanRequest, free: PlanRequest['stock'] | null = null, roughly = false): PlanSpace {
  const { house, locks } = withoutCore(request);
  const stock = free ?? request.stock;
  const order = readSale(request.order);
  const facts = wishedPieces(request);
  const pieces = facts.map((one) => inspectItem(order, one)) as unknown as Pieces;
  const each = pieces.map((piece, at) => {
    const own = { ...bundleLocks(locks, at), ...(locks.without ? { without: locks.without } : {}) };
    const suffices = (wrapped: WrappedItem) => !free || own.layers !== undefined || sheetsSuffice([wrapped], wrapsIn(free));
    return guardWays(piece.facts, own, house).flatMap((added) =>
      waysToWrap(added === NOTHING ? piece : inspectItem(order, piece.facts, added), stock, house, own).filter(suffices),
    );
  });
  const all = pieces.length === 1 && !roughly ? fewWhereSeveral(each[0]!).map((wrapped): Wraps => [wrapped]) : wrapsTogether(each, roughly);
  // of several pieces that share a roll each may have enough, and all of them not
  const someIsPinned = pieces.some((_, at) => bundleLocks(locks, at).layers !== undefined);
  const wraps = free && pieces.length > 1 && !someIsPinned ? all.filter((some) => sheetsSuffice(some, wrapsIn(free))) : all;
  return {
    pieces,
    wraps,
    ways: pieces.length === 1 ? null : waysOfAll(wraps, locks),
    room: withBoxesToFold(boxesOf({ ...request, stock }), wraps, house, locks),
    fills: fillsOf(stock, house, locks, locks.fill),
    innerFills: fillsOf(stock, house, locks, locks.innerFill),
    carriages: carriages(request.cards, pieces, house, locks),
    tapes: stock,
    house,
    locks,
    folds: foldsAsChosen(locks.between, stock.wraps, house),
    way: null,
    free,
  };
}

const NOTHING: Added = {};

/** What may be put on the piece; nothing more where that is pinned, or the bundle was measured as it is. */
function guardWays(facts: PieceFacts, locks: BundleLocks, house: House): Added[] {
  if (locks.guards || locks.filledHollows) return [addedOf(locks)];
  return locks.bundle ? [NOTHING] : [NOTHING, ...waysToGuard(facts, house).slice(1)];
}
