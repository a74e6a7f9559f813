import { innerMassDivisor } from '../../engineering/cushion/fragility.ts';
import { FACE_CHANCES } from '../../engineering/journey/dropHeights.ts';
import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import type { PieceStrength } from '../../engineering/journey/oneDrop.ts';
import type { Journey, StruckFace } from '../../engineering/journey/shockChance.ts';
import type { Gaps } from '../box/StowedBox.ts';
import { countOf } from '../box/stowInBox.ts';
import { driftedGaps } from '../fill/effectiveGaps.ts';
import { faceLayers } from '../fill/faceLayers.ts';
import type { FilledBox, Struck } from '../fill/FilledBox.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';

/** Inner box and its fill over the piece's own weight; 0 without an inner box. */
export function innerMassRatio({ stowed, amounts }: FilledBox): number {
  if (!stowed.inner) return 0;
  const fillLb = amounts.filter((one) => one.where === 'inner').reduce((sum, one) => sum + one.boughtFt3 * one.stock.lbPerFt3, 0);
  return (stowed.inner.tareLb + fillLb) / (countOf(stowed.wrapped) * stowed.wrapped.piece.weightLb);
}

/** Above this share of the piece's weight an inner box deserves a warning. */
export const HEAVY_INNER_RATIO = 0.5;

/**
 * The ways of one filled box as the shock model takes them, whatever it weighs and whoever carries it; null
 * when shock does not limit the piece. Opposite sides that are alike are merged.
 */
export const shockJourney = (filled: FilledBox): JourneyOf | null => journeyThrough(filled, (gaps) => struckFaces(filled, gaps));

/** `shockJourney` with no sides merged, so that it can be told which one struck: in the order of `FACES`. */
export const shockFaceByFace = (filled: FilledBox): JourneyOf | null =>
  journeyThrough(filled, (gaps) => FACES.map((face) => ({ chance: FACE_CHANCES[face], ...stacksOn(filled, face, gaps) })));

/** A journey, once it is known what the parcel weighs and who carries it how far. */
export type JourneyOf = (grossWeightLb: number, zone: number, handlingFactor: number) => Journey;

function journeyThrough(filled: FilledBox, facesWith: (gaps: Gaps) => StruckFace[]): JourneyOf | null {
  const { piece } = filled.stowed.wrapped;
  if (piece.criticalG === null) return null;
  const divisor = innerMassDivisor(innerMassRatio(filled));
  const criticalG = piece.criticalG / divisor;
  const faces = facesWith(filled.effectiveGaps);
  const drift = filled.driftChance > 0 ? { chance: filled.driftChance, faces: facesWith(driftedGaps(filled.effectiveGaps)) } : null;
  const pieces = countOf(filled.stowed.wrapped);
  return (grossWeightLb, zone, handlingFactor) => ({
    ...(pieces > 1 ? { pieces } : {}),
    weightLb: piece.weightLb,
    grossWeightLb,
    zone,
    handlingFactor,
    criticalG,
    spread: piece.spread,
    ownHeightIn: piece.ownHeightIn / divisor,
    faces,
    drift,
  });
}

/** A face that may be struck, for itself or for its opposite too. */
export interface StruckShare {
  readonly face: Struck;
  readonly chance: number;
}

/** The faces to be told apart: opposite sides are one where wraps and gaps are alike on both. */
export function facesStruck({ layers }: WrappedItem, alike: { readonly wide: boolean; readonly long: boolean }): StruckShare[] {
  const even = layers.every((layer) => layer.doubled === null);
  const { bottom, top, front, back, left, right } = FACE_CHANCES;
  return [
    { face: 'bottom', chance: bottom },
    { face: 'top', chance: top },
    ...(even && alike.wide
      ? [{ face: 'front' as const, chance: front + back }]
      : [
          { face: 'front' as const, chance: front },
          { face: 'back' as const, chance: back },
        ]),
    ...(even && alike.long
      ? [{ face: 'left' as const, chance: left + right }]
      : [
          { face: 'left' as const, chance: left },
          { face: 'right' as const, chance: right },
        ]),
  ];
}

/** What lies on each face that may be struck, with gaps as they are on the way. */
export function struckFaces(filled: FilledBox, gaps: Gaps): StruckFace[] {
  const alone = countOf(filled.stowed.wrapped) === 1;
  const alike = { wide: alone && gaps.front === gaps.back, long: alone && gaps.left === gaps.right };
  return facesStruck(filled.stowed.wrapped, alike).map(({ face, chance }) => ({ chance, ...stacksOn(filled, face, gaps) }));
}

/** What lies on a face for a piece, and for those that stand otherwise. */
function stacksOn(filled: FilledBox, face: Struck, gaps: Gaps): Pick<StruckFace, 'layers' | 'others'> {
  const [first, ...others] = filled.stowed.layout.columns[face].map((column) => faceLayers(filled, face, gaps, column));
  return { layers: first!, ...(others.length > 0 ? { others } : {}) };
}

/** What lies on one face, with the names of the layers, the piece's own first. */
export interface FaceStack {
  readonly names: readonly string[];
  readonly layers: readonly CushionLayer[];
}

/** What a landing depends on, face by face: enough to play it without the plan. */
export interface ShockFacts extends PieceStrength {
  readonly faces: Readonly<Record<Struck, FaceStack>>;
}

/** The piece's strength and what lies on each face of a filled box; null where shock does not limit the piece. */
export function shockOnFaces(filled: FilledBox): ShockFacts | null {
  const journey = shockJourney(filled);
  if (!journey) return null;
  const { weightLb, criticalG, spread, ownHeightIn } = journey(1, 1, 1);
  const { stowed, fill, innerFill } = filled;
  const wraps = stowed.wrapped.layers.filter(({ cushion }) => cushion !== null).map(({ stock }) => stock.name);
  // the first stands in the corner that all drops to the low end of a side reach bare
  const through = (face: Struck) =>
    Array.from({ length: stowed.layout.columns[face][0]!.beyond }, () =>
      [...wraps]
        .reverse()
        .concat(wraps)
        .map((name) => `${name} of the next`),
    ).flat();
  const namesOn = (face: Struck) => [
    ...wraps,
    ...through(face),
    ...(stowed.inner && innerFill ? [innerFill.name] : []),
    ...(stowed.shell.box.style === 'padded' ? ['Padding'] : []),
    ...(fill ? [fill.name] : []),
  ];
  const stack = (face: Struck): FaceStack => ({
    names: namesOn(face),
    layers: faceLayers(filled, face),
  });
  return {
    weightLb,
    criticalG,
    spread,
    ownHeightIn,
    faces: {
      bottom: stack('bottom'),
      top: stack('top'),
      front: stack('front'),
      back: stack('back'),
      left: stack('left'),
      right: stack('right'),
    },
  };
}
