import { certificateFor } from '../../engineering/board/certificate.ts';
import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import { dropHeightAtG } from '../../engineering/cushion/dropHeight.ts';
import {
  breaksWithin,
  chanceHigherThan,
  DROP_SPREAD,
  dropsPerJourney,
  FACE_CHANCES,
  medianDropIn,
} from '../../engineering/journey/dropHeights.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import { HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import type { Quote } from '../../engineering/tariff/Quote.ts';
import { hasOwnWall } from '../box/boxed.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Gaps, LyingBundle, Shell } from '../box/StowedBox.ts';
import { piecesIn } from '../box/stowInBox.ts';
import { countOf } from '../box/waysToStand.ts';
import { driftedGaps } from '../fill/effectiveGaps.ts';
import { fillAt } from '../fill/fillPlaces.ts';
import { layersOn, pieceFaceAt, type LayersOn } from '../fill/faceLayers.ts';
import { contactOfOne, knockOfOne, type Touching } from './touching.ts';
import type { FilledBox, Struck } from '../fill/FilledBox.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { bendsOf } from '../item/bends.ts';
import { worthSharesOf } from '../item/worthOfAll.ts';
import { stiffSides } from '../wrap/stiffSides.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { amongAlike, amongBundles, anyOf, causesWith, either, joinedHappenings, together, type Cause, type Happening } from './causes.ts';
import { crushHarm, overloadChance, PER_EARLIER_USE } from './crushChance.ts';

/** What of a carriage the other causes depend on. */
export type Way = Pick<Quote, 'zone' | 'handlingFactor' | 'crushFactor'>;

/** All judgement. Stress on the board at which a corner may come through, and how unsure that is. */
const PUNCH = { psi: { single: 200, double: 350 }, boardSpread: 0.25, chance: 0.1, behindWall: 0.2, bareFace: 0.5 };
const BEND = { bare: 0.2, oneCard: 0.02, twoCards: 0.004, inBox: 0.2 };
const CREASE = { unstiffened: 0.05, nearCorner: 0.03, nearIn: 0.5 };
/** Burst beyond the certificate; at an untaped side seam, and by soft or loose fill in a single wall, of a heavy parcel. */
const BURST = { uncertified: 0.05, openSeam: 0.01, softFill: 0.01, heavyLb: 20 };
const MISHAP = { chance: 0.001, walled: 0.0005 };
const NICK = { chance: 0.12, coverIn: 0.45, spreadIn: 0.15, behindCard: 0.05 };
const SCUFF = { touchy: 0.15, polished: 0.02 };
const WET = { open: 0.02, closed: 0.002 };
/** The least a mishap can be, however a piece is packed. */
export const LEAST_MISHAP = MISHAP.walled;

/** What no packing meets: wheels, water, theft of care; a second wall or an inner box spares half of it. */
export const mishapChance = ({ liner, box }: Pick<Shell, 'liner' | 'box'>, inner: unknown): number =>
  inner || liner || box.board.wall === 'double' ? MISHAP.walled : MISHAP.chance;

/** What happens to each of several that are alike. */
export const alike = (wrapped: WrappedItem, causes: readonly Cause[]): Cause[] =>
  amongAlike(causes, countOf(wrapped), wrapped.piece.goesWhole);

/**
 * Every way but shock in which the parcel may fail, each with its chance, whichever way it goes; causes that cannot
 * happen are left out.
 *
 * Source: judgement, but for compression strength (McKee), certificates (rule 41) and the heights of drops, which
 * follow ISTA 1A; that 70 lb may fall on a parcel is common practice, no source.
 */
