import { dropHeightAtG } from '../cushion/dropHeight.ts';
import type { SeededRandom } from '../numeric/seededRandom.ts';
import { DROP_SPREAD, dropsPerJourney, medianDropIn } from './dropHeights.ts';
import type { Journey } from './shockChance.ts';

/** What a simulation of whole journeys found. */
export interface Simulated {
  chance: number;
  /** √(P(1−P)/N) */
  standardError: number;
}

/**
 * Whole journeys by seeded chance, drop after drop: the slow twin of `shockChance`.
 *
 * @param journeys how many, at least 1
 * @param random a seeded source, passed in
 */
export function simulateJourneys(journey: Journey, journeys: number, random: SeededRandom): Simulated {
  const drops = dropsPerJourney(journey.zone);
  const medianIn = medianDropIn(journey.grossWeightLb, journey.handlingFactor);
  let broken = 0;
  for (let i = 0; i < journeys; i++) {
    const strength = Math.exp(journey.spread * random.normal());
    const { drift } = journey;
    const faces = drift && random.uniform() < drift.chance ? drift.faces : journey.faces;
    const withstood = faces.map(
      ({ layers }) => journey.ownHeightIn * strength + dropHeightAtG(layers, journey.weightLb, journey.criticalG * strength),
    );
    for (let drop = 0; drop < drops; drop++) {
      const heightIn = medianIn * Math.exp(DROP_SPREAD * random.normal());
      if (heightIn > withstood[strikes(journey, random.uniform())]!) {
        broken++;
        break;
      }
    }
  }
  const chance = broken / journeys;
  return { chance, standardError: Math.sqrt((chance * (1 - chance)) / journeys) };
}

function strikes({ faces }: Journey, draw: number): number {
  let left = draw;
  for (let i = 0; i < faces.length - 1; i++) {
    left -= faces[i]!.chance;
    if (left < 0) return i;
  }
  return faces.length - 1;
}
