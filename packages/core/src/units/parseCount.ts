const WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  pair: 2,
  couple: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  fifteen: 15,
  sixteen: 16,
  eighteen: 18,
  twenty: 20,
  thirty: 30,
};

/** A count as it is said: `6`, `six`, `a pair`, `half a dozen`; null where it is none. */
export function parseCount(text: string): number | null {
  const said = text.trim().toLowerCase();
  if (/^\d{1,4}$/.test(said)) return Number(said);
  if (/^(a )?half( a)? dozen$/.test(said)) return 6;
  const word = said.replace(/^an? /, '');
  return Object.hasOwn(WORDS, word) ? WORDS[word]! : null;
}

/** A leading count and what it counts; nothing where a title does not begin with one. */
export interface LeadingCount {
  readonly count: number;
  readonly rest: string;
}

const LEADING =
  /^(?<set>(?:an?\s+)?set\s+of\s+)?(?<count>\d{1,4}|(?:a\s+)?half\s+a\s+dozen|(?:an?\s+)?[a-z]+)\s*(?<sign>[x×]\s+|\s(?:of\s+)?)(?<rest>\S.*)$/i;
/** A set in a box of its own is one thing. */
const IN_ITS_BOX = /\b(?:boxed|cased|in (?:its|their|a|an|the) (?:\w+ )?(?:box|case))\b/i;
/** `8 x 10 prints` are of that size. */
const A_NUMBER = /^[\d./]+\s/;
const PLURAL = /(?:[^su]s|men|people|feet|mice)\b/i;

/**
 * The count at the head of a title: `six apothecary jars`, `31 x pilot books`, `pair of bookends`, `set of 4 goblets`. A bare
 * count is taken for one only before a plural, since a title may begin with a number.
 *
 * @param most above it no count is meant
 */
export function leadingCount(title: string, most: number): LeadingCount | null {
  const { set, count: said, sign, rest } = LEADING.exec(title.trim())?.groups ?? {};
  if (said === undefined || sign === undefined || rest === undefined) return null;
  const count = parseCount(said);
  if (count === null || count < 2 || count > most || A_NUMBER.test(rest) || (set !== undefined && IN_ITS_BOX.test(rest))) return null;
  const told = set !== undefined || /[x×]|of/i.test(sign) || /pair|couple|dozen/i.test(said);
  return told || PLURAL.test(rest) ? { count, rest } : null;
}

const BEHIND = /^(?:(?:an?\s+)?(?<pair>pair|couple)(?:\s+of(?:\s+them)?)?|(?:an?\s+)?set\s+of\s+(?<set>\w+)|(?<all>\w+)\s+of\s+them)$/i;
const BRACKETED = /^(?<title>.*\S)\s*\((?<said>[^()]+)\)$/;

/**
 * The count that stands behind what it counts: `candlesticks, pair of`, `goblets, set of 4`; null where a part is none.
 *
 * @param part one part between commas
 * @param title what it would be of
 * @param most above it no count is meant
 */
export function countBehind(part: string, title: string, most: number): number | null {
  const { pair, set, all } = BEHIND.exec(part.trim())?.groups ?? {};
  const said = pair ?? set ?? all;
  const count = said === undefined ? null : parseCount(said);
  return count === null || count < 2 || count > most || (set !== undefined && IN_ITS_BOX.test(title)) ? null : count;
}

/** The same in brackets at the end of a title: `candlesticks (pair)`. */
export function bracketedCount(title: string, most: number): LeadingCount | null {
  const { title: rest, said } = BRACKETED.exec(title.trim())?.groups ?? {};
  const count = rest === undefined || said === undefined ? null : countBehind(said, rest, most);
  return count === null ? null : { count, rest: rest! };
}
