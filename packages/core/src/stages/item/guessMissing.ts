import type { Archetype } from '../../engineering/pieces/Archetype.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { PieceFacts } from '../sale/Order.ts';

/** Spread of a guessed weight, as a share. */
export const GUESSED_WEIGHT_SPREAD = 0.25;
/** Spread of a weighed one. */
export const WEIGHED_SPREAD = 0.01;

/**
 * Completes size and weight from what is known and what is typical of the archetype.
 *
 * Missing sides are the typical ones scaled by the known sides' mean ratio; a missing weight is the
 * typical weight over the enclosing box, and a wholly unknown size follows from a known weight.
 */
export function guessMissing(
  facts: PieceFacts,
  archetype: Archetype,
): { sizeIn: Triple; weightLb: number; guessed: { sides: [boolean, boolean, boolean]; weight: boolean } } {
  const known = [facts.lengthIn, facts.widthIn, facts.heightIn] as const;
  const typical = archetype.typicalSizeIn;
  const ratios = known.flatMap((side, i) => (side === null ? [] : [side / typical[i]!]));
  const typicalVolumeIn3 = typical[0] * typical[1] * typical[2];
  const byWeight = facts.weightLb === null ? 1 : Math.cbrt(facts.weightLb / (archetype.typicalLbPerIn3 * typicalVolumeIn3));
  const scale = ratios.length > 0 ? ratios.reduce((sum, ratio) => sum + ratio, 0) / ratios.length : byWeight;
  const sizeIn = known.map((side, i) => side ?? typical[i]! * scale) as unknown as Triple;
  return {
    sizeIn,
    weightLb: facts.weightLb ?? archetype.typicalLbPerIn3 * sizeIn[0] * sizeIn[1] * sizeIn[2],
    guessed: { sides: known.map((side) => side === null) as [boolean, boolean, boolean], weight: facts.weightLb === null },
  };
}
