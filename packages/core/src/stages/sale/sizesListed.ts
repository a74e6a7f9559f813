import { leadingCount, parseQuantity, trailingCount, UNIT_IN_NAME } from '../../units/index.ts';
import { EACH, measureAlone } from './pastedLine.ts';
import { MOST_ALIKE } from './readSale.ts';

const ONE = String.raw`\d[\d./]*(?: \d+\/\d+)?\s?(?:${UNIT_IN_NAME})?`;
const WEIGHT_UNIT = 'lbs?|oz|kg|g';
const WEIGHT = String.raw`\d[\d./]*\s?(?:${WEIGHT_UNIT})\b`;
const AND = String.raw`\s*,?\s*(?:and|&)\s+`;
/** `three crocks 8 in, 10 in, 12 in`, `canisters 9, 8 and 7 in tall`: a name, sizes, perhaps the side they are of, and whatever else is told. */
const LISTED = new RegExp(
  String.raw`^(?<name>[^,]*?\p{L}[^,]*?)[\s,:]+(?<list>${ONE}(?:\s*,\s*${ONE})*(?:${AND}|\s*,\s*)${ONE})(?<side>\s+(?:tall|high|long|wide|across|(?:in\s+)?dia(?:meter)?\.?))?(?<rest>\s*,.*|\s+${WEIGHT}.*)?$`,
  'iu',
);
/** `3 pc canister set`, `nest of 4 mixing bowls`: so many, and what they are. */
const SET_OF = /^(?:(?:a\s+)?nest\s+of\s+(?<nested>\w+)|(?<pieces>\w+)[\s-]*(?:pcs?|pieces?)\b\.?)\s+(?<what>.*)$/i;
const UNIT_END = new RegExp(`(?:${UNIT_IN_NAME})$`, 'iu');
const PARTED = new RegExp(`${AND}|\\s*,\\s*`, 'iu');
const GRADUATED = /\b(?:graduated|graduating|nesting|nested|nest of|assorted)\b/i;

/** Pieces of one name, as lines. */
interface SizesListed {
  readonly lines: readonly string[];
  /** The weights in them are shares of one that was told of all. */
  readonly weightShared: boolean;
}

/**
 * Several of one name and so many sizes, each written as a line of its own: `mixing bowl 6 in`, `mixing bowl 8 in`. What was told of
 * all goes with the first, a weight by shares. Where neither a count nor an `and` says that there are several, they may be the sides
 * of one thing.
 *
 * @returns null where it is no such list
 */
export function sizesListed(text: string): SizesListed | null {
  const { name, list, side = '', rest = '' } = LISTED.exec(text.trim())?.groups ?? {};
  if (name === undefined || list === undefined) return null;
  const typed = list.split(PARTED).map((one) => one.trim());
  const [unit] = UNIT_END.exec(list.trim()) ?? [];
  const counted = countOfSet(name) ?? leadingCount(name, MOST_ALIKE) ?? trailingCount(name, MOST_ALIKE);
  const called = counted?.rest ?? name;
  const saysSeveral = counted ? counted.count === typed.length : GRADUATED.test(name) || (IS_AND.test(list) && PLURAL.test(called));
  if (unit === undefined || !saysSeveral) return null;
  const each = typed.map((one) => (/\d$/.test(one) ? `${one} ${unit}` : one));
  const sizes = each.map((one) => parseQuantity(one));
  const lengths = sizes.flatMap((read) => (read.kind === 'length' ? [read.inches] : []));
  if (lengths.length < each.length || new Set(lengths).size < lengths.length) return null;
  const facts = rest
    .replace(WEIGHT_FIRST, '$1, ')
    .split(/,(?!\d{3}\b)/)
    .map((part) => part.trim());
  const weightAt = facts.findIndex((part) => weightOf(part) !== null);
  const others = facts.filter((part, at) => part !== '' && at !== weightAt);
  const weights = weightAt < 0 ? null : sharedBySize(facts[weightAt]!, lengths);
  const lines = each.map((one, i) =>
    [named(singular(called), one, side), ...(weights ? [weights[i]!] : []), ...(i === 0 ? others : [])].join(', '),
  );
  return { lines, weightShared: weights !== null && !EACH.test(facts[weightAt]!) };
}

/** How many a set says it has, and the name of one of them without what makes it a set. */
function countOfSet(name: string): ReturnType<typeof leadingCount> {
  const { nested, pieces = nested, what = '' } = SET_OF.exec(name)?.groups ?? {};
  const counted = pieces === undefined ? null : leadingCount(`${pieces} pieces`, MOST_ALIKE);
  const rest = what.replace(GRADUATED, '').trim();
  return counted && { count: counted.count, rest: rest.replace(/\s+set$/i, '') };
}

/** Each is told from the others by its size: a side with a name would be a size beside the name, not within it. */
const named = (name: string, size: string, side: string): string => (side === '' ? `${name} ${size}` : `${size}${side} ${name}`);

function weightOf(part: string): number | null {
  const read = parseQuantity(measureAlone(part.replace(EACH, '')));
  return read.kind === 'weight' ? read.pounds : null;
}

/** A weight for each: as it is said of each, or their shares of it. What is of one make weighs as the square of its size, by its walls. Judgement. */
function sharedBySize(said: string, lengths: readonly number[]): string[] {
  if (EACH.test(said)) return lengths.map(() => said.replace(EACH, ''));
  const shares = lengths.map((length) => length ** 2);
  const whole = shares.reduce((sum, share) => sum + share, 0);
  const { amount, unit } = IN_ONE_UNIT.exec(measureAlone(said))?.groups ?? { amount: weightOf(said), unit: 'lb' };
  return shares.map((share) => `${((Number(amount) * share) / whole).toFixed(3)} ${unit}`);
}
const IN_ONE_UNIT = new RegExp(String.raw`^(?<amount>\d+(?:\.\d+)?)\s*(?<unit>${WEIGHT_UNIT})$`, 'i');

/** A weight behind the sizes without a comma, and what follows it: ` 7 lb 4 oz $48`. */
const WEIGHT_FIRST = new RegExp(String.raw`^\s+(${WEIGHT}(?:\s+\d+\s?oz\b)?(?:\s+(?:each|ea|total|in all|all))?)\s*,?\s*`, 'i');

const IS_AND = /(?:\s|,)(?:and|&)\s/i;
const PLURAL = /[^s]s$/i;
/** One of several: `mixing bowl`, `dish`, `jug`. */
const singular = (name: string): string =>
  name
    .replace(/(?<=ch|sh|x|ss)es$/i, '')
    .replace(/ies$/i, 'y')
    .replace(/(?<=[^s])s$/i, '');