export function quietCauses(weighed: WeighedParcel, house: House, layers: LayersOn = layersOn(weighed.filled)): (way: Way) => Happening {
  const { filled } = weighed;
  const { stowed, effectiveGaps } = filled;
  const { bundles, inner, shell } = stowed;
  const worthShares = worthSharesOf(piecesIn(stowed));
  const harmOf = bundles.map(({ wrapped }) => wrapped.piece.archetype.harm);
  const crushed = bundles.map((_, at) => crushedOf(stowed, effectiveGaps.top, at));
  const drifted = driftedGaps(effectiveGaps);
  const punched = bundles.map((_, at) => punchHeights(filled, effectiveGaps, at, layers));
  const punchedDrifted = filled.driftChance > 0 ? bundles.map((_, at) => punchHeights(filled, drifted, at, layers)) : punched;
  const mixed = (still: number, moved: () => number) =>
    filled.driftChance > 0 ? (1 - filled.driftChance) * still + filled.driftChance * moved() : still;
  const mishap = mishapChance(shell, inner);
  const burst = burstChance(weighed, house);
  const fixed = joinedHappenings([
    amongBundles(
      bundles.map(({ wrapped }) => alike(wrapped, causesWith([['bend', bendChance(wrapped, shell)]]))),
      worthShares,
    ),
    together(
      'burst',
      burst,
      bundles.map(() => burst),
      worthShares,
    ),
    together(
      'mishap',
      mishap * anyOf(harmOf.map((harm) => harm.mishap)),
      harmOf.map((harm) => mishap * harm.mishap),
      worthShares,
    ),
    amongBundles(
      bundles.map((bundle) => alike(bundle.wrapped, causesWith([['crease', creaseChance(filled, bundle)]]))),
      worthShares,
    ),
    amongBundles(
      bundles.map(({ wrapped }) => alike(wrapped, bundleCauses(wrapped, house))),
      worthShares,
    ),
  ]);
  const behind = bundles.map((_, at) =>
    isEnvelope(shell.box) ? 0 : shell.liner || inner || hasOwnWall(stowed, at) ? PUNCH.behindWall : 1,
  );
  const touched = byNumber((drops) =>
    bundles.map((_, at) => ({
      contact: contactOfOne(stowed, at, effectiveGaps, filled.driftChance, drops),
      knock: knockOfOne(stowed, at, drops),
    })),
  );
  return (way) => {
    const drops = dropsPerJourney(way.zone);
    const medianIn = medianDropIn(weighed.grossLb, way.handlingFactor);
    const some = (chance: number) => breaksWithin(drops, chance);
    const punch = (heights: readonly PunchedAt[]) =>
      PUNCH.chance * some(heights.reduce((sum, { chance, heightIn }) => sum + chance * punchedFrom(heightIn, medianIn), 0));
    const overload = overloadChance(shell, inner, way.crushFactor, filled.filledToRim);
    return joinedHappenings([
      together(
        'crush',
        anyOf(crushed) * overload,
        crushed.map((harm) => harm * overload),
        worthShares,
      ),
      amongBundles(
        touched(drops).map(({ contact, knock }, at) =>
          causesWith([
            ['contact', contact],
            ['knock', knock],
            ['punch', behind[at]! * harmOf[at]!.punch * mixed(punch(punched[at]!), () => punch(punchedDrifted[at]!))],
          ]),
        ),
        worthShares,
      ),
      fixed,
    ]);
  };
}

/** Something worked out once for each number. */
function byNumber<Value>(work: (key: number) => Value): (key: number) => Value {
  const known = new Map<number, Value>();
  return (key) => {
    let value = known.get(key);
    if (value === undefined) known.set(key, (value = work(key)));
    return value;
  };
}

/** Share of overloads that harm one of the bundles. */
export function crushedOf(held: Touching, topIn: number, at: number): number {
  const { bundles, resting, inner } = held;
  const { wrapped, orientation } = bundles[at]!;
  const coverIn = wrapped.coverOnFaceIn[pieceFaceAt('top', orientation)];
  return crushHarm(wrapped.piece.archetype.harm.crush, inner !== null || hasOwnWall(held, at), topIn + resting.top.emptyIn[at]!, coverIn);
}

/** The causes that lie in the bundle alone, whatever box it goes into. */
function bundleCauses(wrapped: WrappedItem, house: House): Cause[] {
  const { piece, layers } = wrapped;
  const { facts } = piece;
  const has = (...roles: readonly string[]) => layers.some((layer) => roles.includes(layer.stock.role));
  const slender = facts.hardPoints.some((point) => HARD_POINTS[point.kind].slender && !point.guard);
  const touchy = facts.finish === 'rubsOff' || facts.finish === 'uncured';
  const strongTape = layers.some((layer) => !layer.tape.easyOff);
  return causesWith([
    ['scuff', has('surface') ? 0 : touchy ? SCUFF.touchy : facts.finish === 'polished' ? SCUFF.polished : 0],
    ['nick', nickChance(wrapped)],
    ['wet', facts.dampSensitive ? (has('barrier', 'skin') ? WET.closed : WET.open) : 0],
    ['inside', facts.movingParts === 'shifting' ? 0.1 : 0],
    ['opening', strongTape && !house.openingNote ? 0.003 : 0],
    ['overTight', has('skin') && slender ? 0.02 : 0],
  ]);
}

/** True when gross weight and united inches stay within what the board is certified for; envelopes bear no certificate. */
export const certificateHolds = ({ filled, grossLb }: WeighedParcel): boolean => grossLb <= certifiedLb(filled.stowed.shell);

/**
 * Gross weight a shell is certified for, of a used box what is left of it; 0 where its united inches are too many, no limit for an
 * envelope.
 */
