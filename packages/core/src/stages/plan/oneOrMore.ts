import type { PlanOption } from '../frontier/PlanOption.ts';
import { either } from '../frontier/causes.ts';
import type { PieceFacts } from '../sale/Order.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

/** So many portions are split in every way there is. */
export const MOST_SPLIT = 5;
/** Of so many pieces each box is planned. */
const MOST_PLANNED = 4;
/** Up to so many in every way too, each box sketched first; more of them by weight, by worth, and one by one. */
export const MOST_SKETCHED = 8;
/** So many of the ways that were sketched are planned, those that look best: a sketch is a tenth or two above its plan; judgement. */
const CLOSELY = 6;

/** Alike ones are shared out among so many boxes at most. */
export const MOST_SHARED = 6;

/** Some of a parcel's pieces that are alike. */
export interface Portion {
  /** The piece, by its place in the parcel. */
  readonly at: number;
  /** So many of it, at least one. */
  readonly count: number;
}

/** Pieces in one box, or in each of several, with what that comes to in all. */
export interface Boxes {
  /** What each box holds. */
  readonly parts: readonly (readonly Portion[])[];
  /** The best plan of each box. */
  readonly plans: readonly PlanOption[];
  readonly costMinor: number;
  readonly postageMinor: number;
  /** Chance that anything breaks: boxes go their own ways. */
  readonly chance: number;
  readonly expectedMinor: number;
  readonly minutes: number;
}

/**
 * Which ways were looked at: `every` one there is; alike ones shared out `evenly` among two boxes and more; every way of the
 * pieces where alike ones go together or in `halves`; every way of pieces with alike ones together `roughly`, and the best of them
 * closely; only `some`.
 */
export type WaysLookedAt = 'every' | 'evenly' | 'halves' | 'roughly' | 'some';

/** One box against two and more. */
export interface OneOrMore {
  /** Null where nothing holds them all. */
  readonly together: Boxes | null;
  /** Two boxes and more, the way that expects least first. */
  readonly splits: readonly Boxes[];
  readonly looked: WaysLookedAt;
}

/** How far a comparison has come: lots of pieces that were looked at, and how many are known to be. */
export interface LotsLookedAt {
  readonly done: number;
  readonly of: number;
}

/** Works out a plan of a request, or none. */
type Planner = (asked: PlanRequest) => Generator<unknown, PlanOption | null>;

/**
 * Compares a parcel in one box with ways to send its pieces in two and more, each box at its best; each lot of pieces is
 * planned once, and once every split in two is known three boxes and more need no further plan. Of one sort of piece the alike
 * ones are shared out evenly, as hands do it; of several, each lot of alike ones goes whole or in halves. Of five to eight pieces
 * every lot is sketched, and the ways that look best are planned. Above that only some are looked at: each alone, the heavy from the
 * light, the dear from the rest; and where two boxes are better than one, the larger of the best two split again, or a box for each
 * where no two hold them.
 *
 * Money is counted once for all: postage, boxes, material and minutes of each, and what is expected to be lost of any.
 *
 * @param plan the best plan
 * @param each whether a box for each piece is looked at in any case, since somebody asked for it
 * @param sketch a plan that is soon found
 */
export function* compareBoxes(
  request: PlanRequest,
  plan: Planner,
  each = false,
  sketch: Planner = plan,
): Generator<LotsLookedAt, OneOrMore> {
  const facts = piecesOf(request);
  const whole = facts.map(({ count }, at) => ({ at, count }));
  const lots = { done: 0, of: 1 };
  const [boxed, sketched] = [plan, sketch].map((planner) => boxesBy(request, planner, lots)) as [BoxesBy, BoxesBy];
  const together = yield* boxed([whole]);
  const splits: Boxes[] = [];
  const met = new Set<string>();
  const look = function* (ways: readonly (readonly (readonly Portion[])[])[]): Generator<LotsLookedAt, void> {
    boxed.willLookAt(ways);
    for (const way of ways) {
      const parts = way.map(gathered);
      const key = parts
        .map((part) => JSON.stringify(part))
        .sort()
        .join();
      if (met.has(key)) continue;
      met.add(key);
      const found = yield* boxed(parts);
      if (found) splits.push(found);
    }
    splits.sort((a, b) => a.expectedMinor - b.expectedMinor || a.chance - b.chance);
  };
  const [only] = facts;
  if (facts.length === 1) {
    yield* look(sharedOut(only));
    return { together, splits, looked: only.count <= 3 ? 'every' : 'evenly' };
  }
  const portions = inHalves(facts);
  const of = (ways: readonly (readonly (readonly number[])[])[]) => ways.map((parts) => parts.map((part) => part.map((i) => portions[i]!)));
  const isHalved = facts.some(({ count }) => count > 1);
  if (each) yield* look([whole.map((one) => [one])]);
  if (facts.length > MOST_PLANNED && portions.length <= MOST_SKETCHED) {
    const promising = yield* bestOfAll(of([...waysToSplit(portions, facts), ...waysInMore(portions.length)]), sketched);
    yield* look(promising);
    if (splits.length > 0) return { together, splits, looked: 'roughly' };
  }
  yield* look(of(waysToSplit(portions, facts, MOST_SPLIT)));
  const [least] = splits;
  if (portions.length <= MOST_SPLIT) yield* look(of(waysInMore(portions.length)));
  else if (!least) yield* look([whole.map((one) => [one])]);
  else if (!together || least.expectedMinor < together.expectedMinor) yield* look(splitAgain(least.parts, facts));
  return { together, splits, looked: portions.length > MOST_SPLIT ? 'some' : isHalved ? 'halves' : 'every' };
}

