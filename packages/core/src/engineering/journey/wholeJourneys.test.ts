import { journey } from '../../../tests/sampleJourney.ts';
import { seededRandom } from '../numeric/seededRandom.ts';
import { shockChance } from './shockChance.ts';
import { simulateJourneys } from './simulateJourneys.ts';

test.each([
  [journey(), 1],
  [journey({ criticalG: 60 }), 2],
  [journey({ spread: 0 }), 3],
  [journey({ spread: 0.9, criticalG: 200 }), 4],
  [journey({ grossWeightLb: 45, zone: 8, criticalG: 50 }), 5],
  [
    journey({
      ownHeightIn: 6,
      drift: { chance: 0.15, faces: journey({ criticalG: 70 }).faces.map((face) => ({ ...face, layers: face.layers.slice(0, 2) })) },
    }),
    6,
  ],
])('quadrature agrees with whole journeys by chance (%#)', (way, seed) => {
  const { chance, standardError } = simulateJourneys(way, 40_000, seededRandom(seed));
  expect(Math.abs(shockChance(way) - chance)).toBeLessThan(4 * standardError + 1e-6);
});
