import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { beyond, fillAreaIn2, loadOn, throughWall, wrapAreaIn2, type LoadFront, type Patch } from '../../engineering/cushion/loadPatch.ts';
import { FACE_AXIS, FACES, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Column } from '../../engineering/stowage/Block.ts';
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

/** Layers that carry so many bundles, as if of one: as much less area as they carry more. */
const carrying = (bundles: number, layers: readonly CushionLayer[]): CushionLayer[] =>
  bundles === 1 ? [...layers] : layers.map((layer) => ({ ...layer, areaIn2: layer.areaIn2 / bundles }));

const OPPOSITE: Readonly<Record<Struck, Struck>> = {
  bottom: 'top',
  top: 'bottom',
  front: 'back',
  back: 'front',
  left: 'right',
  right: 'left',
};

/**
 * The wraps from a piece outward through all bundles that stand in line beyond it. What lies behind bears on its own cushions
 * too; what lies beyond cushions it in series, and carries more with each piece on the way.
 *
 * Formula: a layer that carries k alike pieces withstands, for each, `A·t·ε(k·F/A)/(k·W)`: it is laid down with A/k.
 */
function columnLayers(
  { wrapped, orientation }: FilledBox['stowed'],
  face: Struck,
  { beyond: others, behind }: Column,
): { readonly layers: CushionLayer[]; readonly outside: LoadFront; readonly carried: number } {
  const own = wrapLayersOn(wrapped, orientation, face);
  let carried = 1 + behind;
  const layers = carrying(carried, own.layers);
  if (others === 0) return { layers, outside: own.outside, carried };
  let { outside } = own;
  const facing = wrapsOnFace(wrapped, pieceFaceAt(OPPOSITE[face], orientation)).reverse();
  const near = facing.map(({ thicknessIn, curve }): CushionLayer => {
    const areaIn2 = wrapAreaIn2(outside, thicknessIn);
    outside = beyond(outside, thicknessIn);
    return { thicknessIn, curve, areaIn2 };
  });
  for (let i = 0; i < others; i++) {
    layers.push(...carrying(carried, near));
    carried++;
    layers.push(...carrying(carried, own.layers));
  }
  return { layers, outside: own.outside, carried };
}

/**
 * Cushion between the piece and the ground on one face: the wraps, then what lies in the gap; with an inner box
 * its own gap first, then the outer one on as much of the inner box's face as the load reaches.
 *
 * @param gaps the outer gaps, after the way: drifted or not
 * @param column how the bundle stands in line with the face, of several alike
 */
export function faceLayers(
  filled: FilledBox,
  face: Struck,
  gaps: Gaps = filled.effectiveGaps,
  column: Column = filled.stowed.layout.columns[face][0]!,
): CushionLayer[] {
  const { bundleIn, inner } = filled.stowed;
  const emptyIn = column.empty * bundleIn[FACE_AXES[face][0]];
  const { layers, carried, ...within } = columnLayers(filled.stowed, face, column);
  let { outside } = within;
  if (inner) {
    if (filled.innerFill && filled.effectiveInnerGaps) {
      const gap = gapLayer(outside, filled.effectiveInnerGaps[face] + emptyIn, filled.innerFill);
      layers.push(...carrying(carried, [gap]));
      outside = beyond(outside, gap.thicknessIn);
    }
    outside = throughWall(outside, boxFace(inner.outsideIn, face));
  }
  if (filled.stowed.shell.box.style === 'padded') layers.push(...carrying(carried, [padding(outside)]));
  if (!filled.fill) return layers;
  return [...layers, ...carrying(carried, [gapLayer(outside, gaps[face] + (inner ? 0 : emptyIn), filled.fill)])];
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
