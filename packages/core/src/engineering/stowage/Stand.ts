import type { Triple } from '../geometry/wrapLayer.ts';

/**
 * How different bundles stand together: a bundle by its place in the parcel’s list, or parts side by side along the box’s
 * length (0) or width (1), or upon one another (2), the first of them lowest, foremost or leftmost. What is smaller than its
 * part of the room stands in its near lower corner.
 */
export type Stand = number | { readonly along: 0 | 1 | 2; readonly parts: readonly Stand[] };

/** Every bundle that stands in it, in its order. */
export const membersOf = (stand: Stand): number[] => (typeof stand === 'number' ? [stand] : stand.parts.flatMap(membersOf));

/** True where so many bundles stand in it, each once. */
export const standsAll = (stand: Stand, count: number): boolean => {
  const members = membersOf(stand);
  return members.length === count && new Set(members).size === count && members.every((at) => at >= 0 && at < count);
};

/** All in a row along the box, for want of anything better. */
export const rowOf = (count: number): Stand => (count === 1 ? 0 : { along: 0, parts: Array.from({ length: count }, (_, i) => i) });

/** Outside of all that stand together, and the near lower corner of each, inches. */
export interface Stood {
  readonly sizeIn: Triple;
  readonly at: readonly Triple[];
}

/**
 * Where each stands.
 *
 * @param sizes of the bundles as they lie, inches, by their place in the list
 */
export function standIn(stand: Stand, sizes: readonly Triple[]): Stood {
  const at: Triple[] = sizes.map(() => ORIGIN);
  const place = (one: Stand, from: Triple): void => {
    if (typeof one === 'number') {
      at[one] = from;
      return;
    }
    let corner = from;
    for (const part of one.parts) {
      place(part, corner);
      corner = moved(corner, one.along, sizeOf(part, sizes)[one.along]);
    }
  };
  place(stand, ORIGIN);
  return { sizeIn: sizeOf(stand, sizes), at };
}

const ORIGIN: Triple = [0, 0, 0];
const moved = (at: Triple, axis: 0 | 1 | 2, byIn: number): Triple =>
  at.map((one, i) => (i === axis ? one + byIn : one)) as unknown as Triple;

/** Outside of what stands together. */
function sizeOf(stand: Stand, sizes: readonly Triple[]): Triple {
  if (typeof stand === 'number') return sizes[stand]!;
  return stand.parts.map((part) => sizeOf(part, sizes)).reduce((one, other) => joined(one, other, stand.along));
}

/** Outside of two that stand next to each other. */
export const joined = (one: Triple, other: Triple, along: 0 | 1 | 2): Triple =>
  one.map((side, axis) => (axis === along ? side + other[axis] : Math.max(side, other[axis]!))) as unknown as Triple;
