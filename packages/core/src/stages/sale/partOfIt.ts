import { isRoundByName, nameAlone } from './sidesByName.ts';
import type { Span } from '../../units/index.ts';

// Parts of a piece that are measured by themselves: `base 4 x 4`, `12 in high, 5 in base`. Common practice, no source.

/** What a part is called, as an expression; what a whole piece may be called too is not among them. */
export const PARTS_OF_IT =
  'base|foot|feet|rim|lip|brim|mouth|neck|shoulder|waist|belly|socle|plinth|stem|shaft|handle|spout|knob|opening|aperture|window|seat|back|legs?|top|bottom|front|side';

const ACROSS = String.raw`\d[\d./ -]*(?:in(?:ch(?:es)?)?\b\.?|cm\b|mm\b|["″”])\s*(?:wide|across|dia(?:m(?:eter)?)?|round|w|d)\b\.?`;
/** A measure that is told of one: `5 in base`, `4 in wide at the mouth`. */
const OF_A_PART = String.raw`(?:an?\s+)?(?:${ACROSS}|\d[\d./ -]*(?:in(?:ch(?:es)?)?\b\.?|cm\b|mm\b|["″”])(?:\s*(?:square|tall|high|long|h|l|t)\b\.?)?)\s+(?:(?:at|across)\s+)?(?:(?:the|its)\s+)?(?:${PARTS_OF_IT})(?=$|\s*(?:[,;]|[x×]\s?\d|\d|(?:and|on|with)\b|&))`;
const ALONE = new RegExp(`^${OF_A_PART}$`, 'i');
const EACH_ONE = new RegExp(String.raw`(?<![^\s,;])(?:on\s+)?${OF_A_PART}`, 'gi');
const PARTING = new RegExp(String.raw`(?<=\d.*)(?:,|\s[x×])(?=\s*${OF_A_PART})`, 'gi');
/** Where what is round is widest. */
const AT_THE_RIM = new RegExp(String.raw`(?<=${ACROSS})\s+(?:(?:at|across)\s+)?(?:(?:the|its)\s+)?(?:rim|brim|top)\b`, 'gi');

/** True of a measure that is of a part and of nothing else. */
export const isOfAPart = (words: string): boolean => ALONE.test(words.trim());

/** Where each such measure stands among words. */
export const partsWithin = (words: string): Span[] =>
  [...words.matchAll(EACH_ONE)].map(({ index, 0: part }): Span => [index, index + part.length]);

/**
 * The same with a semicolon before each that stands as if it were a side, `vase 9in tall x 4in mouth`, and without the rim of what
 * is round, `bowl 9 in across the rim`; as long as it was.
 */
export function partsApart(text: string): string {
  const [name = ''] = text.split(/[,\d]/);
  const isRound = isRoundByName(nameAlone(name.replace(/[^\p{L}]+$/u, '')));
  const own = isRound ? text.replace(AT_THE_RIM, (rim) => ' '.repeat(rim.length)) : text;
  return own.replace(PARTING, (sign) => ';'.padStart(sign.length));
}
