const WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  pair: 2,
  pr: 2,
  couple: 2,
  duo: 2,
  both: 2,
  three: 3,
  trio: 3,
  four: 4,
  quartet: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  dozen: 12,
  doz: 12,
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
  /^(?<set>(?:an?\s+)?(?:(?:complete|full|matched|job|mixed)\s+)?(?:set|lot|group)\s+of\s+)?(?<count>\d{1,4}|(?:a\s+)?half\s+a\s+dozen|(?:an?\s+)?[a-z]+)\.?\s*(?<sign>[x×]\s+|\s(?:of\s+)?)(?<rest>\S.*)$/i;
/** A set in a box of its own is one thing. */
const IN_ITS_BOX = /\b(?:boxed|cased|in (?:its|their|a|an|the) (?:\w+ )?(?:box|case))\b/i;
/** A pair of these is one thing, worn or held as one and measured so. */
const PAIRED =
  /\b(?:boots|shoes|slippers|sandals|trainers|clogs|gloves|mittens|socks|stockings|trousers|jeans|pants|shorts|breeches|overalls|spectacles|eyeglasses|sunglasses|goggles|(?:opera|field) glasses|binoculars|headphones|earphones|scissors|shears|secateurs|tongs|pliers|pincers|tweezers|forceps|cal+ipers|dividers|compasses|bellows|skates|skis|cufflinks|earrings)\b/i;
