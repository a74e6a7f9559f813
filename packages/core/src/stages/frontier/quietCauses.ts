import { certificateFor } from '../../engineering/board/certificate.ts';
import { dropHeightAtG } from '../../engineering/cushion/dropHeight.ts';
import { designDropIn } from '../../engineering/journey/dropSchedule.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import { HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import type { Shell } from '../box/StowedBox.ts';
import { faceLayers } from '../fill/faceLayers.ts';
import type { FilledBox } from '../fill/FilledBox.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { HARD_POINT_COVER_IN } from '../wrap/feelTest.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';
import { crushHarm, overloadChance } from './crushChance.ts';
import { SHARE_LOST, type Cause, type CauseKey } from './causes.ts';

const PUNCTURE_PSI = { single: 150, double: 300 };
const PUNCHED = 0.3;
const CONTACT = { spreadIn: 0.2, chance: 0.02 };
const BEND = { unstiffened: 0.05, nearCorner: 0.03, nearIn: 0.5 };
/** Burst beyond the certificate, and at an untaped side seam of a heavy parcel. */
const BURST = { uncertified: 0.05, openSeam: 0.01, heavyLb: 20 };

/**
 * Every way but shock in which the parcel may fail, each with its chance; causes that cannot happen are
 * left out.
 *
 * Source: judgement, but for compression strength (McKee), certificates (rule 41) and the design drop
 * (ISTA 1A); that 70 lb may fall on a parcel is common practice, no source.
 */
export function quietCauses(weighed: WeighedParcel, house: House): Cause[] {
  const { filled } = weighed;
  const { stowed, effectiveGaps } = filled;
  const { flat } = stowed.wrapped.piece.archetype;
  return [
    ...causes([
      ['crush', crushHarm(flat, effectiveGaps.top) * overloadChance(stowed.shell)],
      ['punch', stowed.shell.box.style === 'slotted' && punchesThrough(weighed) ? PUNCHED : 0],
      ['bend', flat ? bendChance(filled) : 0],
      ['burst', burstChance(weighed, house)],
    ]),
    ...bundleCauses(stowed.wrapped, house),
  ];
}

/** The causes that lie in the bundle alone, whatever box it goes into. */
export function bundleCauses(wrapped: WrappedItem, house: House): Cause[] {
  const { piece, layers } = wrapped;
  const { facts } = piece;
  const has = (role: string) => layers.some((layer) => layer.stock.role === role);
  const slender = facts.hardPoints.some((point) => HARD_POINTS[point.kind].slender && !point.guard);
  const touchy = facts.finish === 'rubsOff' || facts.finish === 'uncured';
  const strongTape = layers.some((layer) => !layer.tape.easyOff);
  return causes([
    ['contact', contactChance(wrapped)],
    ['scuff', has('surface') ? 0 : touchy ? 0.15 : facts.finish === 'polished' ? 0.02 : 0],
    ['wet', facts.dampSensitive ? (has('barrier') ? 0.002 : 0.02) : 0],
    ['inside', facts.movingParts === 'shifting' ? 0.1 : 0],
    ['opening', strongTape && !house.openingNote ? 0.003 : 0],
    ['overTight', has('skin') && slender ? 0.02 : 0],
  ]);
}

const causes = (chances: readonly (readonly [CauseKey, number])[]): Cause[] =>
  chances.filter(([, chance]) => chance > 0).map(([key, chance]) => ({ key, chance, shareLost: SHARE_LOST[key] }));

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
  const openSeam = weighed.filled.stowed.shell.box.style === 'slotted' && seams === 'skin' && weighed.grossLb > BURST.heavyLb;
  return 1 - (1 - (certificateHolds(weighed) ? 0 : BURST.uncertified)) * (1 - (openSeam ? BURST.openSeam : 0));
}

function contactChance({ piece, coverOnFaceIn }: WrappedItem): number {
  const spared = piece.facts.hardPoints
    .filter((point) => point.guard === null)
    .reduce((none, { face }) => none * (1 - CONTACT.chance * normalCdf((HARD_POINT_COVER_IN - coverOnFaceIn[face]) / CONTACT.spreadIn)), 1);
  return 1 - spared;
}

/** The board gives way when the force it may bear stops a fall lower than the design drop. */
function punchesThrough({ filled, grossLb }: WeighedParcel): boolean {
  const layers = faceLayers(filled, 'bottom');
  const outermost = layers.at(-1);
  const { weightLb } = filled.stowed.wrapped.piece;
  if (!outermost) return false;
  const forceLbf = PUNCTURE_PSI[filled.stowed.shell.box.board.wall] * outermost.areaIn2;
  return dropHeightAtG(layers, weightLb, forceLbf / weightLb) < designDropIn(grossLb);
}

/** A stiffened envelope, or a box with something stiff on both sides, does not bend. */
function bendChance({ stowed, effectiveGaps: gaps }: FilledBox): number {
  const stiff = stowed.shell.box.style === 'stiffened';
  const corner = Math.min(gaps.left, gaps.right, gaps.front, gaps.back) < BEND.nearIn ? BEND.nearCorner : 0;
  return 1 - (1 - (stiff ? 0 : BEND.unstiffened)) * (1 - corner);
}
