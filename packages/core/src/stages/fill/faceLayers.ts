import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { spreadLoad } from '../../engineering/cushion/loadPatch.ts';
import type { FilledBox, Struck } from './FilledBox.ts';

/** Which two box axes span each face, and which one crosses it. */
export const FACE_AXES: Readonly<Record<Struck, readonly [across: 0 | 1 | 2, x: 0 | 1 | 2, y: 0 | 1 | 2]>> = {
  bottom: [2, 0, 1],
  top: [2, 0, 1],
  front: [1, 0, 2],
  back: [1, 0, 2],
  left: [0, 1, 2],
  right: [0, 1, 2],
};

/**
 * Cushion between the piece and the ground on one face: the wraps, then what lies in the gap; with an
 * inner box its own gap first, then the outer one on the inner box's whole face.
 */
export function faceLayers(filled: FilledBox, face: Struck): CushionLayer[] {
  const { wrapped, orientation, inner } = filled.stowed;
  const { effectiveGaps: gaps, effectiveInnerGaps: innerGaps } = filled;
  const gapCurve = CUSHION_MATERIALS[filled.fill.cushion].curve;
  const innerCurve = filled.innerFill && CUSHION_MATERIALS[filled.innerFill.cushion].curve;
  const { piece } = wrapped;
  const [across, x, y] = FACE_AXES[face];
  const size = (axis: 0 | 1 | 2) => piece.sizeIn[orientation[axis]];
  const wraps = wrapped.layers.filter((layer) => layer.cushion !== null);
  const within = [
    ...wraps.map((layer) => ({ thicknessIn: layer.thicknessIn, curve: layer.cushion!.curve })),
    ...(inner
      ? innerCurve && innerGaps
        ? [{ thicknessIn: innerGaps[face], curve: innerCurve }]
        : []
      : [{ thicknessIn: gaps[face], curve: gapCurve }]),
  ];
  const { areasIn2 } = spreadLoad(
    { lengthIn: size(x), widthIn: size(y) },
    piece.bearing[orientation[across]],
    within.map((layer) => layer.thicknessIn),
  );
  const layers = within.map((layer, i) => ({ ...layer, areaIn2: areasIn2[i]! }));
  if (!inner) return layers;
  const outside = spreadLoad({ lengthIn: inner.outsideIn[x], widthIn: inner.outsideIn[y] }, 1, [gaps[face]]);
  return [...layers, { thicknessIn: gaps[face], curve: gapCurve, areaIn2: outside.areasIn2[0]! }];
}
