import type { Triple } from '@inch-nest/core';

/** A side so much shorter than the next makes a thing flat; judgement. */
const FLAT = 0.5;

/** Every way in which something may lie: which of its sides lies along, across and upward. */
const WAYS: readonly Triple[] = [
  [0, 1, 2],
  [1, 0, 2],
  [0, 2, 1],
  [2, 0, 1],
  [1, 2, 0],
  [2, 1, 0],
];

/**
 * The ways in which a piece may lie, with a word for each: what is flat lies so, or on edge or end, whichever way it was measured.
 *
 * @param sizeIn as it was measured
 */
export function liesWords(sizeIn: Triple): { readonly way: Triple; readonly words: string }[] {
  const [thin, wide, long] = [...sizeIn].sort((one, other) => one - other) as unknown as Triple;
  const word = ([, , up]: Triple): string => {
    if (up === 2 && sizeIn[2] > thin) return 'standing';
    if (thin > FLAT * wide) return ['on side', 'on back', 'standing'][up]!;
    if (sizeIn[up] === thin) return 'flat';
    return sizeIn[up] === long && long > wide ? 'on end' : 'on edge';
  };
  return WAYS.map((way) => ({ way, words: way[0] < way[1] ? word(way) : `${word(way)} ⟳` }));
}

/** What was measured of a piece that lies so, as it was measured. */
export const asMeasured = (lyingIn: Triple, way: Triple): Triple =>
  [0, 1, 2].map((side) => lyingIn[way.indexOf(side)]!) as unknown as Triple;
