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

/** The axis-aligned orientations allowed; `upright` keeps the piece's own height vertical. */
export const orientationsAllowed = (upright: boolean): readonly Orientation[] => (upright ? UPRIGHT : [...UPRIGHT, ...LYING]);
