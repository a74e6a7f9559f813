import { partsWithin } from './partOfIt.ts';
import type { Span } from '../../units/index.ts';

/**
 * What words mean by themselves: led by a word of their own, `sold 84`, or all three sides of something; an amount with its sign, `$84`;
 * a measure, `14 in` or `6 lb`; or none of these.
 */
export type FactIn = 'led' | 'price' | 'measure' | null;

/** Words that one fact takes at most: `each about 3 1/2 in x 3 1/2 in x 6 in`. */
const MOST_WORDS = 12;
/** Words that belong to the number before them: `2 lb 9 x 8 x 14` is no 2 lb 9, `8 in tall 3 lb` not 8 in and 3. */
const GOES_ON = /^(?:[x×]|(?:lbs?|pounds?|oz|ounces?|kgs?|kilos?|grams?)\b)/i;
/** Words that no name has behind a measure: `lamp 4 lb with chimney`, `telescope 30 in long in its case`. */
const BRINGS_IN =
  /^\s+(?:(?:and|with|without|plus|incl|including|&)\s|in\s+(?:[a-z]+\s+){0,3}(?:box|case|carton|tin|tube|bag|pouch|frame)\b)/i;

/** What stands before what goes into it: `mug, holds 12 oz`. */
const HOLDS = /\b(?:holds?|holding|contains|capacity)\s+(?:(?:of|about|approx\.?)\s+)*$/i;

/** A number behind a measure that is no more of it: `11 lb 220`. */
const AMOUNT_LAST = /^\s+\d{2,6}(?:\.\d\d)?(?:\s+(?:obo|firm|shipped|(?:for\s+)?(?:all|both|(?:the|per)\s+(?:pair|lot|set))))?$/i;

/**
 * Where the facts of a sale stand among words that no comma parts, `tea urn 9 x 8 x 14 in 6 lb sold 84`: spans from the first word
 * to the last, in order. The longest that means something is taken; a measure before further words of a title belongs to
 * them, as in `8 oz bottle`, unless they bring in something more. An amount does so only where a title begins with it, as in
 * `$20 gold piece`, and where another follows.
 *
 * @param factIn what some words mean
 * @param named true where a title stands before all of them
 */
export function partedAtFacts(text: string, factIn: (words: string) => FactIn, named: boolean): Span[] {
  const words = [...text.matchAll(/\S+/g)].map((match): Span => [match.index, match.index + match[0].length]);
  const parts: { at: Span; fact: FactIn }[] = [];
  const ofParts = partsWithin(text);
  const isPart = (part?: { at: Span }) => part !== undefined && ofParts.some(([from]) => from === part.at[0]);
  for (let first = 0; first < words.length;) {
    const from = words[first]![0];
    const ofPart = ofParts.find(([start]) => start === from);
    if (ofPart) {
      parts.push({ at: ofPart, fact: null });
      first = words.findIndex(([start], i) => i > first && start >= ofPart[1]);
      if (first < 0) break;
      continue;
    }
    let fact: FactIn = null;
    let last = Math.min(words.length, first + MOST_WORDS) - 1;
    for (; last >= first; last--) {
      const [next] = words[last + 1] ?? [];
      // no measure reaches into one of a part
      if (ofParts.some(([start]) => start > from && start < words[last]![1])) continue;
      if (next !== undefined && GOES_ON.test(text.slice(next))) continue;
      if ((fact = factIn(text.slice(from, words[last]![1])))) break;
    }
    last = Math.max(last, first);
    parts.push({ at: [from, words[last]![1]], fact });
    first = last + 1;
  }
  let before: FactIn | 'end' = 'end';
  let priced = false;
  for (const [at, part] of [...parts.entries()].toReversed()) {
    // what follows a size behind a name is no name: `table 24 x 16 x 28 22 lb local`
    const followsSize = parts[at - 1]?.fact === 'led' && parts.slice(0, at - 1).some(({ fact }) => fact === null);
    const mayBelong = (part.fact === 'measure' && !followsSize) || (part.fact === 'price' && (priced || (!named && part.at[0] === 0)));
    const rest = text.slice(part.at[1]);
    if (mayBelong && before === null && !BRINGS_IN.test(rest) && !isPart(parts[at + 1]) && !AMOUNT_LAST.test(rest)) part.fact = null;
    if (part.fact === 'measure' && HOLDS.test(text.slice(0, part.at[0]))) part.fact = null;
    priced ||= part.fact === 'price';
    before = part.fact;
  }
  return parts
    .reduce<{ at: Span; fact: FactIn }[]>((joined, part) => {
      const last = joined.at(-1);
      if (last && !last.fact && !part.fact) last.at = [last.at[0], part.at[1]];
      else joined.push({ ...part });
      return joined;
    }, [])
    .map(({ at }) => at);
}
