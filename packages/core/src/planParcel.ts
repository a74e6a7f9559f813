import type { House } from './house/House.ts';
import { withBoxesToFold } from './stages/box/boxesToFold.ts';
import { foldsAsChosen } from './stages/box/folds.ts';
import { waysToStand } from './stages/box/waysToStand.ts';
import { sheetsSuffice } from './stages/wrap/sheetsSuffice.ts';
import type { WrappedItem, Wraps } from './stages/wrap/WrappedItem.ts';
import { traceBetter, traceFrontier } from './stages/frontier/traceFrontier.ts';
import { countPlans, type PlanSpace } from './stages/frontier/PlanSpace.ts';
import type { PlanOption } from './stages/frontier/PlanOption.ts';
import type { SearchProgress, Traced } from './stages/frontier/Trace.ts';
import { addedOf, waysToGuard, type Added } from './stages/item/addedTo.ts';
import { inspectItem } from './stages/item/inspectItem.ts';
import { ceilingOfAll, type Recommendation } from './stages/frontier/recommend.ts';
import { leastBoxToGet, type BoxToGet } from './stages/plan/boxToGet.ts';
import { boxThem, noOwnBox, pinsOwnBox } from './stages/plan/boxThem.ts';
import { choosePlan, type ChosenPlan } from './stages/plan/choosePlan.ts';
import { coverFor } from './stages/plan/coverFor.ts';
import { explainNoPlan, type NoPlan } from './stages/plan/explainNoPlan.ts';
import { compareBoxes, type LotsLookedAt, type OneOrMore } from './stages/plan/oneOrMore.ts';
import { frontierWith, mixFills } from './stages/plan/mixFills.ts';
import { improveNest } from './stages/plan/improveNest.ts';
import { partThem } from './stages/plan/partThem.ts';
import { windTogether } from './stages/plan/windTogether.ts';
import { wedgeIt } from './stages/plan/wedgeIt.ts';
import { coreIt, coresOf, noCore, pinsCore, withoutCore } from './stages/plan/coreIt.ts';
import { polishNest } from './stages/plan/polishNest.ts';
import { madeOtherwise, type Otherwise, type OtherwiseMade } from './stages/plan/packedOtherwise.ts';
import type { PackedParcel } from './stages/plan/boxesToKeep.ts';
import { nestsOutside, type OutsideNest } from './stages/plan/outsideStock.ts';
import { otherWays, type OtherWay } from './stages/plan/otherWays.ts';
import { bundleLocks, type BundleLocks, type PlanRequest } from './stages/plan/PlanRequest.ts';
import { boxesOf, fillsOf, freeStock } from './stages/plan/stockFor.ts';
import { wishedPieces } from './stages/plan/wishedPieces.ts';
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
    yield { ...step.value, soFar: () => ({ kind: 'noPlan', reasons: [], wouldHelp: [] }) };
  }
}

/** Why there is none: nothing was found, or what was found does not go into the tube, or a box of its own, that somebody wants round it. */
const noneOf = (request: PlanRequest, space: PlanSpace, { best }: Traced): NoPlan => {
  if (best && pinsCore(request)) return noCore(request);
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
  const isAsPinned = !pinsCore(request) && !pinsOwnBox(request) && !request.locks.around;
  const soFar = (best: Recommendation): PlanProgress[] => (isAsPinned ? [{ considered, evaluated, soFar: () => chosen(best) }] : []);
  yield* soFar(traced.best);
  const cored = coreIt(request, traced.best, ceiling);
  if (!cored) return { ...traced, best: null };
  const polished = polishNest(request, cored, pinsCore(request) ? [] : traced.frontier, ceiling);
  yield* soFar(polished);
  const again = searchedAgain(request, space, polished, ceiling);
  yield* soFar(again);
  const boxed = boxThem(request, again, ceiling);
  if (!boxed) return { ...traced, best: null };
  const made = mixFills(request, wedgeIt(request, windTogether(request, partThem(request, boxed, ceiling), ceiling), ceiling), ceiling);
  yield* soFar(made);
  const improved = improveNest(request, made, ceiling);
  // for another box other wraps may be better
  const best = improved === made ? made : polishNest(request, improved, [], ceiling);
  return best === traced.best ? traced : { ...traced, best, frontier: frontierWith(traced.frontier, best.option) };
}

