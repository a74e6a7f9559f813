import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { BoxStock } from '../../engineering/materials/stock.ts';
import { formatLength, formatSize, type UnitSystem } from '../../units/index.ts';
import { leastGap } from '../box/gapsAround.ts';
import { bedding, beddingNeeded, gapsIn, heldBare, stow } from '../box/stowInBox.ts';
import type { Wraps } from '../wrap/WrappedItem.ts';
import { wholeShell, isEnvelope } from '../box/makeShell.ts';
import { roomInside } from '../box/roomInside.ts';
import { whyNot } from '../box/whyNot.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { leastRoomIn } from '../fill/leastRoom.ts';
import { certificateHolds } from '../frontier/quietCauses.ts';
import { everyHeld, fillFinder, shellFinder, type PlanSpace } from '../frontier/PlanSpace.ts';
import { rateParcel } from '../rate/rateParcel.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import type { PieceFacts } from '../sale/Order.ts';
import type { PlanRequest } from './PlanRequest.ts';

/** Why nothing will do, nearest miss first, and what would make it possible. */
export interface NoPlan {
  readonly kind: 'noPlan';
  readonly reasons: readonly string[];
  readonly wouldHelp: readonly string[];
  /** Inside of a box that would do, with the bedding the house wishes; left out where a box would not help. */
  readonly wantedIn?: Triple;
  /** There is a nest, and nobody to carry it. */
  readonly onlyCarriage?: true;
}

const none = (reasons: string[], wouldHelp: string[]): NoPlan => ({ kind: 'noPlan', reasons, wouldHelp });

/** Why a space holds no plan at all. */
export function explainNoPlan({ stock, house, locks, units }: PlanRequest, space: PlanSpace): NoPlan {
  const coverOf = (wraps: Wraps) => wraps.reduce((sum, { coverIn }) => sum + coverIn, 0);
  const smallest = space.wraps.reduce<Wraps | null>((least, one) => (!least || coverOf(one) < coverOf(least) ? one : least), null);
  if (!smallest) {
    const some = (is: (facts: PieceFacts) => boolean) => space.pieces.some(({ facts }) => is(facts));
    const feels = space.pieces.flatMap(({ archetype: { feel }, facts }) =>
      feel ? [facts.hardPoints.length > 0 ? feel.pointIn : feel.edgeIn] : [],
    );
    return none(
      ['no way of wrapping passes the feel test with what is in the stockroom'],
      [
        ...(feels.length > 0 ? [`bubble enough for ${formatLength(Math.max(...feels), units)} of cover all round`] : []),
        ...(some(({ dampSensitive }) => dampSensitive) && !stock.wraps.some((wrap) => wrap.role === 'barrier') ? ['a damp bag'] : []),
        ...(some(({ finish }) => finish === 'rubsOff' || finish === 'uncured') ? ['tissue or thin foam for the first layer'] : []),
      ],
    );
  }
  const shellsOf = shellFinder(space);
  let uncertified = false;
  let unfilled = false;
  const fills = fillFinder(space);
  for (const held of everyHeld(space)) {
    const shell = shellsOf(held).at(-1);
    if (!shell) continue;
    const [fill, innerFill] = [fills.outer(held, shell)[0], fills.inner(held)[0]];
    if (fill === undefined || innerFill === undefined) {
      unfilled = true;
      continue;
    }
    const weighed = weighParcel(fillVoids(stow(held, shell), fill, innerFill, house), stock, house);
    if (!certificateHolds(weighed)) {
      uncertified = true;
      continue;
    }
    const refused = rateParcel(weighed, space.carriages).refused(units);
    return {
      ...none(
        ['no service carries it', ...refused.map((one) => `${one.serviceName}: ${one.refused}`)],
        space.carriages.length === 0 ? ['a rate card with a service that goes there'] : ['a service that carries it, or two parcels'],
      ),
      onlyCarriage: true,
    };
  }
  if (uncertified) return none(['no box that fits is certified for the weight'], ['a box of stronger board']);
  if (unfilled) return none(['no fill in the stockroom goes into the gaps'], ['any fill the house trusts']);
  const all = whyNot(smallest, space.room.boxes, house, null, units).sort((a, b) => a.shortIn - b.shortIn);
  // that an envelope does not hold what is not flat is no near miss
  const boxes = all.filter(({ box }) => !isEnvelope(box));
  // whoever has chosen a box asks after that one
  const chosen = all.filter(({ box }) => box.key === locks.box);
  const misses = chosen.length > 0 ? chosen : boxes.length > 0 ? boxes : all;
  const first = chosen.length > 0 ? 'the box that is chosen does not hold it' : 'no box on hand holds it';
  const { wantedIn, helps } = boxWanted(smallest, space, locks.box, units);
  const lying = boxLying(smallest, space, locks.box);
  return {
    ...none(
      [first, ...misses.slice(0, 3).map(({ box, reason }) => `${box.name}: ${reason}`)],
      [...(lying ? [`laying ${smallest.length > 1 ? 'them' : 'it'} down, if that may be: then ${lying.name} would do`] : []), ...helps],
    ),
    wantedIn,
  };
}

