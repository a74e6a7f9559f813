import { GUARDS, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { FeelFault } from './WrappedItem.ts';

/** Cover under which a hand still feels a hard point, and a plain edge, inches; judgement. */
export const HARD_POINT_COVER_IN = 0.7;
export const EDGE_COVER_IN = 0.45;

/** A bundle of a brittle piece that grew less than this on an axis is thin, inches; judgement. */
const LEAST_GROWTH_IN = 1.5;

/** True for a brittle piece whose bundle is hardly larger than it; never recommended. */
export const isThin = (piece: InspectedPiece, growsIn: number): boolean => piece.archetype.brittle && growsIn < LEAST_GROWTH_IN - 1e-9;

/**
 * The packer's test, computed: no edge may be felt anywhere.
 *
 * Applies to brittle pieces. Source: common practice, no source; the thicknesses are judgement.
 *
 * @param coverIn thickness of all layers
 * @param coverOnFaceIn the same on each face, where a doubled sheet adds to it
 * @returns one fault for each place where too little lies, hard points first
 */
export function feelTest(piece: InspectedPiece, coverIn: number, coverOnFaceIn?: Readonly<Record<Face, number>>): FeelFault[] {
  if (!piece.archetype.brittle) return [];
  const faults: FeelFault[] = [];
  for (const point of piece.facts.hardPoints) {
    const here = (coverOnFaceIn?.[point.face] ?? coverIn) + (point.guard ? GUARDS[point.guard].thicknessIn : 0);
    if (here < HARD_POINT_COVER_IN - 1e-9) {
      faults.push({
        where: `the ${point.kind === 'loosePart' ? 'loose part' : point.kind}`,
        hardPointId: point.id,
        coverIn: here,
        wantedIn: HARD_POINT_COVER_IN,
      });
    }
  }
  if (coverIn < EDGE_COVER_IN - 1e-9) faults.push({ where: 'every edge', hardPointId: null, coverIn, wantedIn: EDGE_COVER_IN });
  return faults;
}
