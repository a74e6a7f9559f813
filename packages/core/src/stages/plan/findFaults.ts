import { tooShallowForMcKee } from '../../engineering/board/compressionStrength.ts';
import { standSideBySide, STANDING_RULES, wishesOf, type StandingRule } from '../../engineering/stowage/standingRules.ts';
import type { House } from '../../house/House.ts';
import type { BoxStock, FillStock } from '../../engineering/materials/stock.ts';
import { gapsToFill } from '../box/core.ts';
import { isEnvelope } from '../box/makeShell.ts';
import { boxesWithin, gapsWithin } from '../box/boxed.ts';
import { neighboursIn } from '../box/apartWanted.ts';
import { OWN_BOX } from '../box/ownBox.ts';
import { bedding } from '../box/stowInBox.ts';
import { whyNotWithin } from '../box/hosts.ts';
import { togetherWith } from '../box/metWithin.ts';
import { fillAt } from '../fill/fillPlaces.ts';
import { emptyGap, leastRoomIn } from '../fill/leastRoom.ts';
import type { Gaps, LyingBundle, StowedBox } from '../box/StowedBox.ts';
import { liesAsRuled } from '../box/orientationsOf.ts';
import { countedTitle } from '../sale/countedTitle.ts';
import { leastCoverIn } from '../frontier/PlanSpace.ts';
import { certificateHolds } from '../frontier/quietCauses.ts';
import { sharedMassRatio } from '../fill/sharedFill.ts';
import { HEAVY_INNER_RATIO, innerMassRatio, ownBoxMassRatio } from '../frontier/shockJourney.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { isThin, partNotFollowed } from '../wrap/feelTest.ts';
import type { PlanOption } from '../frontier/PlanOption.ts';
import type { PlanFault, TightBox } from './PlanDocument.ts';

/** What is wrong with a plan, the blocking faults first: its nest, and the service it is to go by. */
export const faultsOf = ({ weighed, refused, lacking }: RatedParcel, house: House, faults = findFaults(weighed, house)): PlanFault[] => {
  if (refused) return [{ kind: 'noService', blocks: true, serviceName: refused.serviceName, why: refused.refused }, ...faults];
  if (!lacking) return faults;
  const first = faults.filter(({ blocks }) => blocks);
  return [...first, { kind: 'byHand', blocks: false, ...lacking }, ...faults.slice(first.length)];
};

/** What of a nest must be mended before it is sealed, as few words each, none twice; who carries it is another matter. */
export const blockingFaults = ({ rated }: Pick<PlanOption, 'rated'>, house: House): string[] => [
  ...new Set(findFaults(rated.weighed, house).flatMap((fault) => (fault.blocks ? [blockedWords(fault)] : []))),
];

const blockedWords = (fault: PlanFault): string =>
  fault.kind === 'feel' ? `${fault.where} would still be felt through the wrap` : BLOCKED[fault.kind];

/** A new fault says here what it is, or does not compile. */
const BLOCKED: Readonly<Record<Exclude<PlanFault['kind'], 'feel'>, string>> = {
  tooSmall: 'it does not go into that box',
  noService: 'no service takes it',
  byHand: 'its price is agreed by hand',
  bareTogether: 'bare pieces would share a wrap',
  gap: 'less bedding than the house demands',
  hollowGap: 'nothing goes into one of the gaps',
  certificate: 'the box is not certified for the weight',
  softFirstLayer: 'the finish rubs off without tissue or foam',
  dampBarrier: 'it suffers from damp without a bag or film',
  largeFirst: 'large bubble does not follow a part',
  thin: 'it is thinly wrapped',
  apart: 'two bundles stand nearer than the house wishes',
  misplaced: 'a piece does not stand where it is wanted',
  notWithin: 'a piece does not stand in the one it is to stand in',
  notBeside: 'a piece does not stand next to the one it is wanted next to',
  heavyInner: 'the inner box is heavy',
  shallow: 'the box is shallow',
  noneLeft: 'none is left of that box',
};

