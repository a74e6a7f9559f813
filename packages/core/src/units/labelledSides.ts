// Sides told by their names, as lists of sales have them: `8 1/2 in H x 4 in W x 4 in D`, `10 in diameter x 4 high`.

export type Side = 'long' | 'wide' | 'deep' | 'high' | 'across';

const SIDES: Readonly<Record<Side, readonly string[]>> = {
  long: ['l', 'lg', 'long', 'length'],
  wide: ['w', 'wide', 'width'],
  deep: ['d', 'deep', 'depth'],
  high: ['h', 'ht', 'high', 'tall', 'height'],
  across: ['ø', '⌀', 'dia', 'diam', 'diameter', 'across'],
};
const BY_WORD = new Map((Object.keys(SIDES) as Side[]).flatMap((side) => SIDES[side].map((word): [string, Side] => [word, side])));

const WORD = `(?:${[...BY_WORD.keys()].join('|')})`;
const UNIT = '(?:in(?:ch(?:es)?)?|cm|mm|ft|["″”\'])';
const AFTER_A_SIDE = `(?:\\d|\\b${UNIT}|["″”]|\\b${WORD})\\.?`;
const A_SIDE = `(?:${WORD}\\b[.:]?\\s*\\d|[\\d ./-]+${UNIT}?\\.?\\s*${WORD}\\b)`;
/** Where a comma parts no more than two named sides of one size, as an expression to look for. */
export const COMMA_BETWEEN_SIDES = `(?<=${AFTER_A_SIDE}),(?=\\s*${A_SIDE})`;

/** The side that a word names; undefined for any other word. */
export const sideOf = (word: string): Side | undefined => BY_WORD.get(word.toLowerCase());

/** From left to right, from front to back, upward; what is deep is so from front to back, or, where that is told, downward. */
const ORDER = ['long', 'wide', 'deep', 'high'] as const satisfies readonly Side[];

/**
 * Named measures in the order of a size: as a piece stands, length, width, height. What is so far across is as long as it is wide.
 *
 * @returns or what is wrong with them
 */
export function inOrderOfSides<Measure>(named: readonly (readonly [Side, Measure])[]): Measure[] | string {
  const bySide = new Map(named);
  if (bySide.size < named.length) return 'one of the sides is said twice';
  const across = bySide.get('across');
  if (across !== undefined) {
    const rest = named.filter(([side]) => side !== 'across');
    if (rest.length > 1 || rest[0]?.[0] === 'wide') return 'what is round has one measure across, and its length or its height';
    const long = bySide.get('long');
    return long === undefined ? [across, across, ...rest.map(([, measure]) => measure)] : [long, across, across];
  }
  if (named.length < 2) return 'and its other sides?';
  return ORDER.flatMap((side) => {
    const measure = bySide.get(side);
    return measure === undefined ? [] : [measure];
  });
}
