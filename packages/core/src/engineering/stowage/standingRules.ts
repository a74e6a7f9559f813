import type { Triple } from '../geometry/wrapLayer.ts';
import type { RestingByFace } from './resting.ts';

/** How somebody wants a piece to lie, or where among the others of its parcel. */
export type StandingRule = 'anywhere' | 'lying' | 'onEnd' | 'onFloor' | 'nothingOnIt' | 'atWall' | 'between';

/** What somebody wants of a piece: one of these, or several at once. */
export type StandingWish = StandingRule | readonly StandingRule[];

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

const SIDES = ENDS.flat();
/** True where two stand side by side, whichever of them is the farther; not where one stands upon the other. */
export const standSideBySide = (resting: RestingByFace, one: number, other: number): boolean =>
  SIDES.some((face) => resting[face].on[one]!.some(({ at }) => at === other));

/** What is wanted, one by one; nothing where it may stand anywhere. */
export const wishesOf = (wish: StandingWish): readonly StandingRule[] =>
  (typeof wish === 'string' ? [wish] : wish).filter((rule) => rule !== 'anywhere');

/** The same as it is kept: one by itself, none as anywhere. */
export const asWish = (rules: readonly StandingRule[]): StandingWish => (rules.length > 1 ? rules : (rules[0] ?? 'anywhere'));

/** Rules of which a piece can keep one alone: another takes its place. */
const EITHER: readonly StandingRule[] = ['lying', 'onEnd'];

/** What was ticked, without what the last tick rules out. */
export function ticked(before: readonly StandingRule[], after: readonly StandingRule[]): StandingRule[] {
  const added = after.find((rule) => !before.includes(rule));
  return after.filter((rule) => rule === added || added === undefined || !EITHER.includes(added) || !EITHER.includes(rule));
}

/** What the bench says of it; nothing where it may stand anywhere. */
export const saidOf = (wish: StandingWish): readonly string[] =>
  wishesOf(wish).flatMap((rule) => (STANDING_RULES[rule].said === '' ? [] : [STANDING_RULES[rule].said]));