/** What is wrong with a nest, the blocking faults first, what the house merely wishes last. */
export function findFaults(weighed: WeighedParcel, house: House): PlanFault[] {
  const { filled } = weighed;
  const { stowed } = filled;
  const { bundles } = stowed;
  const small = tooSmall(stowed);
  if (small) return [small];
  const each = bundles.map((bundle) => [...faultsOfBundle(bundle.wrapped, house), ...faultsOfOwnBox(bundle, house)]);
  // of several it is said which
  const named =
    bundles.length === 1
      ? each.flat()
      : each.flatMap((some, at) => some.map((fault) => ({ ...fault, of: countedTitle(bundles[at]!.wrapped.piece.facts) })));
  const coverIn = leastCoverIn(stowed);
  const faults: PlanFault[] = [
    ...named.filter(({ blocks }) => blocks),
    ...(filled.fill
      ? hollowGap(gapsToFill(stowed), (face) => fillAt(filled.fill!, filled.fillApart, face), stowed.inner ? 0 : coverIn)
      : []),
    ...(stowed.inner && filled.innerFill ? hollowGap(stowed.inner.gaps, () => filled.innerFill!, coverIn) : []),
    ...(isEnvelope(stowed.shell.box) ? [] : thinGaps(gapsToFill(stowed), bedding(house, stowed), house.strictGaps)),
    ...(stowed.inner ? thinGaps(stowed.inner.gaps, house.snugGapIn, house.strictGaps) : []),
    ...faultsOfShared(stowed, house),
    ...(certificateHolds(weighed) ? [] : [{ kind: 'certificate', blocks: true } as const]),
    ...named.filter(({ blocks }) => !blocks),
    ...misplaced(stowed),
    ...notWithin(stowed),
    ...notBeside(stowed),
    ...tooNear(stowed, house),
    ...(innerMassRatio(filled) > HEAVY_INNER_RATIO ? [{ kind: 'heavyInner', blocks: false } as const] : []),
    ...(!isEnvelope(stowed.shell.box) && tooShallowForMcKee(stowed.shell.outsideIn) ? [{ kind: 'shallow', blocks: false } as const] : []),
    ...(areOnHand([{ box: stowed.shell.box, times: 1 }, ...boxesWithin(stowed)]) ? [] : [{ kind: 'noneLeft', blocks: false } as const]),
  ];
  return [...faults].sort((a, b) => rankOf(a) - rankOf(b));
}

/** What is wrong with one bundle, whatever it goes into. */
function faultsOfBundle(wrapped: WrappedItem, house: House): PlanFault[] {
  const part = partNotFollowed(wrapped.piece, wrapped.layers);
  return [
    ...wrapped.missing.map((kind): PlanFault => ({ kind, blocks: true })),
    ...bareTogether(wrapped),
    ...wrapped.feelFaults.map((fault): PlanFault => ({ kind: 'feel', blocks: true, ...fault })),
    ...(isThin(wrapped.piece, wrapped.growsIn) ? [{ kind: 'thin', blocks: false, growsIn: wrapped.growsIn } as const] : []),
    ...(part !== null && house.bubble !== 'largeOnly' ? [{ kind: 'largeFirst', blocks: false, part } as const] : []),
  ];
}

/** How often the wraps of what stands together leave something to be wished for that does not block: the search takes none that do. */
export const countWrapCautions = ({ bundles }: Pick<StowedBox, 'bundles'>, house: House): number =>
  bundles.reduce((sum, { wrapped }) => sum + faultsOfBundle(wrapped, house).filter(({ blocks }) => !blocks).length, 0);

