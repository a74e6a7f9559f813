import { fillRound } from '../fill/boxedFill.ts';
import { boxesTaking } from '../box/boxed.ts';
import { piecesIn } from '../box/stowInBox.ts';
import { waysToStand } from '../box/waysToStand.ts';
import { breakingChance } from '../frontier/causes.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { worthSharesOf } from '../item/worthOfAll.ts';
import { recommend, type Recommendation } from '../frontier/recommend.ts';
import type { BoxedChoice, WrappedItem, Wraps } from '../wrap/WrappedItem.ts';
import type { Deriver } from './derivePlan.ts';
import type { NoPlan } from './explainNoPlan.ts';
import { inBox, largerBoxes, stoodAs } from './inBox.ts';
import { bundleLocks, piecesOf, withBoxed, type PlanRequest } from './PlanRequest.ts';
import { soundOptions } from './soundOptions.ts';
import { boxesOf, fillsOf } from './stockFor.ts';

/** Bundles that are tried in a box of their own, boxes for each, outer boxes round that, and ways of standing in it; judgement. */
const MOST = { bundles: 2, boxes: 2, outer: 3, pinnedOuter: 8, ways: 2 };

/** True where more than one bundle goes into the parcel: one alone has the inner box. */
export const isSeveral = (request: PlanRequest): boolean => {
  const [first, ...others] = piecesOf(request);
  return others.length > 0 || first.count > 1;
};

const pinnedOf = (request: PlanRequest): { at: number; boxed: BoxedChoice }[] =>
  piecesOf(request).flatMap((_, at) => {
    const { boxed } = bundleLocks(request.locks, at);
    return boxed ? [{ at, boxed }] : [];
  });

/** Why there is no nest with the boxes of their own that somebody has pinned. */
export const noOwnBox = (request: PlanRequest): NoPlan => {
  const names = pinnedOf(request).map(({ at }) => piecesOf(request)[at]!.title);
  return {
    kind: 'noPlan',
    reasons: [
      `${names.join(' and ')}: not in ${names.length === 1 ? 'that box of its own' : 'those boxes of their own'}, with any box on hand round it`,
    ],
    wouldHelp: ['a larger box for it, a turn less, or no box of its own'],
  };
};

/** True where somebody has pinned a box of its own for a bundle. */
export const pinsOwnBox = (request: PlanRequest): boolean => pinnedOf(request).length > 0;

/**
 * The bundles of a nest in boxes of their own beside the others: those that somebody pinned; and, where the house has boxes in boxes
 * and it comes out better, those whose piece came in a box and those most at risk where nothing keeps below the ceiling. The search
 * itself leaves them without, since such a box is what stands in the outer one.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 * @returns null where one is pinned and nothing takes it
 */
export function boxThem(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation | null {
  const pinned = pinnedOf(request);
  if (pinned.length === 0 && !isSeveral(request)) return found;
  const { house } = request;
  const sound = soundOptions(request, derive);
  let best = found;
  if (pinned.length > 0) {
    const asPinned = pinned.reduce((choice, { at, boxed }) => withBoxed(choice, at, boxed), found.option.choice);
    const put = recommend(
      stoodIn(request, asPinned, found.option, derive, MOST.pinnedOuter).flatMap((one) => sound(one) ?? []),
      ceiling,
      house,
    );
    if (!put) return null;
    best = put;
  }
  if (!isSeveral(request) || !house.innerBoxes || best.option.choice.inner) return best;
  for (const at of worthABox(request, best)) {
    const { option } = best;
    const { wrapped } = option.rated.weighed.filled.stowed.bundles[at]!;
    if (wrapped.boxed) continue;
    const options = ownBoxesFor(request, option.choice, wrapped, MOST.boxes).flatMap((boxed) =>
      stoodIn(request, withBoxed(option.choice, at, boxed), option, derive, MOST.outer).flatMap((one) => sound(one) ?? []),
    );
    best = recommend([best.option, ...options], ceiling, house)!;
  }
  return best;
}

/** Boxes a wrapped bundle may have for itself, its piece's own first, then so many of the smallest, each with a fill that goes round it. */
export const ownBoxesFor = (
  { stock, house, locks }: PlanRequest,
  { fill: inHand }: PlanChoice,
  wrapped: WrappedItem,
  most: number,
): BoxedChoice[] =>
  boxesTaking(wrapped, boxesOf({ stock, cards: [], locks }).boxes, house, most).flatMap((box) => {
    const fill = fillRound(box, wrapped.bundleIn, wrapped.coverIn, fillsOf(stock, house, locks, undefined), inHand);
    return fill ? [{ box: box.key, fill: fill.key }] : [];
  });

/**
 * Which bundles a box of their own may be worth it for: those whose piece has one and, where nothing keeps below the ceiling, those
 * at most risk; else wraps do the same for less. None that somebody pinned without.
 */
function worthABox(request: PlanRequest, { option: { bundleCauses, rated }, aboveCeiling }: Recommendation): number[] {
  const { bundles } = rated.weighed.filled.stowed;
  const shares = worthSharesOf(piecesIn({ bundles }));
  const risk = (at: number) => breakingChance(bundleCauses[at]!, request.house.kappa.value) * shares[at]!;
  const free = bundles.map((_, at) => at).filter((at) => bundleLocks(request.locks, at).boxed === undefined);
  const most = [...free].sort((a, b) => risk(b) - risk(a)).slice(0, MOST.bundles);
  return [...new Set([...(aboveCeiling ? most : []), ...free.filter((at) => bundles[at]!.wrapped.piece.facts.ownBoxIn)])];
}

/** A choice whose bundles have grown, in its own box and the next larger ones, standing as they did and in the closest ways. */
export function stoodIn(request: PlanRequest, choice: PlanChoice, { rated }: PlanOption, derive: Deriver, mostOuter: number): PlanChoice[] {
  const larger = request.locks.box ? [] : largerBoxes(request, rated.weighed.filled.stowed.shell.box, mostOuter);
  const stood = [choice, ...stoodOtherwise(request, choice, derive)];
  return stood.flatMap((one) => [one, ...larger.flatMap((box) => inBox(one, box, request))]);
}

/** The same bundles standing in the closest ways; of one kind alone as its grid fits best. */
function stoodOtherwise({ locks }: PlanRequest, choice: PlanChoice, derive: Deriver): PlanChoice[] {
  const weighed = choice.others && locks.stand === undefined ? derive.weighed(choice) : null;
  if (!weighed) return [];
  const wraps = weighed.filled.stowed.bundles.map(({ wrapped }) => wrapped) as unknown as Wraps;
  return waysToStand(wraps, locks, MOST.ways).map((way) => stoodAs(choice, way));
}
