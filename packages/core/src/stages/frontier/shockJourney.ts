import { innerMassDivisor } from '../../engineering/cushion/fragility.ts';
import { FACE_CHANCES } from '../../engineering/journey/dropHeights.ts';
import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { FACES } from '../../engineering/pieces/hardPoints.ts';
import type { PieceStrength } from '../../engineering/journey/oneDrop.ts';
import type { Journey, StruckFace } from '../../engineering/journey/shockChance.ts';
import { isWound, partsThem } from '../box/around.ts';
import { foldMet } from '../box/folds.ts';
import { isShared, wallParts } from '../box/shared.ts';
import type { Gaps, LyingBundle } from '../box/StowedBox.ts';
import { countOfAll } from '../box/blockOf.ts';
import { piecesLb } from '../box/stowInBox.ts';
import { boxAddsLb } from '../fill/boxedFill.ts';
import { driftedGaps } from '../fill/effectiveGaps.ts';
import { faceLayers, layersOn, type LayersOn } from '../fill/faceLayers.ts';
import { FACE_AXES } from '../fill/gapLayer.ts';
import { fillsInner, type FilledBox, type Struck } from '../fill/FilledBox.ts';
import { sharedMassRatio } from '../fill/sharedFill.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';

/** Inner box and its fill over the pieces' own weight; 0 without an inner box. */
export function innerMassRatio({ stowed, amounts }: FilledBox): number {
  if (!stowed.inner) return 0;
  const fillLb = amounts.filter(fillsInner).reduce((sum, one) => sum + one.boughtFt3 * one.stock.lbPerFt3, 0);
  return (stowed.inner.tareLb + fillLb) / piecesLb(stowed);
}

/** The same of a bundle's own box. */
export function ownBoxMassRatio(bundle: LyingBundle): number {
  return boxAddsLb(bundle) / bundle.wrapped.piece.weightLb;
}

/** Above this share of the piece's weight an inner box deserves a warning. */
export const HEAVY_INNER_RATIO = 0.5;

/**
 * The ways of one bundle of a filled box as the shock model takes them, whatever the parcel weighs and whoever carries it; null
 * when shock does not limit the piece. Opposite sides that are alike are merged where there is one bundle.
 */
export const shockJourney = (filled: FilledBox, at = 0, layers: LayersOn = layersOn(filled)): JourneyOf | null =>
  journeyThrough(filled, at, (gaps) => struckFaces(filled, at, gaps, layers));

/** `shockJourney` with no sides merged, so that it can be told which one struck: in the order of `FACES`. */
export const shockFaceByFace = (filled: FilledBox, at = 0, layers: LayersOn = layersOn(filled)): JourneyOf | null =>
  journeyThrough(filled, at, (gaps) => everyFace(filled, at, gaps, layers));

/** A journey, once it is known what the parcel weighs and who carries it how far. */
export type JourneyOf = (grossWeightLb: number, zone: number, handlingFactor: number) => Journey;

