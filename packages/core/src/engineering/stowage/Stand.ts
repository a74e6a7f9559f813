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
  /** The near lower corner of what goes round some; left out where nothing does. */
  readonly roundAt?: Triple;
}

/** Room between neighbours, inches: the same everywhere, or by those that stand on either side. */
export type Apart = number | ((one: readonly number[], other: readonly number[]) => number);

/** Something round some that stand together as one part, which stand in its middle: which, and its outside, inches. */
export interface Round {
  readonly of: readonly number[];
  readonly outsideOf: (sizeIn: Triple) => Triple;
}

/** True where the part holds these and nothing else. */
export function isPartOf(part: Stand, of: readonly number[]): boolean {
  const members = membersOf(part);
  return members.length === of.length && members.every((one) => of.includes(one));
}

/**
 * Where each stands.
 *
 * @param sizes of the bundles as they lie, inches, by their place in the list
 * @param apart room between neighbours, as thick as what parts them; 0 where they stand against one another
 * @param round what goes round a part of them, where those stand as one
 */
export function standIn(stand: Stand, sizes: readonly Triple[], apart: Apart = 0, round: Round | null = null): Stood {
  const at: Triple[] = sizes.map(() => ORIGIN);
  let roundAt = ORIGIN;
  walk(
    { stand, sizes, apart, round },
    (one, from) => {
      at[one] = from;
    },
    () => undefined,
    (outer) => {
      roundAt = outer;
    },
  );
  return { sizeIn: sizeOf(stand, { sizes, apart, round }), at, ...(round ? { roundAt } : {}) };
}

/** What is between two neighbours: where it stands, and its sides, inches. */
export interface Between {
  readonly atIn: Triple;
  readonly sizeIn: Triple;
}

/** The room between two neighbouring parts, as large as the smaller of them is there, and who stands on either side. */
export interface Joint extends Between {
  readonly along: 0 | 1 | 2;
  readonly sides: readonly [readonly number[], readonly number[]];
}

/** Every joint of a stand. */
export function jointsIn(stand: Stand, sizes: readonly Triple[], apart: Apart, round: Round | null = null): Joint[] {
  const joints: Joint[] = [];
  walk(
    { stand, sizes, apart, round },
    () => undefined,
    (joint) => joints.push(joint),
  );
  return joints;
}

/** Boards between neighbours that stand so far apart, each as large as the smaller of the two is there. */
export const boardsIn = (stand: Stand, sizes: readonly Triple[], apartIn: number): Between[] =>
  boardsAt(jointsIn(stand, sizes, apartIn), apartIn);

/** A board of a thickness at the near side of every joint, inches. */
export const boardsAt = (joints: readonly Joint[], boardIn: number): Between[] =>
  joints.map(({ along, atIn, sizeIn }) => ({
    atIn,
    sizeIn: sizeIn.map((side, axis) => (axis === along ? boardIn : side)) as unknown as Triple,
  }));

/** Goes through a stand from its near lower corner: every bundle, and the room between every two parts. */
function walk(
  { stand, ...sized }: Sized & { readonly stand: Stand },
  met: (bundle: number, from: Triple) => void,
  joined: (joint: Joint) => void = () => undefined,
  rounded: (outer: Triple) => void = () => undefined,
): void {
  const { apart } = sized;
  const place = (one: Stand, outer: Triple): void => {
    if (isRound(one, sized)) rounded(outer);
    const from = isRound(one, sized) ? inTheMiddle(outer, bareSizeOf(one, sized), sizeOf(one, sized)) : outer;
    if (typeof one === 'number') return met(one, from);
    const { along } = one;
    let corner = from;
    one.parts.forEach((part, i) => {
      place(part, corner);
      const size = sizeOf(part, sized);
      const next = one.parts[i + 1];
      if (next === undefined) return;
      const other = sizeOf(next, sized);
      const apartIn = apartOf(part, next, apart);
      const atIn = moved(corner, along, size[along]);
      joined({
        along,
        sides: [membersOf(part), membersOf(next)],
        atIn,
        sizeIn: size.map((side, axis) => (axis === along ? apartIn : Math.min(side, other[axis]!))) as unknown as Triple,
      });
      corner = moved(atIn, along, apartIn);
    });
  };
  place(stand, ORIGIN);
}

const ORIGIN: Triple = [0, 0, 0];
const moved = (at: Triple, axis: 0 | 1 | 2, byIn: number): Triple =>
  at.map((one, i) => (i === axis ? one + byIn : one)) as unknown as Triple;

const apartOf = (one: Stand, other: Stand, apart: Apart): number =>
  typeof apart === 'number' ? apart : apart(membersOf(one), membersOf(other));

/** What the outside of a part depends on. */
interface Sized {
  readonly sizes: readonly Triple[];
  readonly apart: Apart;
  readonly round: Round | null;
}

/** Outside of what stands together. */
function sizeOf(stand: Stand, sized: Sized): Triple {
  const bareIn = bareSizeOf(stand, sized);
  return isRound(stand, sized) ? sized.round!.outsideOf(bareIn) : bareIn;
}

const bareSizeOf = (stand: Stand, sized: Sized): Triple => (typeof stand === 'number' ? sized.sizes[stand]! : sizeOfParts(stand, sized));

/** The near lower corner of what stands in the middle of something that begins there. */
const inTheMiddle = (outer: Triple, sizeIn: Triple, outsideIn: Triple): Triple =>
  outer.map((from, axis) => from + (outsideIn[axis]! - sizeIn[axis]!) / 2) as unknown as Triple;

function sizeOfParts({ along, parts: [first, ...rest] }: Exclude<Stand, number>, sized: Sized): Triple {
  let before = first!;
  return rest.reduce(
    (all, part) => {
      const apartIn = apartOf(before, part, sized.apart);
      before = part;
      return joined(all, sizeOf(part, sized), along, apartIn);
    },
    sizeOf(first!, sized),
  );
}

/** True for the very part that something goes round. */
const isRound = (part: Stand, { round }: Sized): boolean => round !== null && isPartOf(part, round.of);

/** Outside of two that stand next to each other. */
export const joined = (one: Triple, other: Triple, along: 0 | 1 | 2, apartIn = 0): Triple => {
  const side = (axis: 0 | 1 | 2) => (axis === along ? one[axis] + apartIn + other[axis] : Math.max(one[axis], other[axis]));
  return [side(0), side(1), side(2)];
};
