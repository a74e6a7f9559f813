import type { Orientation } from '../../engineering/geometry/orientations.ts';
import type { Face, HardPoint } from '../../engineering/pieces/hardPoints.ts';
import type { Gaps } from './StowedBox.ts';

const AXIS_FACES: readonly (readonly [Face, Face])[] = [
  ['left', 'right'],
  ['front', 'back'],
  ['bottom', 'top'],
];

/** The box face a hard point looks at once the piece is turned. */
export function boxFaceOf({ face }: Pick<HardPoint, 'face'>, orientation: Orientation): keyof Gaps {
  const pieceAxis = AXIS_FACES.findIndex((pair) => pair.includes(face)) as 0 | 1 | 2;
  const end = AXIS_FACES[pieceAxis]!.indexOf(face);
  return AXIS_FACES[orientation.indexOf(pieceAxis)]![end]!;
}
