import { MOST_TITLE, type SaleLine } from './SaleLine.ts';
import { isRoundByName, nameAlone } from './sidesByName.ts';
import type { Span } from '../../units/index.ts';

// Parts of a piece that are measured by themselves: `base 4 x 4`, `12 in high, 5 in base`. Common practice, no source.

/** What a part is called, as an expression; what a whole piece may be called too is not among them. */
export const PARTS_OF_IT =
  'base|foot|feet|rim|lip|brim|mouth|neck|shoulder|waist|belly|socle|plinth|stem|shaft|handle|spout|knob|opening|aperture|window|seat|back|legs?|top|bottom|front|side';

/** What is within the frame of a picture. */
export const OF_A_PICTURE = 'image|sheet|sight|mat|plate ?mark|visible|border|block';

const AMOUNT = String.raw`\d[\d./ -]*(?:in(?:ch(?:es)?)?\b\.?|cm\b|mm\b|["″”])`;
const ACROSS = String.raw`${AMOUNT}\s*(?:wide|across|dia(?:m(?:eter)?)?|round|w|d)\b\.?`;
/** A measure that is told of one: `5 in base`, `4 in wide at the mouth`. */
const PART_MEASURE = String.raw`(?:an?\s+)?(?:${ACROSS}|${AMOUNT}(?:\s*(?:square|sq|tall|high|long|h|l|t)\b\.?)?)\s+(?:(?:at|across)\s+)?(?:(?:the|its)\s+)?(?:${PARTS_OF_IT})(?:\s+(?:dia(?:m(?:eter)?)?|width|opening)\b\.?)?(?=$|\s*(?:[,;]|[x×]\s?\d|\d|(?:and|on|with)\b|&))`;
const ALONE = new RegExp(
  String.raw`^(?:${PART_MEASURE}|\d[\d./]*\s?[x×]\s?(?:${AMOUNT}|[\d./]+)\s+(?:${OF_A_PICTURE})(?:\s+(?:size|area))?)$`,
  'i',
);
const EACH_ONE = new RegExp(String.raw`(?<![^\s,;])(?:on\s+)?${PART_MEASURE}`, 'gi');
const PARTING = new RegExp(String.raw`(?<=\d.*)(?:,|\s[x×])(?=\s*${PART_MEASURE})`, 'gi');
/** Where what is round is widest: a shade below, all else at its rim. */
const widest = (at: string): RegExp =>
  new RegExp(
    String.raw`(?<=${ACROSS})\s+(?:(?:at|across)\s+)?(?:(?:the|its)\s+)?(?:${at})\b|(?<=${AMOUNT})\s+(?:${at})(?=\s+(?:dia|wide|across|width))`,
    'gi',
  );
const OF_A_SHADE = widest('bottom|base');
const OF_THE_REST = widest('rim|brim|top');
const IS_SHADE = /\bshade$/i;

/** Words for the whole of it before its size: `9x12, framed 14x17`. */
const OF_THE_WHOLE = String.raw`(?:framed?|overall|outside|(?:with|in)\s+(?:its\s+|the\s+)?frame)(?:\s+(?:size|dimensions|measures))?`;
const FRAME_FIRST = new RegExp(String.raw`(?<=[,;(]\s*${OF_THE_WHOLE})\s(?=\d[\d./]*\s?(?:in(?:ch(?:es)?)?\b|cm\b|["″”])?\s?[x×])`, 'gi');
const IS_WHOLE = new RegExp(`^${OF_THE_WHOLE}$`, 'i');

/** True of a measure that is of a part and of nothing else. */
export const isOfAPart = (words: string): boolean => ALONE.test(words.trim());

/** Where each such measure stands among words. */
export const partsWithin = (words: string): Span[] =>
  [...words.matchAll(EACH_ONE)].map(({ index, 0: part }): Span => [index, index + part.length]);

/**
 * The same with a semicolon before each that stands as if it were a side, `vase 9in tall x 4in mouth`, and without the part where what
 * is round is widest, `bowl 9 in across the rim`; as long as it was.
 */
export function partsApart(text: string): string {
  const [name = ''] = text.split(/[,\d]/);
  const called = nameAlone(name.replace(/[^\p{L}]+$/u, ''));
  const atWidest = IS_SHADE.test(called) ? OF_A_SHADE : OF_THE_REST;
  const own = isRoundByName(called) ? text.replace(atWidest, (part) => ' '.repeat(part.length)) : text;
  return own.replace(FRAME_FIRST, ';').replace(PARTING, (sign) => ';'.padStart(sign.length));
}

/** Why a measure is in the title. */
export const OF_A_PART = 'of a part of it, not its size';

/** Puts what was taken for the size into the title, where words before what follows say that this is the whole: `9x12, framed 14x17`. */
export function partGivesWay(line: SaleLine): void {
  const { readings, title } = line;
  const before = readings.findIndex(({ field }) => field === 'sizeIn');
  if (before < 0 || title === undefined || !IS_WHOLE.test(readings.at(-1)!.text)) return;
  const { at, text } = readings[before]!;
  const joined = `${title}, ${text}`;
  if (joined.length <= MOST_TITLE) line.title = joined;
  delete line.sizeIn;
  readings[before] = { at, text, field: 'title', problem: null, doubt: OF_A_PART };
}
