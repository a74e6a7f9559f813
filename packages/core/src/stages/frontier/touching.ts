import { breaksWithin, FACE_CHANCES } from '../../engineering/journey/dropHeights.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import { nestedAxis } from '../../engineering/stowage/Block.ts';
import { FACE_AXIS, GUARDS, HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import { boxFaceOf } from '../box/boxFaceOf.ts';
import { isWound, partsThem } from '../box/around.ts';
import { hasOwnWall } from '../box/boxed.ts';
import { foldMet } from '../box/folds.ts';
import { isShared, wallParts } from '../box/shared.ts';
import { isWithin } from '../box/metWithin.ts';
import type { Gaps, StowedBox } from '../box/StowedBox.ts';
import { driftedGaps } from '../fill/effectiveGaps.ts';
import { emptyBefore, pieceFaceAt } from '../fill/faceLayers.ts';
import type { Struck } from '../fill/FilledBox.ts';
import { stackedAlong } from '../wrap/interleaved.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { anyOf, either } from './causes.ts';

// What hard points touch: a wall, or one another. All judgement.

const CONTACT = { gapIn: 0.5, gapSpreadIn: 0.15, coverIn: 0.7, coverSpreadIn: 0.2, chance: 0.06, inInnerBox: 0.2, betweenCells: 0.2 };

/** What contact depends on besides the gaps. */
export type Touching = Pick<StowedBox, 'bundles' | 'resting' | 'inner' | 'cells' | 'folds' | 'around' | 'shared'>;

/** Chance that a hard point of one of the bundles is touched on a journey of so many drops, drifted or not. */
export function contactOfOne(held: Touching, at: number, gaps: Gaps, drift: number, drops: number): number {
  if (held.bundles[at]!.wrapped.piece.facts.hardPoints.length === 0) return 0;
  const some = (chance: number) => breaksWithin(drops, chance);
  const still = contactChance(held, at, gaps, some);
  return drift > 0 ? (1 - drift) * still + drift * contactChance(held, at, driftedGaps(gaps), some) : still;
}

/**
 * A hard point meets the wall, or what is beyond it, where the gap before it is used up and its cover is thin.
 *
 * @param some chance that of the drops of a journey at least one comes true
 */
function contactChance(held: Touching, at: number, gaps: Gaps, some: (chance: number) => number): number {
  const { wrapped, orientation, layout } = held.bundles[at]!;
  const { facts, archetype } = wrapped.piece;
  const inOwnBox = hasOwnWall(held, at) ? CONTACT.inInnerBox : 1;
  return (
    1 -
    facts.hardPoints
      .filter(({ kind }) => HARD_POINTS[kind].touches)
      .flatMap((point) => {
        const face = boxFaceOf(point, orientation);
        const coverIn =
          wrapped.coverOnFaceIn[point.face] +
          (isWound(held.around, at) ? held.around!.thicknessIn : 0) +
          (point.guard ? GUARDS[point.guard].thicknessIn : 0);
        const thin = normalCdf((CONTACT.coverIn - coverIn) / CONTACT.coverSpreadIn);
        // what has another before it knocks against that instead
        if (held.resting[face].on[at]!.length > 0) return [];
        return layout.columns[face]
          .filter(({ beyond }) => beyond === 0)
          .map((column) => {
            // at its ends a core is open: what lies before the wall there is what lies in it
            const round = held.inner ?? (isShared(held.shared, at) ? held.shared : null);
            const open = round?.core && FACE_AXIS[face] === round.core.axis ? round.gaps[face] : null;
            const gapIn = gaps[face] + (open ?? 0) + emptyBefore(held, at, face, column);
            const used = normalCdf((CONTACT.gapIn - gapIn) / CONTACT.gapSpreadIn);
            const one =
              some(FACE_CHANCES[face]) *
              used *
              thin *
              CONTACT.chance *
              (open !== null && !wrapped.boxed ? 1 : held.inner ? CONTACT.inInnerBox : inOwnBox) *
              archetype.harm.contact;
            return amongPlaces(one, column.places);
          });
      })
      .reduce((none, chance) => none * (1 - chance), 1)
  );
}

/** That something comes true at one at least of so many places. */
const amongPlaces = (chance: number, places: number): number => (places === 1 ? chance : breaksWithin(places, chance));

/** Pieces that meet bare, against a wall's chance where the cover between them is used up; judgement. */
const BARE_KNOCK = { chance: 0.2, coverIn: 0.02 };
/**
 * Pieces bound in a stack do not part and strike again: what lies between them only has to keep them from grinding, and a sheet is cover
 * enough where two bundles that are thrown together want more. Judgement: of a dozen plates in foam one is lost so in some hundred parcels.
 */
const IN_STACK = { chance: 0.0005, coverIn: 0.15, coverSpreadIn: 0.05 };
const ACROSS = [
  ['left', 'right'],
  ['front', 'back'],
  ['bottom', 'top'],
] as const;

/**
 * Two bundles side by side, or one upon another, knock together where the cover between them is used up: as a hard point
 * meets a wall, with the cover of both in its place and no gap; bare against bare a fifth of the times they are thrown
 * together. A fold of wrap between them is cover too; board takes a knock as the wall of an inner box does.
 */
export const knockChance = (held: Touching, drops: number): number => anyOf(held.bundles.map((_, at) => knockOfOne(held, at, drops)));

/** What is known of bundles that stand together, in an inner box or in none: it is the same in every outer box and fill. */
const knownKnocks = new WeakMap<Touching['bundles'], { readonly of: Touching; readonly drops: number; readonly each: number[] }[]>();
const isSame = (one: Touching, other: Touching): boolean =>
  one.inner === other.inner &&
  one.cells === other.cells &&
  one.folds === other.folds &&
  one.around === other.around &&
  one.shared === other.shared;

/** True of what has something beside it: another bundle, or another piece in its own. */
export const mayKnock = ({ bundles }: Pick<Touching, 'bundles'>): boolean =>
  bundles.length > 1 || bundles[0].layout.count > 1 || pairsInStacks(bundles[0].wrapped) > 0;

/** That one of the bundles is harmed so, by one of its like or by another. */
export function knockOfOne(held: Touching, at: number, drops: number): number {
  const { bundles } = held;
  let known = knownKnocks.get(bundles);
  if (!known) knownKnocks.set(bundles, (known = []));
  let found = known.find((one) => one.drops === drops && isSame(one.of, held));
  if (!found) known.push((found = { of: held, drops, each: bundles.map((_, i) => knockBetween(held, i, drops)) }));
  return found.each[at]!;
}

/** Neighbours in the stacks of one kind of piece; none where each is wrapped by itself, or is in a case of its own. */
const pairsInStacks = ({ piece: { facts, stacks, archetype } }: WrappedItem): number => (archetype.cased ? 0 : facts.count - stacks.length);

/** That two neighbours in a stack harm one another on a journey that throws them together. */
const knockInStack = ({ interleaved }: WrappedItem): number =>
  interleaved === null
    ? BARE_KNOCK.chance
    : IN_STACK.chance * normalCdf((IN_STACK.coverIn - interleaved.thicknessIn) / IN_STACK.coverSpreadIn);

/** The faces across which stacks are stacked as they lie. */
const stackedAcross = ({ wrapped, orientation }: Touching['bundles'][0]): readonly Struck[] => ACROSS[stackedAlong(wrapped, orientation)];

function knockBetween({ bundles, resting, inner, cells, folds, around, shared }: Touching, at: number, drops: number): number {
  const { wrapped, layout } = bundles[at]!;
  const { archetype } = wrapped.piece;
  const inStacks = pairsInStacks(wrapped);
  if (!mayKnock({ bundles }) || archetype.fragility === null) return 0;
  const coverOn = (which: number, face: Struck) => bundles[which]!.wrapped.coverOnFaceIn[pieceFaceAt(face, bundles[which]!.orientation)];
  const walled = (other: number) =>
    inner !== null || wrapped.boxed !== undefined || bundles[other]!.wrapped.boxed !== undefined || wallParts(shared, at, other);
  // one that sits in another meets it whichever way the box falls
  const nested = nestedAxis(bundles[at]!.bundleIn, bundles[at]!.pitchIn);
  const thrownOn = (some: readonly Struck[]) =>
    breaksWithin(
      drops,
      some.reduce((sum, face) => sum + FACE_CHANCES[face], 0),
    );
  const knocks = (coverIn: number, pairs: number, faces: readonly Struck[], other: number, between = 1): number => {
    const thin = normalCdf((CONTACT.coverIn - coverIn) / CONTACT.coverSpreadIn) * CONTACT.chance;
    const one =
      between * thrownOn(faces) * (coverIn <= BARE_KNOCK.coverIn ? BARE_KNOCK.chance : thin) * (walled(other) ? CONTACT.inInnerBox : 1);
    return amongPlaces(one * archetype.harm.contact, pairs);
  };
  // what stands in another meets it whichever way the box falls, foot against floor and side against side
  const inOneAnother = bundles.flatMap((_, other) => {
    if (!isWithin(bundles, at, other)) return [];
    const [inner, outer] = bundles[at]!.within?.at === other ? [at, other] : [other, at];
    const [low, high] = ACROSS[bundles[inner]!.within!.axis];
    return [knocks(coverOn(inner, low) + coverOn(outer, high), 1, ACROSS.flat(), other)];
  });
  return either(
    inStacks === 0 ? 0 : amongPlaces(thrownOn(stackedAcross(bundles[at]!)) * knockInStack(wrapped) * archetype.harm.contact, inStacks),
    ...inOneAnother,
    ...ACROSS.flatMap(([low, high], axis) => {
      const pairs = layout.pairs[axis]!;
      const parted = cells ? CONTACT.betweenCells : 1;
      const alike =
        pairs === 0 ? [] : [knocks(coverOn(at, low) + coverOn(at, high), pairs, axis === nested ? ACROSS.flat() : [low, high], at, parted)];
      const others = ([low, high] as const).flatMap((face) =>
        resting[face].on[at]!.filter((next) => !isWithin(bundles, at, next.at)).map((next) =>
          knocks(
            coverOn(at, face) +
              (foldMet(folds, at, next.at)?.thicknessIn ?? 0) +
              (partsThem(around, at, next.at) ? around!.thicknessIn : 0) +
              coverOn(next.at, face === low ? high : low),
            1,
            [low, high],
            next.at,
            parted,
          ),
        ),
      );
      return [...alike, ...others];
    }),
  );
}
