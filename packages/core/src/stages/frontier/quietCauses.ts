import { certificateFor } from '../../engineering/board/certificate.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
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
import { GUARDS, HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import type { Quote } from '../../engineering/tariff/Quote.ts';
import { isEnvelope } from '../box/makeShell.ts';
import type { Gaps, Shell, StowedBox } from '../box/StowedBox.ts';
import { countOf } from '../box/stowInBox.ts';
import { boxFaceOf } from '../box/boxFaceOf.ts';
import { driftedGaps } from '../fill/effectiveGaps.ts';
import { FACE_AXES, faceLayers, pieceFaceAt } from '../fill/faceLayers.ts';
import type { FilledBox, Struck } from '../fill/FilledBox.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { amongAlike, causesWith, either, type Cause } from './causes.ts';
import { crushHarm, overloadChance } from './crushChance.ts';

/** What of a carriage the other causes depend on. */
export type Way = Pick<Quote, 'zone' | 'handlingFactor' | 'crushFactor'>;

/** All judgement. Stress on the board at which a corner may come through, and how unsure that is. */
const PUNCH = { psi: { single: 200, double: 350 }, boardSpread: 0.25, chance: 0.1, behindWall: 0.2, bareFace: 0.5 };
const CONTACT = { gapIn: 0.5, gapSpreadIn: 0.15, coverIn: 0.7, coverSpreadIn: 0.2, chance: 0.06, inInnerBox: 0.2 };
const BEND = { thinGlassIn: 0.5, thinIn: 1.1, slender: 15, bare: 0.2, oneCard: 0.02, twoCards: 0.004, inBox: 0.2 };
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

/**
 * Every way but shock in which the parcel may fail, each with its chance, whichever way it goes; causes that cannot
 * happen are left out.
 *
 * Source: judgement, but for compression strength (McKee), certificates (rule 41) and the heights of drops, which
 * follow ISTA 1A; that 70 lb may fall on a parcel is common practice, no source.
 */
export function quietCauses(weighed: WeighedParcel, house: House): (way: Way) => Cause[] {
  const { filled } = weighed;
  const { stowed, effectiveGaps } = filled;
  const { wrapped, inner, shell } = stowed;
  const { harm } = wrapped.piece.archetype;
  const topCoverIn = wrapped.coverOnFaceIn[pieceFaceAt('top', stowed.orientation)];
  const crushed = crushHarm(harm.crush, inner !== null, effectiveGaps.top, topCoverIn);
  const punched = punchHeights(filled, effectiveGaps);
  const drifted = driftedGaps(effectiveGaps);
  const punchedDrifted = filled.driftChance > 0 ? punchHeights(filled, drifted) : punched;
  const mixed = (still: number, moved: () => number) =>
    filled.driftChance > 0 ? (1 - filled.driftChance) * still + filled.driftChance * moved() : still;
  const count = countOf(wrapped);
  const fixed = [
    ...amongAlike(causesWith([['bend', bendChance(stowed.wrapped, shell)]]), count),
    ...causesWith([
      ['burst', burstChance(weighed, house)],
      ['mishap', mishapChance(shell, inner) * harm.mishap],
    ]),
    ...amongAlike(causesWith([['crease', creaseChance(filled)]]), count),
    ...amongAlike(bundleCauses(wrapped, house), count),
  ];
  return (way) => {
    const drops = dropsPerJourney(way.zone);
    const medianIn = medianDropIn(weighed.grossLb, way.handlingFactor);
    const some = (chance: number) => breaksWithin(drops, chance);
    const punch = (heights: readonly PunchedAt[]) =>
      PUNCH.chance * some(heights.reduce((sum, { chance, heightIn }) => sum + chance * punchedFrom(heightIn, medianIn), 0));
    const behind = shell.liner || inner ? PUNCH.behindWall : 1;
    return [
      ...causesWith([
        ['crush', crushed * overloadChance(shell, inner, way.crushFactor, filled.filledToRim)],
        ['contact', mixedContact(stowed, effectiveGaps, filled.driftChance, drops)],
        ['knock', knockChance(stowed, drops)],
        ['punch', isEnvelope(shell.box) ? 0 : behind * harm.punch * mixed(punch(punched), () => punch(punchedDrifted))],
      ]),
      ...fixed,
    ];
  };
}

/** The causes that lie in the bundle alone, whatever box it goes into. */
export function bundleCauses(wrapped: WrappedItem, house: House): Cause[] {
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

/** Gross weight a shell is certified for; 0 where its united inches are too many, no limit for an envelope. */
export function certifiedLb({ box, outsideIn }: Shell): number {
  if (box.style !== 'slotted') return Infinity;
  const certificate = certificateFor(box.board.edgeCrushLbPerIn, box.board.wall);
  const unitedIn = outsideIn[0] + outsideIn[1] + outsideIn[2];
  return certificate !== null && unitedIn <= certificate.maxUnitedIn ? certificate.maxGrossLb : 0;
}

function burstChance(weighed: WeighedParcel, { seams }: House): number {
  const { filled, grossLb } = weighed;
  const { box } = filled.stowed.shell;
  if (isEnvelope(box)) return 0;
  const heavy = grossLb > BURST.heavyLb;
  const fill = filled.fill && CUSHION_MATERIALS[filled.fill.cushion];
  const soft = fill !== null && (fill.sinks || fill.deflates) && box.board.wall === 'single';
  return either(
    certificateHolds(weighed) ? 0 : BURST.uncertified,
    heavy && seams === 'skin' ? BURST.openSeam : 0,
    heavy && soft ? BURST.softFill : 0,
  );
}

/** What contact depends on besides the gaps. */
type Touching = Pick<StowedBox, 'wrapped' | 'orientation' | 'inner' | 'layout' | 'bundleIn'>;

/** Chance that a hard point is touched on a journey of so many drops, drifted or not. */
export function mixedContact(held: Touching, gaps: Gaps, drift: number, drops: number): number {
  if (held.wrapped.piece.facts.hardPoints.length === 0) return 0;
  const some = (chance: number) => breaksWithin(drops, chance);
  const still = contactChance(held, gaps, some);
  return drift > 0 ? (1 - drift) * still + drift * contactChance(held, driftedGaps(gaps), some) : still;
}

/**
 * A hard point meets the wall, or what is beyond it, where the gap before it is used up and its cover is thin.
 *
 * @param some chance that of the drops of a journey at least one comes true
 */
function contactChance({ wrapped, orientation, inner, layout, bundleIn }: Touching, gaps: Gaps, some: (chance: number) => number): number {
  const { facts, archetype } = wrapped.piece;
  return either(
    ...facts.hardPoints
      .filter(({ kind }) => HARD_POINTS[kind].touches)
      .flatMap((point) => {
        const face = boxFaceOf(point, orientation);
        const coverIn = wrapped.coverOnFaceIn[point.face] + (point.guard ? GUARDS[point.guard].thicknessIn : 0);
        const thin = normalCdf((CONTACT.coverIn - coverIn) / CONTACT.coverSpreadIn);
        // what has another before it knocks against that instead
        return layout.columns[face]
          .filter(({ beyond }) => beyond === 0)
          .map(({ places, empty }) => {
            const gapIn = gaps[face] + empty * bundleIn[FACE_AXES[face][0]];
            const used = normalCdf((CONTACT.gapIn - gapIn) / CONTACT.gapSpreadIn);
            const one = some(FACE_CHANCES[face]) * used * thin * CONTACT.chance * (inner ? CONTACT.inInnerBox : 1) * archetype.harm.contact;
            return amongPlaces(one, places);
          });
      }),
  );
}

/** That something comes true at one at least of so many places. */
const amongPlaces = (chance: number, places: number): number => (places === 1 ? chance : breaksWithin(places, chance));

/** Pieces that meet bare, against a wall's chance where the cover between them is used up; judgement. */
const BARE_KNOCK = { chance: 0.2, coverIn: 0.02 };
const ACROSS = [
  ['left', 'right'],
  ['front', 'back'],
  ['bottom', 'top'],
] as const;

/**
 * Two bundles side by side, or one upon another, knock together where the cover between them is used up: as a hard point
 * meets a wall, with the cover of both in its place and no gap; bare against bare a fifth of the times they are thrown
 * together.
 */
export function knockChance({ wrapped, orientation, inner, layout }: Touching, drops: number): number {
  const { archetype } = wrapped.piece;
  if (layout.count === 1 || archetype.fragility === null) return 0;
  return either(
    ...ACROSS.flatMap(([low, high], axis) => {
      const pairs = layout.pairs[axis]!;
      if (pairs === 0) return [];
      const coverOn = (face: Struck) => wrapped.coverOnFaceIn[pieceFaceAt(face, orientation)];
      const coverIn = coverOn(low) + coverOn(high);
      const thin = normalCdf((CONTACT.coverIn - coverIn) / CONTACT.coverSpreadIn) * CONTACT.chance;
      const thrown = breaksWithin(drops, FACE_CHANCES[low] + FACE_CHANCES[high]);
      const one = thrown * (coverIn <= BARE_KNOCK.coverIn ? BARE_KNOCK.chance : thin) * (inner ? CONTACT.inInnerBox : 1);
      return [amongPlaces(one * archetype.harm.contact, pairs)];
    }),
  );
}

/** A face and the drop at which a corner may come through it; null where nothing lies between. */
interface PunchedAt {
  readonly chance: number;
  readonly heightIn: number | null;
}

/** The drop, face by face, at which the outermost area presses as hard as the board stands. */
function punchHeights(filled: FilledBox, gaps: Gaps): PunchedAt[] {
  const { weightLb } = filled.stowed.wrapped.piece;
  const psi = PUNCH.psi[filled.stowed.shell.box.board.wall];
  return (Object.entries(FACE_CHANCES) as [Struck, number][]).map(([face, chance]) => {
    const heights = filled.stowed.layout.columns[face]
      .filter(({ beyond }) => beyond === 0)
      .map((column) => {
        const layers = faceLayers(filled, face, gaps, column);
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
function bendChance({ piece, layers }: WrappedItem, { box }: Shell): number {
  const { bends } = piece.archetype;
  if (bends !== 'glass' && bends !== 'brittle') return 0;
  const thinIn = Math.min(...piece.sizeIn);
  const slender = thinIn < BEND.thinIn && thinIn < Math.max(...piece.sizeIn) / BEND.slender;
  if (!slender && !(bends === 'glass' && thinIn < BEND.thinGlassIn)) return 0;
  const cards = stiffSides(layers);
  return (cards === 0 ? BEND.bare : cards === 1 ? BEND.oneCard : BEND.twoCards) * (isEnvelope(box) ? 1 : BEND.inBox);
}

/** How many sides of a flat piece have something stiff on them: a card has one, a turn of it both. */
const stiffSides = (layers: WrappedItem['layers']): number =>
  Math.min(
    2,
    layers.filter(({ stock }) => stock.stiff).reduce((sum, { turns }) => sum + 2 * turns, 0),
  );

/** Paper is creased where nothing stiff holds it flat, and at corners near a wall. */
function creaseChance({ stowed, effectiveGaps: gaps }: FilledBox): number {
  if (stowed.wrapped.piece.archetype.bends !== 'paper') return 0;
  const stiff = stowed.shell.box.style === 'stiffened' || stiffSides(stowed.wrapped.layers) === 2;
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
