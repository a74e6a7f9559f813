import { orientationsAllowed, type Orientation, type Triple } from '@inch-nest/core';

/** A side so much shorter than the next makes a thing flat; judgement. */
const FLAT = 0.5;

/**
 * The ways in which a piece may lie, with a word for each: what is flat lies so, or on edge or end, whichever way it was measured.
 *
 * @param sizeIn as it was measured
 * @param upright true of what keeps its way up
 */
export function liesWords(sizeIn: Triple, upright: boolean): { readonly way: Orientation; readonly words: string }[] {
  const [thin, wide, long] = [...sizeIn].sort((one, other) => one - other) as unknown as Triple;
  const word = ([, , up]: Orientation): string => {
    if (up === 2 && sizeIn[2] > thin) return 'standing';
    if (thin > FLAT * wide) return (['on side', 'on back', 'standing'] as const)[up];
    if (sizeIn[up] === thin) return 'flat';
    return sizeIn[up] === long && long > wide ? 'on end' : 'on edge';
  };
  return orientationsAllowed(upright).map((way) => ({ way, words: way[0] < way[1] ? word(way) : `${word(way)} ⟳` }));
}