/** Searches with the wraps that came out, one after the other at most; judgement. */
const MOST_AGAIN = 3;
const MOST_LARGER = 40;

/**
 * Of several different pieces the search looks at few wraps, standing in few ways: with the wraps that came out it looks at more
 * ways of standing, with every box and fill, and at wraps again for what it finds, until that is no better.
 */
function searchedAgain(request: PlanRequest, space: PlanSpace, found: Recommendation, ceiling: number): Recommendation {
  if (space.ways === null) return found;
  let best = found;
  for (let again = 0; again < MOST_AGAIN; again++) {
    const { inner, bundles } = best.option.rated.weighed.filled.stowed;
    if (inner?.core) return best;
    const wraps: Wraps[] = [bundles.map(({ wrapped }) => wrapped) as unknown as Wraps];
    const ways = [...waysOfAll(wraps, request.locks), ...waysToStand(wraps[0]!, request.locks, MOST_LARGER, true)];
    // whether a box in a box is better was looked at before
    const locks = inner ? space.locks : { ...space.locks, inner: null };
    const search = traceBetter({ ...space, wraps, ways, locks }, best.option);
    const next = drained(search);
    if (next.option === best.option) return best;
    best = polishNest(request, next, [], ceiling);
  }
  return best;
}

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
    const suffices = (wrapped: WrappedItem) => !free || own.layers !== undefined || sheetsSuffice([wrapped], free.wraps);
    return guardWays(piece.facts, own, house).flatMap((added) =>
      waysToWrap(added === NOTHING ? piece : inspectItem(order, piece.facts, added), stock, house, own).filter(suffices),
    );
  });
  const all = pieces.length === 1 && !roughly ? fewWhereSeveral(each[0]!).map((wrapped): Wraps => [wrapped]) : wrapsTogether(each, roughly);
  // of several pieces that share a roll each may have enough, and all of them not
  const someIsPinned = pieces.some((_, at) => bundleLocks(locks, at).layers !== undefined);
  const wraps = free && pieces.length > 1 && !someIsPinned ? all.filter((some) => sheetsSuffice(some, free.wraps)) : all;
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

/** So many ways of standing, each with every wrap; more of them where few wraps are left to choose from, as with what is wrapped and measured. */
const WAYS = { least: 8, most: 24, withWraps: 512 };

/** Ways in which different bundles may stand: by turns as they stand closest in the middle of their wraps, the thinnest and the thickest. */
function waysOfAll(wraps: readonly Wraps[], locks: PlanRequest['locks']): NonNullable<PlanSpace['ways']> {
  const outside = (some: Wraps) => some.reduce((sum, { bundleIn }) => sum + bundleIn[0] + bundleIn[1] + bundleIn[2], 0);
  const bySize = [...wraps].sort((a, b) => outside(a) - outside(b));
  const most = Math.min(WAYS.most, Math.max(WAYS.least, Math.floor(WAYS.withWraps / Math.max(1, wraps.length))));
  const each = [bySize[bySize.length >> 1], bySize[0], bySize.at(-1)].map((some) => (some ? waysToStand(some, locks, most) : []));
  const byTurns = Array.from({ length: most }, (_, i) => each.flatMap((ways) => ways[i] ?? [])).flat();
  return [...new Map(byTurns.map((way) => [JSON.stringify(way), way])).values()].slice(0, most);
}

/** What may be put on the piece; nothing more where that is pinned, or the bundle was measured as it is. */
function guardWays(facts: PieceFacts, locks: BundleLocks, house: House): Added[] {
  if (locks.guards || locks.filledHollows) return [addedOf(locks)];
  return locks.bundle ? [NOTHING] : [NOTHING, ...waysToGuard(facts, house).slice(1)];
}
