import type { Triple } from '../geometry/wrapLayer.ts';
import type { RestingByFace } from './resting.ts';

/** How somebody wants a piece to lie, or where among the others of its parcel. */
export type StandingRule = 'anywhere' | 'lying' | 'onEnd' | 'onFloor' | 'nothingOnIt' | 'atWall' | 'between';

interface Rule {
  readonly name: string;
  /** How the bench says it as the piece is put in; empty where there is nothing to say. */
  readonly said: string;
  /** True where it stands so, by what rests on what. */
  readonly holds: (resting: RestingByFace, at: number) => boolean;
  /** What can be wanted of a piece that travels alone: true where it lies so, by its sides, inches, and which of them is upright. */
  readonly lies: ((sidesIn: Triple, up: 0 | 1 | 2) => boolean) | null;
}

/** Sides no further apart are alike, inches. */
const ALIKE_IN = 1 / 16;
const isShortest = (sidesIn: Triple, sideIn: number): boolean => sideIn <= Math.min(...sidesIn) + ALIKE_IN;

const ENDS = [
  ['left', 'right'],
  ['front', 'back'],
] as const;
const meets = (resting: RestingByFace, face: keyof RestingByFace, at: number): boolean => resting[face].on[at]!.length > 0;

/**
 * Every rule there is. Common practice, no source: heavy ones go to the floor, nothing stands on what is weak above, plates and
 * framed glass travel on edge, what is tall and slender lies.
 */
export const STANDING_RULES: Readonly<Record<StandingRule, Rule>> = {
  anywhere: { name: 'anywhere', said: '', holds: () => true, lies: () => true },
  lying: {
    name: 'lying',
    said: 'lying, its shortest side up',
    holds: () => true,
    lies: (sidesIn, up) => isShortest(sidesIn, sidesIn[up]),
  },
  onEnd: {
    name: 'on end or on edge',
    said: 'stood up, not laid flat',
    holds: () => true,
    lies: (sidesIn, up) => !isShortest(sidesIn, sidesIn[up]) || isShortest(sidesIn, Math.max(...sidesIn)),
  },
  onFloor: {
    name: 'at the bottom',
    said: 'nothing under it but the base',
    holds: (resting, at) => !meets(resting, 'bottom', at),
    lies: null,
  },
  nothingOnIt: { name: 'nothing on it', said: 'nothing goes on it', holds: (resting, at) => !meets(resting, 'top', at), lies: null },
  atWall: {
    name: 'against a wall',
    said: 'against the wall',
    holds: (resting, at) => ENDS.some((faces) => faces.some((face) => !meets(resting, face, at))),
    lies: null,
  },
  between: {
    name: 'between the others',
    said: 'between the others',
    holds: (resting, at) => ENDS.some((faces) => faces.every((face) => meets(resting, face, at))),
    lies: null,
  },
};
