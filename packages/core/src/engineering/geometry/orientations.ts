import type { Triple } from './wrapLayer.ts';

/** Which piece axis lies along the box's length, width and depth. */
export type Orientation = readonly [0 | 1 | 2, 0 | 1 | 2, 0 | 1 | 2];

const UPRIGHT: readonly Orientation[] = [
  [0, 1, 2],
  [1, 0, 2],
];
const LYING: readonly Orientation[] = [
  [0, 2, 1],
  [2, 0, 1],
  [1, 2, 0],
  [2, 1, 0],
];

/** Sides of a bundle as they lie in the box. */
export const orient = (sizeIn: Triple, orientation: Orientation): Triple => [
  sizeIn[orientation[0]],
  sizeIn[orientation[1]],
  sizeIn[orientation[2]],
];

/** Sides of a bundle as its piece stands, from its sides as it lies: undoes `orient`. */
export function stand(lyingIn: Triple, orientation: Orientation): Triple {
  const side = (axis: 0 | 1 | 2): number => lyingIn[orientation.indexOf(axis)]!;
  return [side(0), side(1), side(2)];
}

/** The axis-aligned orientations allowed; `upright` keeps the piece's own height vertical. */
export const orientationsAllowed = (upright: boolean): readonly Orientation[] => (upright ? UPRIGHT : [...UPRIGHT, ...LYING]);
