import { heightShareByName } from '../../engineering/pieces/heightByName.ts';

/** What a piece goes with, has or came from: `doll 18 in with trunk`, `clock with 8 in dial`. */
export const BESIDE = /\s*(?:\(|\b(?:with|without|from|by|for|on|under|behind)\b|\bw\/).*$/i;
/** One more of as many measures as there are pieces, or what stands below one: `vase 12 in and stand`. */
export const AND = /\s+(?:and|&)\s.*$/i;
/** Of what lies in it, that is not the size. */
const LIES_IN = /\s+in\s+(?:an?|its|the|\p{L}+)\b.*$/iu;

/** What is round, and told by how wide it is across. Common practice, no source. */
const ROUND =
  /\b(?:plates?|saucers?|chargers?|bowls?|basins?|skillets?|frying pans?|dials?|gongs?|cymbals?|wall clocks?|sundials?|(?:lamp ?)?shades?|records?|lps?|floats?|globes?|balls?|baubles?|orbs?|spheres?|bells?|ashtrays?|tambourines?)$/i;
/** What stands, and is told by how high it does. Common practice, no source. */
const STANDING =
  /\b(?:vases?|dolls?|figur(?:e|ine)s?|statues?|statuettes?|busts?|lamps?|lanterns?|candle ?sticks?|candelabr(?:a|um)s?|jars?|bottles?|decanters?|carafes?|pitchers?|jugs?|ewers?|urns?|crocks?|churns?|canisters?|tankards?|steins?|goblets?|tumblers?|samovars?|(?:coffee|tea) ?pots?|mugs?|beakers?|(?:wine|water|drinking|champagne|cocktail|beer|shot|cordial) glass(?:es)?|(?:ice )?buckets?|pails?|heaters?|cloches?|domes?|hourglass(?:es)?|(?:mantel|carriage|shelf|table|cuckoo|bracket|anniversary) clocks?|obelisks?|nutcrackers?|troph(?:y|ies)|birdcages?)$/i;

/** A name without what the piece goes with, and without what lies in it. */
export const nameAlone = (name: string): string => name.replace(BESIDE, '').replace(AND, '').replace(LIES_IN, '').trim();

/** True where a name tells which of its sides such a thing is told by. */
export const isToldBySide = (name: string): boolean => ROUND.test(name) || STANDING.test(name);

/** True of what is round, and told by how wide it is across. */
export const isRoundByName = (name: string): boolean => ROUND.test(name);

/**
 * The side that a measure is of, by what it is told of, in the words of a size: how wide across what is round, how tall what stands.
 *
 * @returns null where the name tells nothing
 */
export function sideByName(name: string, measure: string): string | null {
  if (STANDING.test(name)) return ' tall';
  if (!ROUND.test(name)) return null;
  return heightShareByName(name) === 1 ? ` across x ${measure} tall` : ' across';
}

/** Two sides as they were typed, the unit behind the second or behind both. */
const TWO = /^(?<one>[\d./ ]+?)\s*(?<its>\p{L}+\.?|["″”])?\s*(?:[x×]|\bby\b)\s*(?<other>[\d./ ]+?)\s*(?<unit>\p{L}+\.?|["″”])?$/iu;
/** What is round is hardly higher than this many times what its name tells; two sides nearer each other both lie. Judgement. */
const HIGHEST = 2;

/**
 * Two measures by their sides, in the words of a size: of what is round the less is its height, unless both are as wide as it may be;
 * what stands is taller than it is wide.
 *
 * @param said both as they were typed
 * @param told the same, inches
 * @returns null where the name tells nothing
 */
export function twoSidesByName(name: string, said: string, [one, other]: readonly number[]): string | null {
  const typed = TWO.exec(said)?.groups;
  if (!typed || one === undefined || other === undefined) return null;
  const unit = typed['unit'] ?? '';
  const [first, second] = [withUnit(typed['one']!, typed['its'] ?? unit), withUnit(typed['other']!, unit)];
  const [most, least] = one >= other ? [first, second] : [second, first];
  if (STANDING.test(name)) return `${least} wide x ${most} tall`;
  const share = ROUND.test(name) ? heightShareByName(name) : null;
  const isHeight = share !== null && Math.min(one, other) <= HIGHEST * share * Math.max(one, other);
  return isHeight ? `${most} across x ${least} tall` : null;
}

const withUnit = (amount: string, unit: string): string => (/^\p{L}/u.test(unit) ? `${amount} ${unit}` : amount + unit);