/** What is wrong with the box a bundle has for itself. */
function faultsOfOwnBox(bundle: LyingBundle, house: House): PlanFault[] {
  const { boxed, coverIn } = bundle.wrapped;
  const gaps = gapsWithin(bundle);
  if (!boxed || !gaps) return [];
  return [
    ...hollowGap(gaps, () => boxed.fill, coverIn),
    ...thinGaps(gaps, house.snugGapIn, house.strictGaps),
    ...(ownBoxMassRatio(bundle) > HEAVY_INNER_RATIO ? [{ kind: 'heavyInner', blocks: false } as const] : []),
  ];
}

/** What is wrong with the box that some bundles share. */
function faultsOfShared({ shared, bundles }: StowedBox, house: House): PlanFault[] {
  if (!shared) return [];
  const members = shared.of.map((at) => bundles[at]!);
  const faults: PlanFault[] = [
    ...hollowGap(shared.gaps, () => shared.fill, leastCoverIn({ bundles: members })),
    ...thinGaps(shared.gaps, house.snugGapIn, house.strictGaps),
    ...(sharedMassRatio({ shared, bundles }, shared.of[0]!) > HEAVY_INNER_RATIO ? [{ kind: 'heavyInner', blocks: false } as const] : []),
  ];
  return faults.map((fault) => ({ ...fault, of: titlesOf(members) }));
}

const titlesOf = (bundles: readonly LyingBundle[]): string => bundles.map(({ wrapped }) => countedTitle(wrapped.piece.facts)).join(' and ');

/** What blocks stands first, a mere wish of the house last. */
const rankOf = ({ blocks, kind }: PlanFault): number => (blocks ? 0 : kind === 'gap' ? 2 : 1);

/** Bare pieces that can break never share a wrap. Common practice, no source. */
function bareTogether({ interleaved, piece: { archetype, stacks } }: WrappedItem): PlanFault[] {
  const together = stacks[0]!;
  return together > 1 && interleaved === null && archetype.fragility !== null && !archetype.cased
    ? [{ kind: 'bareTogether', blocks: true, together }]
    : [];
}

/** Pieces that do not lie as somebody wants them, or not where among the others. */
const misplaced = ({ bundles, resting }: StowedBox): PlanFault[] =>
  bundles.flatMap(({ wrapped: { piece }, orientation }, at): PlanFault[] => {
    const kept = (rule: StandingRule) =>
      (bundles.length === 1 || STANDING_RULES[rule].holds(resting, at)) &&
      liesAsRuled({ ...piece.facts, standing: rule }, orientation, piece.sizeIn);
    return wishesOf(piece.facts.standing)
      .filter((rule) => !kept(rule))
      .map((rule) => ({ kind: 'misplaced', blocks: false, rule, of: countedTitle(piece.facts) }));
  });

/** Pieces that stand beside the one they are to stand in. */
function notWithin({ bundles, shared, around }: StowedBox): PlanFault[] {
  const wraps = bundles.map(({ wrapped }) => wrapped);
  const titleOf = (id: string) => countedTitle(wraps.find(({ piece }) => piece.facts.id === id)!.piece.facts);
  return wraps.flatMap(({ piece: { facts } }, at) => {
    const why = facts.within && whyNotWithin(wraps, at, shared?.of ?? around?.some?.of);
    return why ? [{ kind: 'notWithin', blocks: false, of: countedTitle(facts), other: titleOf(facts.within.pieceId), ...why }] : [];
  });
}

/** Pieces that do not stand next to the one they are wanted next to, where that is in the parcel. */
function notBeside({ bundles, resting }: StowedBox): PlanFault[] {
  const facts = bundles.map(({ wrapped }) => wrapped.piece.facts);
  return facts.flatMap((piece, at) => {
    const other = piece.beside === null ? -1 : facts.findIndex(({ id }) => id === piece.beside);
    const [ours, theirs] = [togetherWith(bundles, at), other < 0 ? [] : togetherWith(bundles, other)];
    if (other < 0 || ours.includes(other)) return [];
    const meets = ours.some((one) => theirs.some((next) => standSideBySide(resting, one, next) || standSideBySide(resting, next, one)));
    return meets ? [] : [{ kind: 'notBeside', blocks: false, of: countedTitle(piece), other: countedTitle(facts[other]!) }];
  });
}

