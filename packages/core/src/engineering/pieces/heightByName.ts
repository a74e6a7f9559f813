import { withoutMeasures } from '../../units/index.ts';
import { spelledOut } from './spelledOut.ts';

/** How high things are against their breadth, by what they are called. Common practice, no source. */
const HEIGHTS: readonly (readonly [RegExp, number])[] = [
  [/\b(?:records?|lps?)$/i, 1 / 64],
  [/\b(?:plates?|saucers?|chargers?|platters?|trays?|salvers?|tiles?|trivets?|coasters?|gongs?|cymbals?|medallions?|plaques?)$/i, 1 / 8],
  [/\b(?:skillets?|frying pans?|(?:sun)?dials?|pie dish(?:es)?|wall clocks?|round mirrors?)$/i, 1 / 6],
  [/\b(?:bowls?|basins?|dish(?:es)?|ashtrays?|tambourines?|compotes?)$/i, 2 / 5],
  [/\b(?:floats?|globes?|balls?|orbs?|spheres?|baubles?|bells?|paperweights?|fishbowls?)$/i, 1],
];
/** What it goes with is not what it is: `bowl with lid`, `plate, chipped`. */
const BESIDE = /\s*(?:,|\(|\b(?:with|without|from|by|for|on|in)\b).*$/i;

/**
 * How high something is against how broad it is, as far as its name tells: a plate is a tenth or so, a ball as high as it is wide.
 *
 * @returns null where the name tells nothing
 */
export function heightShareByName(title: string): number | null {
  const name = withoutMeasures(spelledOut(title)).replace(BESIDE, '').trim();
  return HEIGHTS.find(([called]) => called.test(name))?.[1] ?? null;
}
