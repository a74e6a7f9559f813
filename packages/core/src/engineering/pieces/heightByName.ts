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

/** What stands on a round foot and has no handle at its side: as wide as it is deep. Common practice, no source. */
const ROUND_ABOUT =
  /\b(?:lamps?|lanterns?|candle ?sticks?|urns?|vases?|bells?|buckets?|pails?|canisters?|churns?|crocks?|jars?|bottles?|decanters?|carafes?|goblets?|tumblers?|hourglass(?:es)?|cloches?|domes?|drums?|stools?|barrels?)$/i;

const nameOf = (title: string): string => withoutMeasures(spelledOut(title)).replace(BESIDE, '').trim();

/** True of what is as wide as it is deep, as far as its name tells: a table lamp. */
export const isRoundAbout = (title: string): boolean => ROUND_ABOUT.test(nameOf(title));

/**
 * How high something is against how broad it is, as far as its name tells: a plate is a tenth or so, a ball as high as it is wide.
 *
 * @returns null where the name tells nothing
 */
export function heightShareByName(title: string): number | null {
  const name = nameOf(title);
  return HEIGHTS.find(([called]) => called.test(name))?.[1] ?? null;
}
