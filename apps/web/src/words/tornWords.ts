import type { TearList } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** "1 piece 31 in long", "2 pieces, each 30 1/2 in long": never `2 × 30 1/2 in`, which reads as a size. */
export const tornWords = (count: number, lengthIn: number, { tear }: Pick<Writers, 'tear'>): string =>
  count === 1 ? `1 piece ${tear(lengthIn)} long` : `${count} pieces, each ${tear(lengthIn)} long`;

/** A box that is to be formed: one that is folded to measure by its size too, a tube by what it is cut to. */
export const boxToForm = (
  { name, foldedIn, cutIn }: TearList['boxes'][number],
  { size, length }: Pick<Writers, 'size' | 'length'>,
): string => (foldedIn ? `${name}, ${size(foldedIn)}` : cutIn ? `${name}, cut to ${length(cutIn)}` : name);
