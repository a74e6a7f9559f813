import type { Triple } from '../geometry/wrapLayer.ts';
import type { Archetype } from './Archetype.ts';

/** Ware is flat where its shortest side is at most this share of the next; judgement. */
export const FLAT_SHARE = 1 / 4;

/**
 * True of a plate, a saucer, a tile: brittle and flat, and nothing in a frame, which has flat boxes of its own.
 *
 * @param sizeIn in any order, inches
 */
export function isFlatWare({ bends, form }: Pick<Archetype, 'bends' | 'form'>, sizeIn: Triple): boolean {
  const [shortest, next] = sizeIn.toSorted((a, b) => a - b) as [number, number, number];
  return (bends === 'glass' || bends === 'brittle') && form !== 'framed' && shortest <= FLAT_SHARE * next;
}
