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
 * @param apartIn room between neighbours, as thick as the board that parts them; 0 where they stand against one another
 */
export function standIn(stand: Stand, sizes: readonly Triple[], apartIn = 0): Stood {
  const at: Triple[] = sizes.map(() => ORIGIN);
  const place = (one: Stand, from: Triple): void => {
    if (typeof one === 'number') {
      at[one] = from;
      return;
    }
    let corner = from;
    for (const part of one.parts) {
      place(part, corner);
      corner = moved(corner, one.along, sizeOf(part, sizes, apartIn)[one.along] + apartIn);
    }
  };
  place(stand, ORIGIN);
  return { sizeIn: sizeOf(stand, sizes, apartIn), at };
}

/** A board between two neighbours: where it stands, and its sides, inches. */
export interface Between {
  readonly atIn: Triple;
  readonly sizeIn: Triple;
}

/** Boards between neighbours that stand so far apart, each as large as the smaller of the two is there. */
export function boardsIn(stand: Stand, sizes: readonly Triple[], apartIn: number): Between[] {
  const boards: Between[] = [];
  const place = (one: Stand, from: Triple): void => {
    if (typeof one === 'number') return;
    let corner = from;
    one.parts.forEach((part, i) => {
      place(part, corner);
      const size = sizeOf(part, sizes, apartIn);
      const next = one.parts[i + 1];
      const atIn = moved(corner, one.along, size[one.along]);
      if (next !== undefined) {
        const other = sizeOf(next, sizes, apartIn);
        boards.push({
          atIn,
          sizeIn: size.map((side, axis) => (axis === one.along ? apartIn : Math.min(side, other[axis]!))) as unknown as Triple,
        });
      }
      corner = moved(atIn, one.along, apartIn);
    });
  };
  place(stand, ORIGIN);
  return boards;
}

const ORIGIN: Triple = [0, 0, 0];
const moved = (at: Triple, axis: 0 | 1 | 2, byIn: number): Triple =>
  at.map((one, i) => (i === axis ? one + byIn : one)) as unknown as Triple;

/** Outside of what stands together. */
function sizeOf(stand: Stand, sizes: readonly Triple[], apartIn: number): Triple {
  if (typeof stand === 'number') return sizes[stand]!;
  return stand.parts.map((part) => sizeOf(part, sizes, apartIn)).reduce((one, other) => joined(one, other, stand.along, apartIn));
}

/** Outside of two that stand next to each other. */
export const joined = (one: Triple, other: Triple, along: 0 | 1 | 2, apartIn = 0): Triple =>
  one.map((side, axis) => (axis === along ? side + apartIn + other[axis] : Math.max(side, other[axis]!))) as unknown as Triple;
