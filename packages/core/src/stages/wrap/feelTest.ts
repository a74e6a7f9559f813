import { GUARDS, HARD_POINTS, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { FeelFault } from './WrappedItem.ts';

/** True for a piece whose bundle is hardly larger than it, as its kind has it; never recommended. */
export const isThin = ({ archetype }: InspectedPiece, growsIn: number): boolean => growsIn < (archetype.feel?.growthIn ?? 0) - 1e-9;

/**
 * The packer's test, computed: no edge may be felt anywhere.
 *
 * How much each kind wants is its own rule; a machined face with a card on it needs no other cover at its edges.
 * Source: common practice, no source; the thicknesses are judgement.
 *
 * @param coverIn thickness of all layers
 * @param coverOnFaceIn the same on each face, where a doubled sheet adds to it
 * @returns one fault for each place where too little lies, hard points first
 */
export function feelTest(piece: InspectedPiece, coverIn: number, coverOnFaceIn?: Readonly<Record<Face, number>>): FeelFault[] {
  const { feel } = piece.archetype;
  if (!feel) return [];
  const faults: FeelFault[] = [];
  const carded = piece.facts.hardPoints.some(({ kind, guard }) => kind === 'machinedFace' && guard === 'cardFace');
  for (const point of piece.facts.hardPoints) {
    if (carded && point.kind === 'machinedFace') continue;
    const here = (coverOnFaceIn?.[point.face] ?? coverIn) + (point.guard ? GUARDS[point.guard].thicknessIn : 0);
    if (here < feel.pointIn - 1e-9) {
      faults.push({
        where: `the ${HARD_POINTS[point.kind].name}`,
        hardPointId: point.id,
        coverIn: here,
        wantedIn: feel.pointIn,
      });
    }
  }
  if (!carded && coverIn < feel.edgeIn - 1e-9) faults.push({ where: 'every edge', hardPointId: null, coverIn, wantedIn: feel.edgeIn });
  return faults;
}
