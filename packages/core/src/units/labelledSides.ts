// Sides told by their names, as lists of sales have them: `8 1/2 in H x 4 in W x 4 in D`, `10 in diameter x 4 high`.

/** A bare `d` is what is deep, or, beside a height alone, what is so far across. */
export type Side = 'long' | 'wide' | 'deep' | 'high' | 'across' | 'd';

const SIDES: Readonly<Record<Side, readonly string[]>> = {
  long: ['l', 'lg', 'long', 'length'],
  wide: ['w', 'wide', 'width'],
  deep: ['deep', 'depth'],
  d: ['d'],
  high: ['h', 'ht', 't', 'high', 'tall', 'height', 'drop'],
  // what is square is as long as it is wide, as what is round is
  across: ['ø', '⌀', 'dia', 'diam', 'diameter', 'across', 'round', 'square', 'sq'],
};
const BY_WORD = new Map((Object.keys(SIDES) as Side[]).flatMap((side) => SIDES[side].map((word): [string, Side] => [word, side])));

const WORD = `(?:${[...BY_WORD.keys()].join('|')})`;
const UNIT = '(?:in(?:ch(?:es)?)?|cm|mm|ft|["″”\'])';
const AFTER_A_SIDE = `(?:\\d|\\b${UNIT}|["″”]|\\b${WORD})\\.?`;
const A_SIDE = `(?:${WORD}\\b[.:]?\\s*\\d|[\\d ./-]+${UNIT}?\\.?\\s*${WORD}\\b)`;
/** How many there are, which is no side: `set of 6, 8 in tall`, `steins x3, 7 in tall`. */
const A_COUNT = '(?:\\bof|\\bqty\\.?|\\s[x×]|\\bs(?:et)?\\s?/)\\s?\\d{1,4}';
/** Where a comma parts no more than two named sides of one size, as an expression to look for. */
export const COMMA_BETWEEN_SIDES = `(?<=${AFTER_A_SIDE})(?<!${A_COUNT}),(?=\\s*${A_SIDE})`;

/** The side that a word names; undefined for any other word. */
export const sideOf = (word: string): Side | undefined => BY_WORD.get(word.toLowerCase());

/** From left to right, from front to back; what is deep is so from front to back, or, where that is told, downward. */
const LYING = ['long', 'wide', 'deep'] as const satisfies readonly Side[];

/** A measure, with the name of its side where that was told. */
type Told<Measure> = readonly [Side | undefined, Measure];

/**
 * Measures in the order of a size, some or all of them named: as a piece stands, length, width, height. What is so far across is
 * as long as it is wide, but for a handle that is told as its length.
 *
 * @returns null for a side that was not told, beside one that is known by its name; or what is wrong with them
 */
export function inOrderOfSides<Measure extends { readonly amount: number }>(asTold: readonly Told<Measure>[]): (Measure | null)[] | string {
  const isRound = asTold.length === 2 && asTold.some(([side]) => side === 'high');
  const told = asTold.map(([side, measure]): Told<Measure> => [side === 'd' ? (isRound ? 'across' : 'deep') : side, measure]);
  const names = told.flatMap(([side]) => side ?? []);
  if (new Set(names).size < names.length) return 'one of the sides is said twice';
  if (told.length < 2 && names[0] === 'deep') return 'and its other sides?';
  if (names.includes('across')) return round(told);
  const bySide = new Map(namedThroughout(told));
  const lying = LYING.flatMap((side) => bySide.get(side) ?? []);
  const high = bySide.get('high');
  if (high) return [lying[0] ?? null, lying[1] ?? null, ...lying.slice(2), high];
  return lying.length > 1 ? lying : [...lying, null, null];
}

/** Of what is round: what has no name is its height, or its length where that is told. */
function round<Measure extends { readonly amount: number }>(told: readonly Told<Measure>[]): Measure[] | string {
  const bySide = new Map(told);
  const across = bySide.get('across')!;
  const free = bySide.get(undefined);
  const upward = bySide.get('high') ?? bySide.get('deep') ?? free;
  const long = bySide.get('long') ?? (free !== upward ? free : undefined);
  const measures = new Set([across, long, upward].filter((one) => one !== undefined));
  if (measures.size < told.length || (long && upward && long.amount < across.amount))
    return 'what is round has one measure across, its height, and its length with a handle';
  if (long) return [long, across, upward ?? across];
  return upward ? [across, across, upward] : [across, across];
}

/** What has no name, named for a side that none has: the last of three is upward where no other is, the rest lie as they are told. */
function namedThroughout<Measure extends { readonly amount: number }>(told: readonly Told<Measure>[]): (readonly [Side, Measure])[] {
  const named = told.flatMap(([side, measure]) => (side ? [[side, measure] as const] : []));
  const free = told.flatMap(([side, measure]) => (side ? [] : [measure]));
  const bySide = new Map(named);
  // what is deep is so downward where both others lie
  const standing = bySide.has('high') || (bySide.has('deep') && free.length > 1);
  const upward = !standing && told.length > 2 ? free.slice(-1) : [];
  const lying = free.slice(0, free.length - upward.length);
  const width = bySide.get('wide');
  // the longer of what lies is its length
  const lies: readonly Side[] = width
    ? [lying[0] && lying[0].amount < width.amount ? 'deep' : 'long']
    : bySide.has('long')
      ? ['wide']
      : ['long', 'wide'];
  return [...named, ...lying.map((measure, i) => [lies[i]!, measure] as const), ...upward.map((measure) => ['high', measure] as const)];
}