/** So far above its plan a sketch may be; judgement. */
const SKETCHED_ABOVE = 1.15;

/**
 * True where several boxes may expect less than one: as sketched they come so near that a comparison is worth its time. What
 * differs is split in two, what is alike shared out among two and three.
 *
 * @param togetherMinor what is expected of one box, in all
 * @param sketch a plan that is soon found
 */
export function* mayPayApart(request: PlanRequest, togetherMinor: number, sketch: Planner): Generator<LotsLookedAt, boolean> {
  const facts = piecesOf(request);
  // of more than that the sketches alone would take as long as the search
  if (facts.length > MOST_SPLIT) return false;
  const whole = facts.map(({ count }, at) => ({ at, count }));
  const ways: Boxes['parts'][] =
    facts.length === 1
      ? sharedOut(facts[0]).slice(0, 2)
      : waysToSplit(whole, facts, MOST_PLANNED).map((parts) => parts.map((part) => part.map((i) => whole[i]!)));
  const sketched = boxesBy(request, sketch, { done: 0, of: 1 });
  for (const way of ways) {
    const boxes = yield* sketched(way);
    if (boxes && boxes.expectedMinor < togetherMinor * SKETCHED_ABOVE) return true;
  }
  return false;
}

/** Lots of pieces in a box each, or null where one of them goes in none. */
interface BoxesBy {
  (parts: readonly (readonly Portion[])[]): Generator<LotsLookedAt, Boxes | null>;
  /** Ways that are about to be looked at: their lots are counted. */
  willLookAt(ways: readonly Boxes['parts'][]): void;
}

/**
 * Each lot by itself, planned once however often it is met.
 *
 * @param lots counted on as they are planned
 */
function boxesBy(request: PlanRequest, plan: Planner, lots: { done: number; of: number }): BoxesBy {
  const known = new Map<string, PlanOption | null>();
  const planned = function* (part: readonly Portion[]): Generator<LotsLookedAt, PlanOption | null> {
    const steps = plan(ofPart(request, part));
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) return step.value;
      yield { ...lots };
    }
  };
  const boxed = function* (parts: readonly (readonly Portion[])[]): Generator<LotsLookedAt, Boxes | null> {
    const plans: PlanOption[] = [];
    for (const part of parts) {
      const key = JSON.stringify(part);
      let found = known.get(key);
      if (found === undefined) {
        known.set(key, (found = yield* planned(part)));
        lots.done++;
      }
      if (!found) return null;
      plans.push(found);
    }
    return summed(parts, plans);
  };
  return Object.assign(boxed, {
    willLookAt(ways: readonly Boxes['parts'][]) {
      const keys = new Set(ways.flatMap((way) => way.map((part) => JSON.stringify(gathered(part)))));
      lots.of = lots.done + [...keys].filter((key) => !known.has(key)).length;
    },
  });
}

/** The few ways that expect least as they are sketched. */
function* bestOfAll(ways: readonly Boxes['parts'][], sketched: BoxesBy): Generator<LotsLookedAt, Boxes['parts'][]> {
  sketched.willLookAt(ways);
  const found: Boxes[] = [];
  for (const way of ways) {
    const boxes = yield* sketched(way.map(gathered));
    if (boxes) found.push(boxes);
  }
  found.sort((a, b) => a.expectedMinor - b.expectedMinor || a.chance - b.chance);
  return found.slice(0, CLOSELY).map(({ parts }) => parts);
}

/** A request for some of a parcel's pieces; what is pinned of the whole parcel no longer holds. */
export function ofPart(request: PlanRequest, part: readonly Portion[]): PlanRequest {
  const facts = piecesOf(request);
  const isLess = ({ at, count }: Portion) => count < facts[at]!.count;
  if (part.length === facts.length && !part.some(isLess)) return request;
  const { method, without } = request.locks;
  // what stays of alike ones stays in the order, so that each is worth what it was
  const pieces = part.filter(isLess).reduce<readonly PieceFacts[]>((all, { at, count }) => {
    const { id, count: of } = facts[at]!;
    return all.flatMap((one) =>
      one.id === id
        ? [
            { ...one, count },
            { ...one, id: `${id} left`, count: of - count },
          ]
        : [one],
    );
  }, request.order.pieces);
  return {
    ...request,
    order: { ...request.order, pieces },
    pieceIds: part.map(({ at }) => request.pieceIds[at]!),
    locks: { ...(method ? { method } : {}), ...(without ? { without } : {}) },
  };
}

