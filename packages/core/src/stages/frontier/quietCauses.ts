import { certificateFor } from '../../engineering/board/certificate.ts';
import { compressionStrengthLbf } from '../../engineering/board/compressionStrength.ts';
import { dropHeightAtG } from '../../engineering/cushion/dropHeight.ts';
import { designDropIn } from '../../engineering/journey/dropSchedule.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import { HARD_POINTS } from '../../engineering/pieces/hardPoints.ts';
import type { House } from '../../house/House.ts';
import { faceLayers } from '../fill/faceLayers.ts';
import type { FilledBox } from '../fill/FilledBox.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { HARD_POINT_COVER_IN } from '../wrap/feelTest.ts';
import type { Cause, CauseKey } from './PlanOption.ts';

/** All judgement: share of the value lost, by cause, where it is not the whole. */
const PARTLY_LOST: Partial<Record<CauseKey, number>> = { wet: 0.5, scuff: 0.3, bend: 0.3 };
const CRUSH = {
  spread: 0.6,
  p95Lbf: 175,
  fullTopIn2: 192,
  humidity: 0.7,
  handling: 0.8,
  perUse: 0.75,
  fillPsi: 0.3,
  harm: 0.1,
  harmThinTop: 0.5,
  thinTopIn: 0.75,
};
const P95_Z = 1.6448536269514722;
const PUNCTURE_PSI = { single: 150, double: 300 };
const CONTACT = { spreadIn: 0.2, chance: 0.02 };

/**
 * Every way but shock in which the parcel may fail, each with its chance; causes that cannot happen are
 * left out.
 *
 * Source: judgement, but for compression strength (McKee), certificates (rule 41) and the design drop
 * (ISTA 1A); that 70 lb may fall on a parcel is common practice, no source.
 */
export function quietCauses(weighed: WeighedParcel, house: House): Cause[] {
  const { filled } = weighed;
  const { wrapped } = filled.stowed;
  const { piece, layers } = wrapped;
  const { facts } = piece;
  const surfaced = layers.some((layer) => layer.stock.role === 'surface');
  const bagged = layers.some((layer) => layer.stock.role === 'barrier');
  const filmed = layers.some((layer) => layer.stock.role === 'skin');
  const slender = facts.hardPoints.some((point) => HARD_POINTS[point.kind].slender && !point.guard);
  const touchy = facts.finish === 'rubsOff' || facts.finish === 'uncured';
  const chances: [CauseKey, number][] = [
    ['crush', crushChance(filled)],
    ['contact', contactChance(filled)],
    ['punch', punchesThrough(weighed) ? 0.3 : 0],
    ['bend', piece.archetype.flat ? bendChance(filled) : 0],
    ['scuff', surfaced ? 0 : touchy ? 0.15 : facts.finish === 'polished' ? 0.02 : 0],
    ['wet', facts.dampSensitive ? (bagged ? 0.002 : 0.02) : 0],
    ['burst', certificateHolds(weighed) ? 0 : 0.05],
    ['inside', facts.movingParts === 'shifting' ? 0.1 : 0],
    ['opening', !weighed.innerTapeEasyOff && !house.openingNote ? 0.003 : 0],
    ['overTight', filmed && slender ? 0.02 : 0],
  ];
  return chances.filter(([, chance]) => chance > 0).map(([key, chance]) => ({ key, chance, shareLost: PARTLY_LOST[key] ?? 1 }));
}

/** True when gross weight and united inches stay within what the board is certified for. */
export function certificateHolds({ filled, grossLb }: WeighedParcel): boolean {
  const { box, outsideIn } = filled.stowed;
  const certificate = certificateFor(box.board.edgeCrushLbPerIn, box.board.wall);
  return certificate !== null && grossLb <= certificate.maxGrossLb && outsideIn[0] + outsideIn[1] + outsideIn[2] <= certificate.maxUnitedIn;
}

function crushChance({ stowed, effectiveGaps }: FilledBox): number {
  const { box, outsideIn, wrapped } = stowed;
  const topIn2 = outsideIn[0] * outsideIn[1];
  const medianLbf = (CRUSH.p95Lbf * Math.min(1, topIn2 / CRUSH.fullTopIn2)) / Math.exp(P95_Z * CRUSH.spread);
  const board = compressionStrengthLbf(box.board.edgeCrushLbPerIn, box.board.caliperIn, 2 * (outsideIn[0] + outsideIn[1]));
  const resistLbf =
    board * CRUSH.humidity * CRUSH.handling * CRUSH.perUse ** box.earlierUses + CRUSH.fillPsi * box.insideIn[0] * box.insideIn[1];
  const harm = wrapped.piece.archetype.flat ? 1 : effectiveGaps.top < CRUSH.thinTopIn ? CRUSH.harmThinTop : CRUSH.harm;
  return harm * normalCdf(-Math.log(resistLbf / medianLbf) / CRUSH.spread);
}

function contactChance({ stowed }: FilledBox): number {
  const { piece, coverIn } = stowed.wrapped;
  const bare = piece.facts.hardPoints.filter((point) => point.guard === null);
  const each = CONTACT.chance * normalCdf((HARD_POINT_COVER_IN - coverIn) / CONTACT.spreadIn);
  return 1 - (1 - each) ** bare.length;
}

/** The board gives way when the force it may bear stops a fall lower than the design drop. */
function punchesThrough({ filled, grossLb }: WeighedParcel): boolean {
  const layers = faceLayers(filled, 'bottom');
  const outermost = layers.at(-1);
  const { weightLb } = filled.stowed.wrapped.piece;
  if (!outermost) return false;
  const forceLbf = PUNCTURE_PSI[filled.stowed.box.board.wall] * outermost.areaIn2;
  return dropHeightAtG(layers, weightLb, forceLbf / weightLb) < designDropIn(grossLb);
}

function bendChance({ effectiveGaps: gaps }: FilledBox): number {
  const corner = Math.min(gaps.left, gaps.right, gaps.front, gaps.back) < 0.5 ? 0.03 : 0;
  return 1 - (1 - 0.05) * (1 - corner);
}
