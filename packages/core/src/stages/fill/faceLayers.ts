import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { beyond, fillAreaIn2, loadOn, throughWall, wrapAreaIn2, type LoadFront, type Patch } from '../../engineering/cushion/loadPatch.ts';
import { FACE_AXIS, FACES, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { Gaps } from '../box/StowedBox.ts';
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
  return layers.flatMap(({ cushion, thicknessIn, doubled, moreOnFaceIn }) => {
    const moreIn = (doubled?.face === face ? doubled.thicknessIn : 0) + (moreOnFaceIn?.[face] ?? 0);
    return cushion ? [{ thicknessIn: Math.max(0, thicknessIn + moreIn), curve: cushion.curve }] : [];
  });
}

/** The wraps between a piece and one face of the box with the areas they bear on, and the load outside them. */
export function wrapLayersOn(
  wrapped: WrappedItem,
  orientation: Orientation,
  face: Struck,
): { readonly layers: CushionLayer[]; readonly outside: LoadFront } {
  const { piece } = wrapped;
  const [across, x, y] = FACE_AXES[face];
  const size = (axis: 0 | 1 | 2) => piece.sizeIn[orientation[axis]];
  let outside = loadOn({ lengthIn: size(x), widthIn: size(y) }, piece.bearing[orientation[across]]);
  const layers = wrapsOnFace(wrapped, pieceFaceAt(face, orientation)).map(({ thicknessIn, curve }): CushionLayer => {
    const areaIn2 = wrapAreaIn2(outside, thicknessIn);
    outside = beyond(outside, thicknessIn);
    return { thicknessIn, curve, areaIn2 };
  });
  return { layers, outside };
}

/**
 * Cushion between the piece and the ground on one face: the wraps, then what lies in the gap; with an inner box
 * its own gap first, then the outer one on as much of the inner box's face as the load reaches.
 *
 * @param gaps the outer gaps, after the way: drifted or not
 */
export function faceLayers(filled: FilledBox, face: Struck, gaps: Gaps = filled.effectiveGaps): CushionLayer[] {
  const { wrapped, orientation, inner } = filled.stowed;
  const within = wrapLayersOn(wrapped, orientation, face);
  const layers = [...within.layers];
  let { outside } = within;
  if (inner) {
    if (filled.innerFill && filled.effectiveInnerGaps) {
      const gap = gapLayer(outside, filled.effectiveInnerGaps[face], filled.innerFill);
      layers.push(gap);
      outside = beyond(outside, gap.thicknessIn);
    }
    outside = throughWall(outside, boxFace(inner.outsideIn, face));
  }
  if (filled.stowed.shell.box.style === 'padded') layers.push(padding(outside));
  return filled.fill ? [...layers, gapLayer(outside, gaps[face], filled.fill)] : layers;
}

/** A face of a box. */
export const boxFace = (outsideIn: Triple, face: Struck): Patch => ({
  lengthIn: outsideIn[FACE_AXES[face][1]],
  widthIn: outsideIn[FACE_AXES[face][2]],
});

/** What a padded envelope is lined with; judgement. */
const PADDING = { cushion: 'smallBubble', thicknessIn: 0.15 } as const;
const padding = (outside: LoadFront): CushionLayer => ({
  thicknessIn: PADDING.thicknessIn,
  curve: CUSHION_MATERIALS[PADDING.cushion].curve,
  areaIn2: wrapAreaIn2(outside, PADDING.thicknessIn),
});

const gapLayer = (outside: LoadFront, thicknessIn: number, { cushion }: FillStock): CushionLayer => {
  const { curve, bearingShare } = CUSHION_MATERIALS[cushion];
  return { thicknessIn, curve, areaIn2: fillAreaIn2(outside, thicknessIn, bearingShare) };
};