/** Bundles that stand nearer to one another than the house wishes: a caution with its price, unless the house is strict. */
const tooNear = (stowed: StowedBox, house: House): PlanFault[] =>
  neighboursIn(stowed, house)
    .filter(({ apartIn, wantedIn }) => apartIn < wantedIn - 1e-9)
    .map(({ pair, apartIn, wantedIn }) => {
      const [one, other] = pair.map((at) => countedTitle(stowed.bundles[at]!.wrapped.piece.facts)) as [string, string];
      return { kind: 'apart', blocks: house.strictGaps, one, other, apartIn, wantedIn };
    });

/** True where there is each box as often as it is wanted; a piece's own box is there. */
const areOnHand = (wanted: readonly { readonly box: BoxStock; readonly times: number }[]): boolean =>
  wanted
    .filter(({ box }) => box.key !== OWN_BOX)
    .every(({ box }) => wanted.reduce((sum, one) => sum + (one.box.key === box.key ? one.times : 0), 0) <= box.onHand);

/** A gap into which the fill does not go, so that it holds nothing. */
function hollowGap(gaps: Gaps, fillOf: (face: keyof Gaps) => FillStock, coverIn: number): PlanFault[] {
  const empty = emptyGap(gaps, fillOf, coverIn);
  if (!empty) return [];
  const fill = fillOf(empty.face);
  return [{ kind: 'hollowGap', blocks: true, ...empty, fillName: fill.name, wantedIn: leastRoomIn(fill) }];
}

/** The narrowest gap that is below what the house wishes, if any: a caution with its price, unless the house is strict. */
function thinGaps(gaps: Gaps, wantedIn: number, blocks: boolean): PlanFault[] {
  const [face, gapIn] = (Object.entries(gaps) as [keyof Gaps, number][]).reduce((least, one) => (one[1] < least[1] - 1e-9 ? one : least));
  return gapIn < wantedIn - 1e-9 ? [{ kind: 'gap', blocks, face, gapIn, wantedIn }] : [];
}

const SIDES = [
  ['long', 'left', 'right'],
  ['wide', 'front', 'back'],
  ['deep', 'bottom', 'top'],
] as const;

/** The side on which what is held goes least into its box, where it does not go in at all. */
function tooSmall({ gaps, inner, bundles, shared }: StowedBox): PlanFault | null {
  const short = (of: Gaps, box: TightBox) =>
    SIDES.map(([side, one, other]) => ({ kind: 'tooSmall', blocks: true, box, side, shortIn: -(of[one] + of[other]) }) as const).filter(
      (fault) => fault.shortIn > 1e-9,
    );
  const own = bundles.flatMap((bundle) => {
    const within = gapsWithin(bundle);
    return within ? short(within, 'own').map((fault) => ({ ...fault, of: countedTitle(bundle.wrapped.piece.facts) })) : [];
  });
  const sleeved = bundles.flatMap(({ wrapped: { layers, piece } }) =>
    layers.flatMap(({ spareIn = [] }) =>
      spareIn.flatMap((spare, at) =>
        spare < -1e-9
          ? {
              kind: 'tooSmall' as const,
              blocks: true as const,
              box: 'sleeve' as const,
              side: SIDES[at]![0],
              shortIn: -spare,
              of: countedTitle(piece.facts),
            }
          : [],
      ),
    ),
  );
  const some = shared ? short(shared.gaps, 'shared').map((fault) => ({ ...fault, of: titlesOf(shared.of.map((at) => bundles[at]!)) })) : [];
  const all = [...own, ...sleeved, ...some, ...(inner ? short(inner.gaps, 'inner') : []), ...short(gaps, 'box')];
  return all.sort((a, b) => b.shortIn - a.shortIn)[0] ?? null;
}