/** Portions of one piece that go together are one. */
const gathered = (part: readonly Portion[]): Portion[] =>
  [...new Set(part.map(({ at }) => at))]
    .sort((a, b) => a - b)
    .map((at) => ({ at, count: part.reduce((sum, one) => sum + (one.at === at ? one.count : 0), 0) }));

/** Alike ones shared out evenly among two boxes and more; what is worth nothing with one of them broken stays together. */
const sharedOut = ({ count, wholeOrNothing }: PieceFacts): Portion[][][] =>
  wholeOrNothing
    ? []
    : Array.from({ length: Math.max(0, Math.min(count, MOST_SHARED) - 1) }, (_, i) => i + 2).map((boxes) =>
        Array.from({ length: boxes }, (_, i) => [{ at: 0, count: Math.floor((count + boxes - 1 - i) / boxes) }]),
      );

/** Pieces whole; of alike ones two halves, the largest lots first, while all ways can still be looked at. */
function inHalves(facts: readonly PieceFacts[]): Portion[] {
  let left = MOST_SPLIT - facts.length;
  const halved = new Set<number>();
  const byCount = facts.map(({ count, wholeOrNothing }, at) => ({ at, count, wholeOrNothing })).sort((a, b) => b.count - a.count);
  for (const { at, count, wholeOrNothing } of byCount) if (count > 1 && !wholeOrNothing && left-- > 0) halved.add(at);
  return facts.flatMap(({ count }, at) =>
    halved.has(at)
      ? [
          { at, count: Math.ceil(count / 2) },
          { at, count: Math.floor(count / 2) },
        ]
      : [{ at, count }],
  );
}

const summed = (parts: Boxes['parts'], plans: readonly PlanOption[]): Boxes => {
  const sum = (of: (plan: PlanOption) => number) => plans.reduce((total, plan) => total + of(plan), 0);
  return {
    parts,
    plans,
    costMinor: sum((plan) => plan.costMinor),
    postageMinor: sum((plan) => plan.rated.quote.totalMinor),
    chance: either(...plans.map((plan) => plan.chance)),
    expectedMinor: sum((plan) => plan.expectedMinor),
    minutes: sum((plan) => plan.minutes),
  };
};

/**
 * Ways to split portions in two, by their place; parts go with the whole they come off only where somebody splits them.
 *
 * @param most so many are split in every way
 */
export function waysToSplit(portions: readonly Portion[], facts: readonly PieceFacts[], most = MOST_SKETCHED): number[][][] {
  const count = portions.length;
  const all = portions.map((_, i) => i);
  const split = (inFirst: (i: number) => boolean) => [all.filter(inFirst), all.filter((i) => !inFirst(i))];
  if (count <= most)
    // the first stays in the first box, so that each split is met once
    return Array.from({ length: 2 ** (count - 1) - 1 }, (_, set) => split((i) => i === 0 || (set & (1 << (i - 1))) !== 0));
  const half = (of: (facts: PieceFacts) => number | null) => {
    const amount = (i: number) => (of(facts[portions[i]!.at]!) ?? 0) * portions[i]!.count;
    const byIt = [...all].sort((a, b) => amount(b) - amount(a) || a - b);
    const heavy = new Set<number>();
    let sum = 0;
    const whole = all.reduce((total, i) => total + amount(i), 0);
    for (const i of byIt) if (sum < whole / 2) [sum] = [sum + amount(i), heavy.add(i)];
    return split((i) => heavy.has(i));
  };
  const found = [
    ...all.map((one) => split((i) => i !== one)),
    half(({ weightLb }) => weightLb),
    half(({ replacementMinor }) => replacementMinor),
  ].filter((parts) => parts.every((part) => part.length > 0));
  return [...new Map(found.map((parts) => [JSON.stringify(parts), parts])).values()];
}

/** Ways to put so many pieces in three boxes and more, each once: its first piece tells a box from the others. */
export function waysInMore(count: number): number[][][] {
  const ways = (at: number): number[][][] =>
    at === 0
      ? [[]]
      : ways(at - 1).flatMap((boxes) => [
          ...boxes.map((_, i) => boxes.map((box, j) => (i === j ? [...box, at - 1] : box))),
          [...boxes, [at - 1]],
        ]);
  return ways(count).filter((boxes) => boxes.length > 2);
}

/** The larger of some boxes split in two, in the ways it is split. */
function splitAgain(parts: Boxes['parts'], facts: readonly PieceFacts[]): Portion[][][] {
  const largest = parts.reduce((most, part) => (part.length > most.length ? part : most));
  if (largest.length === 1) return [];
  const rest = parts.filter((part) => part !== largest).map((part) => [...part]);
  return waysToSplit(largest, facts, MOST_SPLIT).map((ways) => [...rest, ...ways.map((part) => part.map((i) => largest[i]!))]);
}
