import type { SeededRandom } from '../numeric/seededRandom.ts';
import { dropsPerJourney } from './dropHeights.ts';
import { breakingDrop, drawFate } from './oneJourney.ts';
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
  let broken = 0;
  for (let i = 0; i < journeys; i++) if (breakingDrop(journey, drawFate(random, drops))) broken++;
  const chance = broken / journeys;
  return { chance, standardError: Math.sqrt((chance * (1 - chance)) / journeys) };
}
