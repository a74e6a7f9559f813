import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { spreadLoad } from '../../engineering/cushion/loadPatch.ts';
import { FACE_AXIS, FACES, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { FilledBox, Struck } from './FilledBox.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';

/** Which two box axes span each face, and which one crosses it. */
export const FACE_AXES: Readonly<Record<Struck, readonly [across: 0 | 1 | 2, x: 0 | 1 | 2, y: 0 | 1 | 2]>> = {
  bottom: [2, 0, 1],
  top: [2, 0, 1],
  front: [1, 0, 2],
  back: [1, 0, 2],
  left: [0, 1, 2],
  right: [0, 1, 2],
};

/** The face of the piece that looks at a face of the box. */
export function pieceFaceAt(face: Struck, orientation: Orientation): Face {
  const axis = orientation[FACE_AXIS[face]];
  const end = face === 'bottom' || face === 'front' || face === 'left' ? 0 : 1;
  return FACES.filter((one) => FACE_AXIS[one] === axis)[end]!;
}

/** The cushioning layers on one face of the box, doubled sheets included, from the piece outward. */
export function wrapsOnFace({ layers }: WrappedItem, face: Face): { thicknessIn: number; curve: CushionLayer['curve'] }[] {
  return layers.flatMap(({ cushion, thicknessIn, doubled }) =>
    cushion ? [{ thicknessIn: thicknessIn + (doubled?.face === face ? doubled.thicknessIn : 0), curve: cushion.curve }] : [],
  );
}

/**
 * Cushion between the piece and the ground on one face: the wraps, then what lies in the gap; with an
 * inner box its own gap first, then the outer one on the inner box's whole face.
 */
export function faceLayers(filled: FilledBox, face: Struck): CushionLayer[] {
  const { wrapped, orientation, inner } = filled.stowed;
  const { effectiveGaps: gaps, effectiveInnerGaps: innerGaps } = filled;
  const gapCurve = filled.fill && CUSHION_MATERIALS[filled.fill.cushion].curve;
  const innerCurve = filled.innerFill && CUSHION_MATERIALS[filled.innerFill.cushion].curve;
  const { piece } = wrapped;
  const [across, x, y] = FACE_AXES[face];
  const size = (axis: 0 | 1 | 2) => piece.sizeIn[orientation[axis]];
  const within = [
    ...wrapsOnFace(wrapped, pieceFaceAt(face, orientation)),
    ...(inner
      ? innerCurve && innerGaps
        ? [{ thicknessIn: innerGaps[face], curve: innerCurve }]
        : []
      : gapCurve
        ? [{ thicknessIn: gaps[face], curve: gapCurve }]
        : []),
  ];
  const { areasIn2 } = spreadLoad(
    { lengthIn: size(x), widthIn: size(y) },
    piece.bearing[orientation[across]],
    within.map((layer) => layer.thicknessIn),
  );
  const layers = within.map((layer, i) => ({ ...layer, areaIn2: areasIn2[i]! }));
  if (!inner || !gapCurve) return layers;
  const outside = spreadLoad({ lengthIn: inner.outsideIn[x], widthIn: inner.outsideIn[y] }, 1, [gaps[face]]);
  return [...layers, { thicknessIn: gaps[face], curve: gapCurve, areaIn2: outside.areasIn2[0]! }];
}
