import type { CushionLayer } from '../src/engineering/cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from '../src/engineering/cushion/cushionMaterials.ts';
import type { Journey } from '../src/engineering/journey/shockChance.ts';

const stack = (gapIn: number): CushionLayer[] => [
  { areaIn2: 15, thicknessIn: 0.17, curve: CUSHION_MATERIALS.smallBubble.curve },
  { areaIn2: 24, thicknessIn: 0.45, curve: CUSHION_MATERIALS.largeBubble.curve },
  { areaIn2: 50, thicknessIn: gapIn, curve: CUSHION_MATERIALS.mouldedFill.curve },
];
/** A made-up way of a piece in two bubbles and loose fill. */
export const journey = (more: Partial<Journey> = {}): Journey => ({
  weightLb: 3,
  grossWeightLb: 5,
  zone: 5,
  criticalG: 90,
  spread: 0.3,
  ownHeightIn: 2,
  drift: null,
  faces: [
    { chance: 0.45, layers: stack(1) },
    { chance: 0.15, layers: stack(2) },
    { chance: 0.4, layers: stack(1.5) },
  ],
  ...more,
});
