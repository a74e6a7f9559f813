import { CUSHION_MATERIALS } from '../cushion/cushionMaterials.ts';
import type { CushionLayer } from '../cushion/cushionCurve.ts';
import { seededRandom } from '../numeric/seededRandom.ts';
import { shockChance, type Journey } from './shockChance.ts';
import { simulateJourneys } from './simulateJourneys.ts';

const stack = (gapIn: number): CushionLayer[] => [
  { areaIn2: 15, thicknessIn: 0.17, curve: CUSHION_MATERIALS.smallBubble.curve },
  { areaIn2: 24, thicknessIn: 0.45, curve: CUSHION_MATERIALS.largeBubble.curve },
  { areaIn2: 50, thicknessIn: gapIn, curve: CUSHION_MATERIALS.mouldedFill.curve },
];
const journey = (more: Partial<Journey> = {}): Journey => ({
  weightLb: 3,
  grossWeightLb: 5,
  zone: 5,
  criticalG: 90,
  spread: 0.3,
  faces: [
    { chance: 0.45, layers: stack(1) },
    { chance: 0.15, layers: stack(2) },
    { chance: 0.4, layers: stack(1.5) },
  ],
  ...more,
});

test.each([
  [journey(), 1],
  [journey({ criticalG: 60 }), 2],
  [journey({ spread: 0 }), 3],
  [journey({ spread: 0.9, criticalG: 200 }), 4],
  [journey({ grossWeightLb: 45, zone: 8, criticalG: 50 }), 5],
])('quadrature agrees with whole journeys by chance (%#)', (way, seed) => {
  const { chance, standardError } = simulateJourneys(way, 40_000, seededRandom(seed));
  expect(Math.abs(shockChance(way) - chance)).toBeLessThan(4 * standardError + 1e-6);
});
