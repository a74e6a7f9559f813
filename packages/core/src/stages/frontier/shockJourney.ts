import { boxTareLb } from '../../engineering/board/boxBlank.ts';
import { innerMassDivisor } from '../../engineering/cushion/fragility.ts';
import { FACE_CHANCES, dropsPerJourney, medianDropIn } from '../../engineering/journey/dropHeights.ts';
import { breaksWithin, chancePerDrop, type Journey, type StruckFace } from '../../engineering/journey/shockChance.ts';
import { normalCdf } from '../../engineering/numeric/normal.ts';
import { faceLayers } from '../fill/faceLayers.ts';
import type { FilledBox } from '../fill/FilledBox.ts';

/** Inner box and its fill over the piece's own weight; 0 without an inner box. */
export function innerMassRatio({ stowed, amounts }: FilledBox): number {
  if (!stowed.inner) return 0;
  const boxLb = boxTareLb(stowed.inner.box.insideIn, stowed.inner.box.board.lbPerFt2);
  const fillLb = amounts.length > 1 ? amounts[0]!.boughtFt3 * amounts[0]!.stock.lbPerFt3 : 0;
  return (boxLb + fillLb) / stowed.wrapped.piece.weightLb;
}

/** Above this share of the piece's weight an inner box deserves a warning. */
export const HEAVY_INNER_RATIO = 0.5;

/**
 * The way of one filled box as the shock model takes it, or null when shock does not limit the piece.
 * Opposite faces with equal gaps are merged.
 */
export function shockJourney(filled: FilledBox, grossWeightLb: number, zone: number, handlingFactor: number): Journey | null {
  const { piece } = filled.stowed.wrapped;
  if (piece.criticalG === null) return null;
  return {
    weightLb: piece.weightLb,
    grossWeightLb,
    zone,
    handlingFactor,
    criticalG: piece.criticalG / innerMassDivisor(innerMassRatio(filled)),
    spread: piece.spread,
    faces: struckFaces(filled),
  };
}

function struckFaces(filled: FilledBox): StruckFace[] {
  const { effectiveGaps: gaps } = filled;
  const face = (one: keyof typeof FACE_CHANCES, chance: number = FACE_CHANCES[one]): StruckFace => ({
    chance,
    layers: faceLayers(filled, one),
  });
  return [
    face('bottom'),
    face('top'),
    ...(gaps.front === gaps.back ? [face('front', FACE_CHANCES.front + FACE_CHANCES.back)] : [face('front'), face('back')]),
    ...(gaps.left === gaps.right ? [face('left', FACE_CHANCES.left + FACE_CHANCES.right)] : [face('left'), face('right')]),
  ];
}

const FLOOR_NODES = [-2.5, -1.25, -0.25];

/**
 * A chance that shock breakage certainly exceeds, for a tenth of the work: since a stronger piece never
 * breaks more, the integral is at least its lower sum over a few slices.
 */
export function shockFloor(journey: Journey): number {
  const drops = dropsPerJourney(journey.zone);
  const medianIn = medianDropIn(journey.grossWeightLb, journey.handlingFactor);
  let below = 0;
  let floor = 0;
  for (const z of FLOOR_NODES) {
    const upTo = normalCdf(z);
    floor += (upTo - below) * breaksWithin(drops, chancePerDrop(journey, journey.criticalG * Math.exp(journey.spread * z), medianIn));
    below = upTo;
  }
  return floor;
}