function journeyThrough(filled: FilledBox, at: number, facesWith: (gaps: Gaps) => StruckFace[]): JourneyOf | null {
  const { wrapped, layout } = filled.stowed.bundles[at]!;
  const { piece } = wrapped;
  if (piece.criticalG === null) return null;
  const divisor = innerMassDivisor(
    innerMassRatio(filled) + sharedMassRatio(filled.stowed, at) + ownBoxMassRatio(filled.stowed.bundles[at]!),
  );
  const criticalG = piece.criticalG / divisor;
  const faces = facesWith(filled.effectiveGaps);
  const drift =
    filled.driftChance > 0
      ? { chance: filled.driftChance, faces: sameWhereAlike(faces, facesWith(driftedGaps(filled.effectiveGaps))) }
      : null;
  return (grossWeightLb, zone, handlingFactor) => ({
    ...(layout.count > 1 ? { pieces: layout.count } : {}),
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

/** Faces on which nothing has changed are the very same ones: what was worked out of them holds. */
const sameWhereAlike = (before: readonly StruckFace[], after: readonly StruckFace[]): StruckFace[] =>
  after.map((face, i) => {
    const was = before[i]!;
    const isSame = face.layers === was.layers && (face.others ?? []).every((stack, at) => stack === was.others![at]);
    return isSame ? was : face;
  });

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
function struckFaces(filled: FilledBox, at: number, gaps: Gaps, layers: LayersOn): StruckFace[] {
  if (countOfAll(filled.stowed) > 1) return everyFace(filled, at, gaps, layers);
  const alike = { wide: gaps.front === gaps.back, long: gaps.left === gaps.right };
  return facesStruck(filled.stowed.bundles[0].wrapped, alike).map(({ face, chance }) => ({
    chance,
    ...stacksOn(filled, at, face, gaps, layers),
  }));
}

const everyFace = (filled: FilledBox, at: number, gaps: Gaps, layers: LayersOn): StruckFace[] =>
  FACES.map((face) => ({ chance: FACE_CHANCES[face], ...stacksOn(filled, at, face, gaps, layers) }));

/** What lies on a face for a piece, and for those alike that stand otherwise. */
function stacksOn(filled: FilledBox, at: number, face: Struck, gaps: Gaps, layers: LayersOn): Pick<StruckFace, 'layers' | 'others'> {
  const [first, ...others] = filled.stowed.bundles[at]!.layout.columns[face].map((column) => layers(face, gaps, at, column));
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

/** A piece's strength and what lies on each face of a filled box; null where shock does not limit the piece. */
export function shockOnFaces(filled: FilledBox, at = 0): ShockFacts | null {
  const journey = shockJourney(filled, at);
  if (!journey) return null;
  const { weightLb, criticalG, spread, ownHeightIn } = journey(1, 1, 1);
  const { stowed, fill, innerFill } = filled;
  const wrapsOf = (which: number) => {
    const { layers, boxed } = stowed.bundles[which]!.wrapped;
    const wraps = layers.filter(({ cushion }) => cushion !== null).map(({ stock }) => stock.name);
    return boxed ? [...wraps, boxed.fill.name] : wraps;
  };
  // the first stands in the corner that all drops to the low end of a side reach bare
  const next = (which: number, times: number) =>
    Array.from({ length: times }, () => [...[...wrapsOf(which)].reverse(), ...wrapsOf(which)].map((name) => `${name} of the next`)).flat();
  const { around, shared, folds } = stowed;
  const wound = around?.cushion ? [around.stock.name] : [];
  const through = (face: Struck): string[] => {
    const names = next(at, stowed.bundles[at]!.layout.columns[face][0]!.beyond);
    let from = at;
    for (let one = stowed.resting[face].on[at]![0]; one; one = stowed.resting[face].on[one.at]![0]) {
      const fold = foldMet(folds, from, one.at);
      names.push(
        ...(fold ? [`${fold.stock.name} between`] : []),
        ...(around && partsThem(around, from, one.at) ? wound : []),
        // on the way out of it as on the way in
        ...(shared && wallParts(shared, from, one.at) ? [shared.fill.name] : []),
        ...next(one.at, stowed.bundles[one.at]!.layout.grid[FACE_AXES[face][0]]),
      );
      from = one.at;
    }
    return [...names, ...(shared && isShared(shared, from) ? [shared.fill.name] : []), ...(isWound(around, from) ? wound : [])];
  };
  const namesOn = (face: Struck) => [
    ...wrapsOf(at),
    ...through(face),
    ...(stowed.inner && innerFill ? [innerFill.name] : []),
    ...(stowed.shell.box.style === 'padded' ? ['Padding'] : []),
    ...(fill ? [fill.name] : []),
  ];
  const stack = (face: Struck): FaceStack => ({
    names: namesOn(face),
    layers: faceLayers(filled, face, filled.effectiveGaps, at),
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
