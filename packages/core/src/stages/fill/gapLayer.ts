import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { fillAreaIn2, type LoadFront, type Patch } from '../../engineering/cushion/loadPatch.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { Struck } from './FilledBox.ts';

/** Which two box axes span each face, and which one crosses it. */
export const FACE_AXES: Readonly<Record<Struck, readonly [across: 0 | 1 | 2, x: 0 | 1 | 2, y: 0 | 1 | 2]>> = {
  bottom: [2, 0, 1],
  top: [2, 0, 1],
  front: [1, 0, 2],
  back: [1, 0, 2],
  left: [0, 1, 2],
  right: [0, 1, 2],
};

/** The other end of the same axis. */
export const OPPOSITE: Readonly<Record<Struck, Struck>> = {
  bottom: 'top',
  top: 'bottom',
  front: 'back',
  back: 'front',
  left: 'right',
  right: 'left',
};

/** A face of a box. */
export const boxFace = (outsideIn: Triple, face: Struck): Patch => ({
  lengthIn: outsideIn[FACE_AXES[face][1]],
  widthIn: outsideIn[FACE_AXES[face][2]],
});

/** What lies in a gap, on as much of it as the load reaches. */
export const gapLayer = (outside: LoadFront, thicknessIn: number, fill: FillStock): CushionLayer => {
  const { curve, bearingShare } = cushionOf(fill);
  return { thicknessIn, curve, areaIn2: fillAreaIn2(outside, thicknessIn, bearingShare) };
};