/** The smallest box on hand that holds them if none of them had to keep its way up; null where none has to, or none holds them so. */
function boxLying(smallest: Wraps, { room, house }: PlanSpace, pinned: string | undefined): BoxStock | null {
  if (!smallest.some(({ piece }) => piece.facts.keepUpright)) return null;
  const lying = smallest.map((one) => ({
    ...one,
    piece: { ...one.piece, facts: { ...one.piece.facts, keepUpright: false } },
  })) as unknown as Wraps;
  const boxes = room.boxes.filter((box) => pinned === undefined || box.key === pinned);
  const refused = new Set(whyNot(lying, boxes, house).map(({ box }) => box));
  const holding = boxes.filter((box) => !refused.has(box));
  return holding.reduce<BoxStock | null>((least, box) => (least === null || roomInside(box) < roomInside(least) ? box : least), null);
}

/** The least box that would do, and the bedding with which one on hand would. */
function boxWanted(
  smallest: Wraps,
  { room, house, fills }: PlanSpace,
  pinned: string | undefined,
  units?: UnitSystem,
): { wantedIn: Triple; helps: string[] } {
  const held = heldBare(smallest)[0]!;
  const wishIn = bedding(house, held);
  // round what goes straight into its box there is room for the thinnest fill, and a size is read off a rule to the sixteenth
  const leastIn = Math.max(wishIn, beddingNeeded(house, held), fills.length > 0 ? Math.min(...fills.map(leastRoomIn)) : 0);
  const roundIt = (roomIn: number) => held.heldIn.map((side) => Math.ceil((side + 2 * roomIn) * 16 - 1e-6) / 16) as unknown as Triple;
  // a case may go in snugly; what is in it comes better out of the bedding anything else would have
  const canBreak = smallest.some(({ piece }) => piece.archetype.fragility !== null);
  const goodIn = canBreak ? Math.max(leastIn, house.leastGapIn) : leastIn;
  const wantedIn = roundIt(goodIn);
  const nearest = room.boxes
    .filter((box) => box.onHand > 0 && !isEnvelope(box) && (pinned === undefined || box.key === pinned))
    .flatMap((box) => heldBare(smallest).map((one) => ({ box, gapIn: leastGap(gapsIn(one, wholeShell(box))) })))
    .filter(({ gapIn }) => gapIn >= 0)
    .sort((a, b) => b.gapIn - a.gapIn)[0];
  const helps = [
    `a box of at least ${formatSize(roundIt(leastIn), units)} inside${goodIn > leastIn ? `, better ${formatSize(wantedIn, units)}, ${formatLength(goodIn, units)} wider all round` : ''}`,
    ...(nearest && nearest.gapIn < wishIn
      ? [`${formatLength(nearest.gapIn, units)} of bedding instead of ${formatLength(wishIn, units)}: then ${nearest.box.name} would do`]
      : []),
    ...(pinned === undefined ? [] : ['letting go of the pinned box']),
  ];
  return { wantedIn, helps };
}
