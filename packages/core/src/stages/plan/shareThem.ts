import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { membersOf, type Stand } from '../../engineering/stowage/Stand.ts';
import { stoodAmong } from '../../engineering/stowage/standsFor.ts';
import { roomInside } from '../box/roomInside.ts';
import { takesOne, takesUpright } from '../box/boxed.ts';
import { isCore } from '../box/core.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { mayHoldSome, whyNotShared } from '../box/shared.ts';
import type { SharedChoice } from '../box/SharedChoice.ts';
import type { StowedBox } from '../box/StowedBox.ts';
import { countOf } from '../box/waysToStand.ts';
import { waysInCore, waysToShare, type WayToShare } from '../box/waysToShare.ts';
import { fillRound } from '../fill/boxedFill.ts';
import { leastCoverIn } from '../frontier/PlanSpace.ts';
import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { recommend, type Recommendation } from '../frontier/recommend.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { stoodIn } from './boxThem.ts';
import type { ChangeKind } from './ChangeKind.ts';
import { deriver, type Deriver } from './derivePlan.ts';
import type { NoPlan } from './explainNoPlan.ts';
import { inBox, largerBoxes, standingBest } from './inBox.ts';
import { bundleChoice, piecesOf, withBundle, type PlanRequest } from './PlanRequest.ts';
import { soundOptions } from './soundOptions.ts';
import { boxesOf, fillsOf } from './stockFor.ts';

/**
 * Outer boxes that are tried round what somebody pinned; groups that are looked at for a box of theirs; ways in which hands and pins
 * have them stand in it, and in which a change does; judgement.
 */
