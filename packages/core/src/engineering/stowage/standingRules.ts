import type { RestingByFace } from './resting.ts';

/** Where somebody wants a piece among the others of its parcel. */
export type StandingRule = 'anywhere' | 'onFloor' | 'nothingOnIt' | 'atWall' | 'between';

interface Rule {
  readonly name: string;
  /** How the bench says it as the piece is put in; empty where there is nothing to say. */
  readonly said: string;
  /** True where it stands so, by what rests on what. */
  readonly holds: (resting: RestingByFace, at: number) => boolean;
}

const ENDS = [
  ['left', 'right'],
  ['front', 'back'],
] as const;
const meets = (resting: RestingByFace, face: keyof RestingByFace, at: number): boolean => resting[face].on[at]!.length > 0;

/** Every rule there is. Common practice, no source: heavy ones go to the floor, nothing stands on what is weak above. */
export const STANDING_RULES: Readonly<Record<StandingRule, Rule>> = {
  anywhere: { name: 'anywhere', said: '', holds: () => true },
  onFloor: { name: 'at the bottom', said: 'nothing under it but the base', holds: (resting, at) => !meets(resting, 'bottom', at) },
  nothingOnIt: { name: 'nothing on it', said: 'nothing goes on it', holds: (resting, at) => !meets(resting, 'top', at) },
  atWall: {
    name: 'against a wall',
    said: 'against the wall',
    holds: (resting, at) => ENDS.some((faces) => faces.some((face) => !meets(resting, face, at))),
  },
  between: {
    name: 'between the others',
    said: 'between the others',
    holds: (resting, at) => ENDS.some((faces) => faces.every((face) => meets(resting, face, at))),
  },
};
