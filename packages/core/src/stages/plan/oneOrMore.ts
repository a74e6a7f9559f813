import type { PlanOption } from '../frontier/PlanOption.ts';
import { either } from '../frontier/causes.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';

/** So many bundles are split in every way there is; more of them by weight, by worth, and one by one. */
export const MOST_SPLIT = 5;

/** Pieces in one box, or in each of several, with what that comes to in all. */
export interface Boxes {
  /** Pieces of each box, by their place in the parcel. */
  readonly parts: readonly (readonly number[])[];
  /** The best plan of each box. */
  readonly plans: readonly PlanOption[];
  readonly costMinor: number;
  readonly postageMinor: number;
  /** Chance that anything breaks: boxes go their own ways. */
  readonly chance: number;
  readonly expectedMinor: number;
  readonly minutes: number;
}

/** One box against two and more. */
export interface OneOrMore {
  /** Null where nothing holds them all. */
  readonly together: Boxes | null;
  /** Two boxes and more, the way that expects least first. */
  readonly splits: readonly Boxes[];
  /** Every way to split was looked at, into however many boxes. */
  readonly every: boolean;
}

/**
 * Compares a parcel in one box with every way to send its pieces in two and more, each box at its best; each lot of pieces is
 * planned once, and once every split in two is known three boxes and more need no further plan. Above five bundles only some are
 * looked at: each alone, the heavy from the light, the dear from the rest; and where two boxes are better than one, the larger
 * of the best two split again, or a box for each where no two hold them.
 *
 * Money is counted once for all: postage, boxes, material and minutes of each, and what is expected to be lost of any.
 *
 * @param plan the best plan of a request, or none
 */
export function* compareBoxes(
  request: PlanRequest,
  plan: (asked: PlanRequest) => Generator<unknown, PlanOption | null>,
): Generator<unknown, OneOrMore> {
  const facts = piecesOf(request);
  const all = facts.map((_, at) => at);
  const known = new Map<string, PlanOption | null>();
  const best = function* (part: readonly number[]): Generator<unknown, PlanOption | null> {
    const key = part.join();
    let found = known.get(key);
    if (found === undefined) known.set(key, (found = yield* plan(ofPart(request, part))));
    return found;
  };
  const boxed = function* (parts: readonly (readonly number[])[]): Generator<unknown, Boxes | null> {
    const plans: PlanOption[] = [];
    for (const part of parts) {
      const found = yield* best(part);
      if (!found) return null;
      plans.push(found);
    }
    return summed(parts, plans);
  };
  const together = yield* boxed([all]);
  const splits: Boxes[] = [];
  const look = function* (ways: readonly (readonly (readonly number[])[])[]): Generator<unknown, void> {
    for (const parts of ways) {
      const found = yield* boxed(parts);
      if (found) splits.push(found);
    }
    splits.sort((a, b) => a.expectedMinor - b.expectedMinor || a.chance - b.chance);
  };
  yield* look(waysToSplit(request));
  const every = facts.length <= MOST_SPLIT;
  const [least] = splits;
  if (every) yield* look(waysInMore(facts.length));
  else if (!least) yield* look([all.map((at) => [at])]);
  else if (!together || least.expectedMinor < together.expectedMinor) yield* look(splitAgain(request, least.parts));
  return { together, splits, every };
}

/** A request for some of a parcel's pieces; what is pinned of the whole parcel no longer holds. */
export function ofPart(request: PlanRequest, part: readonly number[]): PlanRequest {
  if (part.length === request.pieceIds.length) return request;
  const { method, without } = request.locks;
  return {
    ...request,
    pieceIds: part.map((at) => request.pieceIds[at]!),
    locks: { ...(method ? { method } : {}), ...(without ? { without } : {}) },
  };
}

const summed = (parts: readonly (readonly number[])[], plans: readonly PlanOption[]): Boxes => {
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

/** Ways to split a parcel in two; parts go with the whole they come off only where somebody splits them. */
export function waysToSplit(request: PlanRequest): number[][][] {
  const facts = piecesOf(request);
  const count = facts.length;
  const all = facts.map((_, at) => at);
  const split = (inFirst: (at: number) => boolean) => [all.filter(inFirst), all.filter((at) => !inFirst(at))];
  if (count <= MOST_SPLIT)
    // the first piece stays in the first box, so that each split is met once
    return Array.from({ length: 2 ** (count - 1) - 1 }, (_, set) => split((at) => at === 0 || (set & (1 << (at - 1))) !== 0));
  const half = (of: (at: number) => number) => {
    const byIt = [...all].sort((a, b) => of(b) - of(a) || a - b);
    const heavy = new Set<number>();
    let sum = 0;
    const whole = all.reduce((total, at) => total + of(at), 0);
    for (const at of byIt) if (sum < whole / 2) [sum] = [sum + of(at), heavy.add(at)];
    return split((at) => heavy.has(at));
  };
  const found = [
    ...all.map((one) => split((at) => at !== one)),
    half((at) => (facts[at]!.weightLb ?? 0) * facts[at]!.count),
    half((at) => (facts[at]!.replacementMinor ?? 0) * facts[at]!.count),
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
function splitAgain(request: PlanRequest, parts: readonly (readonly number[])[]): number[][][] {
  const largest = parts.reduce((most, part) => (part.length > most.length ? part : most));
  if (largest.length === 1) return [];
  const rest = parts.filter((part) => part !== largest).map((part) => [...part]);
  return waysToSplit(ofPart(request, largest)).map((ways) => [...rest, ...ways.map((part) => part.map((at) => largest[at]!))]);
}