const MOST = { pinnedOuter: 8, groups: 4, ways: 4, waysTried: 1 };

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
export function shareThem(request: PlanRequest, found: Recommendation, ceiling: number, derive: Deriver): Recommendation | null {
  const { shared } = request.locks;
  if (!shared) return found;
  const sound = soundOptions(request, derive);
  const { choice, rated } = found.option;
  const sharing = sharingIn(sharings(request, choice, rated.weighed.filled.stowed, shared.of), ({ key }) => key === shared.box);
  const ways = sharing ? sharing.ways(MOST.ways) : [choice];
  return recommend(
    ways
      .map((way) => ({ ...way, shared, baseGapIn: null }))
      .flatMap((way) => stoodIn(request, way, found.option, derive, MOST.pinnedOuter))
      .flatMap((one) => sound(one) ?? []),
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
    for (const of of groupsIn(
      stowed.stand,
      stowed.bundles.map(({ wrapped }) => countOf(wrapped)),
    ).slice(0, MOST.groups)) {
      const sharing = sharingIn(sharings(request, choice, stowed, of), (box) => !isCore(box));
      if (!sharing) continue;
      const change = { kind: 'shared', of, own: sharing.box.key } as const;
      for (const after of sharing.ways(MOST.waysTried)) {
        yield { change, after };
        for (const box of largerBoxes(request, stowed.shell.box, mostLarger))
          for (const one of inBox(after, box, { stock, cards })) yield { change: { ...change, box: box.key }, after: one };
      }
    }
}

/**
 * Parts of a stand that hold some of the bundles and not all, the most bundles first: every such part, neighbours in a row, and those
 * that are alike.
 *
 * @param counts how many are alike, by their place
 */
function groupsIn(stand: Stand, counts: readonly number[]): number[][] {
  const all = membersOf(stand).length;
  const holds = (of: readonly number[]) => of.reduce((sum, at) => sum + counts[at]!, 0);
  const found = new Map<string, number[]>();
  const add = (of: number[]) => {
    const inOrder = [...of].sort((a, b) => a - b);
    if (holds(of) > 1 && of.length < all) found.set(inOrder.join(), inOrder);
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
  return [...found.values()].sort((a, b) => holds(b) - holds(a));
}

/** A box that some of a nest's bundles may share, and how they stand in it, with a fill that goes round them. */
interface Sharing {
  readonly box: BoxStock;
  /** The choice with them in it, standing in the best few ways in which it takes them. */
  ways(most: number): PlanChoice[];
}

/** Every box that takes some bundles in one of the ways in which they may stand, the smallest first, then tubes as cores. */
function* sharings({ stock, house, locks }: PlanRequest, choice: PlanChoice, stowed: StowedBox, of: readonly number[]): Generator<Sharing> {
  const { bundles, stand, shell } = stowed;
  const wraps = bundles.map(({ wrapped }) => wrapped) as unknown as Wraps;
  const sizes = bundles.map(({ sizeIn }) => sizeIn);
  const ways = waysToShare(wraps, of, locks);
  const fills = fillsOf(stock, house, locks, undefined);
  const coverIn = leastCoverIn({ bundles: of.map((at) => bundles[at]!) });
  const counts = wraps.map(countOf);
  const boxes = [...boxesOf({ stock, cards: [], locks: {} }).boxes, ...stock.boxes.filter(isCore)]
    .filter((box) => mayHoldSome(box) && box.onHand > 0 && whyNotShared({ of }, counts, isCore(box)) === null)
    .sort((a, b) => Number(isCore(a)) - Number(isCore(b)) || roomInside(a) - roomInside(b));
  for (const box of boxes) {
    const taken = ways.filter(({ sizeIn }) => takesOne(box, sizeIn, house.snugGapIn));
    // its own way up where it takes them so: they are put in one after the other
    const isUpright = ({ sizeIn }: WayToShare) => takesUpright(box, sizeIn, house.snugGapIn);
    const takes = isCore(box)
      ? waysInCore(wraps, of, locks, box, shell.insideIn)
      : [...taken.filter(isUpright), ...taken.filter((way) => !isUpright(way))];
    const fill = takes[0] && fillRound(box, takes[0].sizeIn, coverIn, fills, choice.shared?.fill ?? choice.fill);
    if (!fill) continue;
    const shared = { of, box: box.key, fill: fill.key };
    const put = { ...choice, shared, baseGapIn: null };
    yield { box, ways: (most) => takes.slice(0, most).map((way) => standingSo(put, of, way, stand, sizes)) };
  }
}

/** The first sharing that will do, no further looked for. */
function sharingIn(found: Iterable<Sharing>, willDo: (box: BoxStock) => boolean): Sharing | null {
  for (const sharing of found) if (willDo(sharing.box)) return sharing;
  return null;
}

/** A choice in which some bundles stand among themselves in a way. */
const standingSo = (choice: PlanChoice, of: readonly number[], way: WayToShare, stand: Stand, sizes: readonly Triple[]): PlanChoice => ({
  ...of.reduce((all, at, i) => withBundle(all, at, { ...bundleChoice(all, at), ...way.lies[i]! }), choice),
  stand: stoodAmong(stand, way.stand, sizes),
});

/** Boxes that some of a nest's bundles may share, beside the outer one. */
export function boxesShared(request: PlanRequest, choice: PlanChoice, of: readonly number[]): readonly BoxStock[] {
  const weighed = deriver(request).weighed({ ...choice, shared: null });
  return weighed
    ? [...sharings(request, choice, weighed.filled.stowed, of)].flatMap(({ box }) => (box.key === choice.box ? [] : [box]))
    : [];
}

/**
 * A choice with some of its bundles put into one box by hand, standing in it in the way that comes out best, and all of them
 * otherwise where they only go in then. Without a fill said, one that goes round them.
 */
export function takeShared(request: PlanRequest, choice: PlanChoice, wanted: Omit<SharedChoice, 'fill'> | null): PlanChoice {
  if (!wanted) return standingBest(request, [{ ...choice, shared: null, baseGapIn: null }]);
  const bare = { ...choice, ...(choice.around?.of ? { around: null } : {}) };
  const weighed = deriver(request).weighed({ ...bare, shared: null });
  const sharing = weighed && sharingIn(sharings(request, bare, weighed.filled.stowed, wanted.of), ({ key }) => key === wanted.box);
  const fill = choice.shared?.fill ?? choice.fill ?? request.stock.fills[0]?.key ?? '';
  // what does not take them is put round them all the same, and found fault with
  return standingBest(request, sharing ? sharing.ways(MOST.ways) : [{ ...bare, shared: { ...wanted, fill }, baseGapIn: null }]);
}