export function certifiedLb({ box, outsideIn }: Shell): number {
  if (box.style !== 'slotted') return Infinity;
  const certificate = certificateFor(box.board.edgeCrushLbPerIn, box.board.wall);
  const unitedIn = outsideIn[0] + outsideIn[1] + outsideIn[2];
  return certificate !== null && unitedIn <= certificate.maxUnitedIn ? certificate.maxGrossLb * PER_EARLIER_USE ** box.earlierUses : 0;
}

function burstChance(weighed: WeighedParcel, { seams }: House): number {
  const { filled, grossLb } = weighed;
  const { box } = filled.stowed.shell;
  if (isEnvelope(box)) return 0;
  const heavy = grossLb > BURST.heavyLb;
  const fill = filled.fill && cushionOf(fillAt(filled.fill, filled.fillApart, 'bottom'));
  const soft = fill !== null && (fill.sinks || fill.deflates) && box.board.wall === 'single';
  return either(
    certificateHolds(weighed) ? 0 : BURST.uncertified,
    heavy && seams === 'skin' ? BURST.openSeam : 0,
    heavy && soft ? BURST.softFill : 0,
  );
}

/** A face and the drop at which a corner may come through it; null where nothing lies between. */
interface PunchedAt {
  readonly chance: number;
  readonly heightIn: number | null;
}

/** The drop, face by face, at which the outermost area presses as hard as the board stands. */
function punchHeights(filled: FilledBox, gaps: Gaps, at: number, layersOf: LayersOn): PunchedAt[] {
  const { bundles, resting } = filled.stowed;
  const { weightLb } = bundles[at]!.wrapped.piece;
  const psi = PUNCH.psi[filled.stowed.shell.box.board.wall];
  return (Object.entries(FACE_CHANCES) as [Struck, number][])
    .filter(([face]) => resting[face].on[at]!.length === 0)
    .map(([face, chance]) => {
      const heights = bundles[at]!.layout.columns[face].filter(({ beyond }) => beyond === 0).map((column) => {
        const layers = layersOf(face, gaps, at, column);
        const outermost = layers.findLast(({ thicknessIn }) => thicknessIn > 0);
        return outermost ? dropHeightAtG(layers, weightLb, (psi * outermost.areaIn2) / weightLb) : null;
      });
      // one drop strikes all: the one that comes through first decides
      return { chance, heightIn: heights.reduce((least, one) => (least === null || one === null ? null : Math.min(least, one))) };
    });
}

const punchedFrom = (heightIn: number | null, medianIn: number): number =>
  heightIn === null ? PUNCH.bareFace : chanceHigherThan(heightIn, medianIn, Math.hypot(DROP_SPREAD, PUNCH.boardSpread));

/** Something thin and brittle bends until it breaks, less with card on its faces, and less in a box. */
const bendChance = (wrapped: WrappedItem, { box }: Shell): number => leastBend(wrapped) * (isEnvelope(box) ? 1 / BEND.inBox : 1);

/** The same in a box, where it is least, whichever that is. */
function leastBend({ piece, layers }: WrappedItem): number {
  if (bendsOf(piece) !== 'breaks') return 0;
  const cards = stiffSides(layers);
  return (cards === 0 ? BEND.bare : cards === 1 ? BEND.oneCard : BEND.twoCards) * BEND.inBox;
}

/** What happens to a bundle at least, whatever it goes into. */
export const leastCauses = (wrapped: WrappedItem, house: House): Cause[] => [
  ...causesWith([['bend', leastBend(wrapped)]]),
  ...bundleCauses(wrapped, house),
];

/** Paper is creased where nothing stiff holds it flat, and at corners near a wall. */
function creaseChance({ stowed, effectiveGaps: gaps }: FilledBox, { wrapped }: LyingBundle): number {
  if (bendsOf(wrapped.piece) !== 'creases') return 0;
  const stiff = stowed.shell.box.style === 'stiffened' || stiffSides(wrapped.layers) === 2;
  const nearIn = Math.min(gaps.left, gaps.right, gaps.front, gaps.back);
  return either(stiff ? 0 : CREASE.unstiffened, nearIn < CREASE.nearIn ? CREASE.nearCorner : 0);
}

/** A fine face is nicked through thin cover; a card over it stops nearly all of that. */
const nickChance = ({ piece, coverOnFaceIn }: WrappedItem): number =>
  either(
    ...piece.facts.hardPoints
      .filter(({ kind }) => kind === 'machinedFace')
      .map(
        ({ face, guard }) =>
          NICK.chance * normalCdf((NICK.coverIn - coverOnFaceIn[face]) / NICK.spreadIn) * (guard === 'cardFace' ? NICK.behindCard : 1),
      ),
  );
