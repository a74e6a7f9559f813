import { boxFaceOf, FACES, type Face, type PlanDocument } from '@inch-nest/core';
import type { FaceRoom } from '../../drawings/SixFaces.tsx';

/** Cover and bedding before each face of the piece, in the directions it stands in. */
export function faceRooms({ layers, coverIn, gaps, inner, choice }: PlanDocument): Record<Face, FaceRoom> {
  const room = (face: Face): FaceRoom => {
    const doubled = layers.filter((layer) => layer.doubled === face).reduce((sum, layer) => sum + layer.thicknessIn / layer.turns, 0);
    const boxFace = boxFaceOf({ face }, choice.orientation);
    return { coverIn: coverIn + doubled, gapIn: gaps[boxFace] + (inner?.gaps[boxFace] ?? 0) };
  };
  return Object.fromEntries(FACES.map((face) => [face, room(face)])) as Record<Face, FaceRoom>;
}
