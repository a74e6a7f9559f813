import { GUARDS, HARD_POINTS, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { WrapStock } from '../../engineering/materials/stock.ts';
import type { InspectedPiece } from '../item/InspectedPiece.ts';
import type { FeelFault } from './WrappedItem.ts';

/**
 * The bare part that large bubble would not follow: with a handle, spout, tap, finial, ear, rim, stem or wire the first
 * bubble is small, or the part has its guard. Common practice, no source.
 *
 * @returns what it is called; null where the first bubble is small, or none stands out bare
 */
export function partNotFollowed({ facts }: InspectedPiece, layers: readonly { readonly stock: Pick<WrapStock, 'role'> }[]): string | null {
  const first = layers.find(({ stock }) => stock.role === 'conform' || stock.role === 'cushion');
  if (first?.stock.role !== 'cushion') return null;
  const bare = facts.hardPoints.find(({ kind, guard }) => guard === null && HARD_POINTS[kind].needsSmallFirst);
  return bare ? HARD_POINTS[bare.kind].name : null;
}

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