/** So many times what there is of each: `two dozen tiles`, `3 pairs of candlesticks`. */
const MANIFOLD = /^(?:(?<dozens>doz(?:en)?s?)|pairs?|prs?)\.?\s+(?:of\s+)?(?<rest>\S.*)$/i;
/** `8 x 10 prints` are of that size. */
const A_NUMBER = /^[\d./]+\s/;
/** `six 8 in plates` are six; `2 1/2 in nails` are as many as nobody knows. */
const BY_SIZE = /^[\d./ ]+[\s-]?(?:in(?:ch)?\b\.?|cm\b|["″”])\s*\p{L}/iu;
/** What a number before it says which it is, and not how many: `45 rpm records`, `8 day clock`. Common practice, no source. */
const SAYS_WHICH =
  /^(?:rpm|mm|cm|gal(?:lon)?s?|q(?:uar)?ts?|pints?|pts?|oz|ounces?|lbs?|pounds?|grams?|g|kg|volts?|v|watts?|w|amps?|day|year|gauge|string|tier|tone|sided|ply|speed|tube|draw|power|kt?|ct|karats?|carats?|cup|jewel|ft)\b\.?[\s-]/i;
const PLURAL = /(?:[^su]s|men|people|feet|mice)\b/i;
const PLURAL_END = new RegExp(`${PLURAL.source}$`, 'i');

/** A count as lists have it, as it is said: `Qty 3: trivets`, `6 pc plates`, `Lot of (12) spoons`, `Six (6) goblets`. */
const plainly = (title: string): string =>
  title
    .trim()
    .replace(/^(?:qty|quantity)\.?\s*:?\s*(\d{1,4})\s*(?:[:x×]\s*|\s)(?=\S)/i, '$1 x ')
    // so many pieces that are one thing are not alike: `5 pc tea set`, `50 piece jigsaw`
    .replace(/^(\d{1,4})\s?-?\s?(?:pcs?|pieces?)\.?\s+(?:of\s+)?(?!.*\b(?:set|service)s?\b)(?=\S)/i, '$1 ')
    .replace(/^\((\d{1,4})\)\s+(?=\S)/, '$1 x ')
    .replace(/^(?:s|set)\s?\/\s?(?=\d{1,4}\s)|^(?:an?\s+)?set-of-/i, 'set of ')
    .replace(/\b(of\s+)\((\d{1,4})\)/i, '$1$2')
    .replace(/^(\w+)\s+\((\d{1,4})\)\s+/, (both, word: string, number: string) =>
      parseCount(word) === Number(number) ? `${number} x ` : both,
    );

/** True where a title begins with a number that says which it is: `45 rpm records`. */
export const isNamedByNumber = (title: string): boolean => /^\d/.test(title) && SAYS_WHICH.test(title.replace(/^\d{1,4}[\s-]/, ''));

/** True where what follows a count is another number, which may be of the count itself; a size between them is of each. */
const isNumber = (rest: string, isCount: boolean): boolean => A_NUMBER.test(rest) && !(isCount && BY_SIZE.test(rest));

/**
 * The count at the head of a title: `six apothecary jars`, `31 x pilot books`, `pair of bookends`, `set of 4 goblets`, `lot of 10 books`. A bare
 * count is taken for one only before a plural, since a title may begin with a number; `1 x jar` is one.
 *
 * @param most above it no count is meant
 */
export function leadingCount(title: string, most: number): LeadingCount | null {
  const { set, count: said, sign, rest } = LEADING.exec(plainly(title))?.groups ?? {};
  if (said === undefined || sign === undefined || rest === undefined) return null;
  const count = parseCount(said);
  if (
    count === null ||
    count < 1 ||
    count > most ||
    isNumber(rest, set !== undefined || !/^\d/.test(said)) ||
    (set === undefined && isNamedByNumber(title.trim())) ||
    (set !== undefined && IN_ITS_BOX.test(rest))
  )
    return null;
  // lists tell of one as of several: `1 x jar`; anything else may be a name, as in `one of a kind` and `1 pint jug`
  if (count === 1) return /[x×]/i.test(sign) ? { count, rest } : null;
  if (IS_PAIR.test(said)) return PAIRED.test(rest) ? null : { count, rest };
  const { dozens, rest: each } = MANIFOLD.exec(rest)?.groups ?? {};
  const times = dozens === undefined ? 2 : 12;
  if (each !== undefined && count * times <= most && (dozens !== undefined || !PAIRED.test(each)))
    return { count: count * times, rest: each };
  const told = set !== undefined || /[x×]|of/i.test(sign) || /couple|doz/i.test(said);
  return told || PLURAL.test(rest) ? { count, rest } : null;
}

const IS_PAIR = /\bpair|\bpr$/i;
/** What several are told as behind their name. */
const SET_OF = /(?:(?:an?\s+)?(?:set|lot|group|bundle|suite)[\s-]+of[\s-]+|s(?:et)?\s?\/\s?(?=\d))/.source;
const BEHIND = new RegExp(
  String.raw`^(?:(?:an?\s+)?(?<pair>pair|couple)(?:\s+of(?:\s+them)?)?|${SET_OF}(?<set>\w+)|(?<all>\w+)\s+of\s+them)$`,
  'i',
);
const BRACKETED = /^(?<title>.*\S)\s*\((?<said>[^()]+)\)$/;
/** A number that stands by itself behind what there are several of: `books (10)`, `goblets x6`, `plates 6 pcs`; no side of a size, and of many pieces one thing is made. */
const TIMES_BEHIND =
  /^(?<title>.*[^\d\s./'"])\s*(?:\s(?:[x×]|qty\.?:?|quantity:?)\s?(?<times>\d{1,4})|\s(?<before>\d{1,4})\s?[x×]|\s(?<pieces>\d|1[0-2])\s?(?:pcs|pieces)|\((?:[x×]\s?)?(?<bracketed>\d{1,4})(?:\s?(?:pcs|pieces))?\))$/i;
/** The same without a comma or a bracket: `dinner plates set of 6`, `speakers pair`, and with more behind it, `mixing bowls set of 4 nesting`. */
const SET_BEHIND = new RegExp(String.raw`^(?<title>.*?\S)\s+(?<said>(?:an?\s+)?pair|${SET_OF}\w+)(?<more>\s\S.*)?$`, 'i');

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
  if (count === null || count < 2 || count > most || (set !== undefined && IN_ITS_BOX.test(title))) return null;
  return pair !== undefined && PAIRED.test(title) ? null : count;
}

/** The same at the end of a title: in brackets, `candlesticks (pair)`, or as so many times, `goblets x6`. */
export function trailingCount(title: string, most: number): LeadingCount | null {
  const { title: rest, said } = BRACKETED.exec(title.trim())?.groups ?? {};
  const count = rest === undefined || said === undefined ? null : countBehind(said, rest, most);
  if (count !== null) return { count, rest: rest! };
  const { title: several, times, before, pieces, bracketed } = TIMES_BEHIND.exec(title.trim())?.groups ?? {};
  const number = Number(times ?? before ?? pieces ?? bracketed);
  if (several !== undefined && number >= 2 && number <= most && !IN_ITS_BOX.test(several))
    // a number in brackets may be a year, a page or a size
    return times !== undefined || PLURAL_END.test(several) ? { count: number, rest: several } : null;
  const { title: set, said: ofSo, more = '' } = SET_BEHIND.exec(title.trim())?.groups ?? {};
  if (set === undefined || ofSo === undefined || IN_ITS_BOX.test(title)) return null;
  // a chess set of 32 is one thing; a lot of so many is not
  const isLot = /^(?:an?\s+)?lot\b/i.test(ofSo) && (more === '' || PLURAL.test(more));
  if (!isLot && !PLURAL_END.test(set) && (more !== '' || !/pair$/i.test(ofSo))) return null;
  const so = countBehind(ofSo, set, most);
  return so === null ? null : { count: so, rest: set + more };
}

/** What holds several and is told before them: `box of 12 marbles`. */
const HOLDER = /^(?:an?\s+)?(?:[a-z]+\s+)?(?:lot|box|case|carton|crate|tray|bundle|stack|pile|collection|assortment|group|set)(?:\s+of)?$/i;

/**
 * A count somewhere in a title, where it is known that it is of several, since something was said of each of them:
 * `box of 12 marbles`, `vintage 6 goblets`; nothing where none stands before a plural.
 */
export function countWithin(title: string, most: number): LeadingCount | null {
  if (IN_ITS_BOX.test(title)) return null;
  const words = title.trim().split(/\s+/);
  for (const [at, word] of words.entries()) {
    const count = parseCount(word);
    if (count === null || count < 2 || count > most) continue;
    const before = words
      .slice(0, at)
      .join(' ')
      .replace(/(?:^|\s)an?$/i, '');
    const after = words
      .slice(at + 1)
      .join(' ')
      .replace(/^of\s+/i, '');
    if (PLURAL.test(after) && !/^[x×]$/i.test(words[at + 1]!))
      return { count, rest: HOLDER.test(before) ? after : [before, after].filter(Boolean).join(' ') };
  }
  return null;
}
