import { takesOne, mayHoldOne } from '../box/boxed.ts';
import type { SharedChoice } from '../box/SharedChoice.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { membersOf, type Stand } from '../../engineering/stowage/Stand.ts';
import { sizeTogether } from '../../engineering/stowage/standsFor.ts';
import { fillRound } from '../fill/boxedFill.ts';
import { leastCoverIn } from '../frontier/PlanSpace.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { recommend, type Recommendation } from '../frontier/recommend.ts';
import { stoodIn } from './boxThem.ts';
import type { ChangeKind } from './ChangeKind.ts';
import { deriver } from './derivePlan.ts';
import type { NoPlan } from './explainNoPlan.ts';
import { inBox, largerBoxes } from './inBox.ts';
import { piecesOf, type PlanRequest } from './PlanRequest.ts';
import { soundOptions } from './soundOptions.ts';
import { boxesOf, fillsOf } from './stockFor.ts';

/** Outer boxes that are tried round what somebody pinned, and groups that are looked at for a box of theirs; judgement. */
const MOST = { pinnedOuter: 8, groups: 4 };

/** Why there is no nest with the box that somebody wants some to share. */
export const noShared = (request: PlanRequest): NoPlan => {
  const names = request.locks.shared!.of.flatMap((at) => piecesOf(request)[at]?.title ?? []);
  return {
    kind: 'noPlan',
    reasons: [`${names.join(' and ')}: not in that box together, with any box on hand round it`],
    wouldHelp: ['a larger box for them, a turn less, or no box that they share'],
  };
};

/**
 * A nest of which somebody wants some bundles in one box: so, in its own outer box and the next larger ones, standing as they do and
 * in the closest ways; the nest itself where nobody does. The search itself leaves them without, since such a box is what stands in
 * the outer one.
 *
 * @param ceiling chance above which a nest is recommended only where none is below it
 * @returns null where it is wanted and nothing takes it
 */
export function shareThem(request: PlanRequest, found: Recommendation, ceiling: number): Recommendation | null {
  const { shared } = request.locks;
  if (!shared) return found;
  const derive = deriver(request);
  const sound = soundOptions(request, derive);
  const choice = { ...found.option.choice, shared, baseGapIn: null };
  return recommend(
    stoodIn(request, choice, found.option, derive, MOST.pinnedOuter).flatMap((one) => sound(one) ?? []),
    ceiling,
    request.house,
  );
}

/** Some bundles out of the box they share, or, where the house has boxes in boxes, those that stand together into the smallest that takes them. */
export function* shareChanges(
  request: PlanRequest,
  choice: PlanChoice,
  now: PlanOption,
  mostLarger: number,
): Generator<{ readonly change: ChangeKind; readonly after: PlanChoice }> {
  const { house, stock, cards } = request;
  const { stowed } = now.rated.weighed.filled;
  if (choice.shared)
    yield { change: { kind: 'shared', of: choice.shared.of, own: null }, after: { ...choice, shared: null, baseGapIn: null } };
  else if (house.innerBoxes && !choice.inner && !choice.around?.of && !isEnvelope(stowed.shell.box))
    for (const of of groupsIn(stowed.stand).slice(0, MOST.groups)) {
      const shared = boxFor(request, choice, now, of);
      if (!shared) continue;
      const change = { kind: 'shared', of, own: shared.box } as const;
      const after = { ...choice, shared, baseGapIn: null };
      yield { change, after };
      for (const box of largerBoxes(request, stowed.shell.box, mostLarger))
        for (const one of inBox(after, box, { stock, cards })) yield { change: { ...change, box: box.key }, after: one };
    }
}

/** Parts of a stand that hold some of the bundles and not all, the largest first: every such part, and neighbours in a row. */
function groupsIn(stand: Stand): number[][] {
  const all = membersOf(stand).length;
  const found = new Map<string, number[]>();
  const add = (of: number[]) => {
    if (of.length > 1 && of.length < all)
      found.set(
        [...of].sort((a, b) => a - b).join(),
        [...of].sort((a, b) => a - b),
      );
  };
  const walk = (part: Stand): void => {
    add(membersOf(part));
    if (typeof part === 'number') return;
    part.parts.forEach((one, at) => {
      walk(one);
      const next = part.parts[at + 1];
      if (next !== undefined) add([...membersOf(one), ...membersOf(next)]);
    });
  };
  walk(stand);
  return [...found.values()].sort((a, b) => b.length - a.length);
}

/** The smallest box that takes some bundles as they stand, with a fill that goes round them; null where none does. */
function boxFor(
  { stock, house, locks }: PlanRequest,
  { fill: inHand }: PlanChoice,
  { rated }: PlanOption,
  of: readonly number[],
): SharedChoice | null {
  const { bundles, stand } = rated.weighed.filled.stowed;
  const withinIn = sizeTogether(
    stand,
    of,
    bundles.map(({ sizeIn }) => sizeIn),
  );
  const volumeOf = ({ insideIn: [l, w, d] }: (typeof stock.boxes)[number]) => l * w * d;
  const [box] = boxesOf({ stock, cards: [], locks })
    .boxes.filter((one) => mayHoldOne(one) && one.onHand > 0 && takesOne(one, withinIn, house.snugGapIn))
    .sort((a, b) => volumeOf(a) - volumeOf(b));
  const fill =
    box &&
    fillRound(box, withinIn, leastCoverIn({ bundles: of.map((at) => bundles[at]!) }), fillsOf(stock, house, locks, undefined), inHand);
  return box && fill ? { of, box: box.key, fill: fill.key } : null;
}
