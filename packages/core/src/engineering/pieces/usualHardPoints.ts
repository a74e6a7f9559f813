import type { Archetype } from './Archetype.ts';
import type { HardPoint } from './hardPoints.ts';

/** How far a part stands out until somebody says, inches; judgement. */
const USUAL_REACH_IN = 1;

/** The weak spots that a kind of piece usually has: in the middle of their faces, bare, until somebody looks. */
export const usualHardPoints = ({ hardPoints }: Pick<Archetype, 'hardPoints'>): HardPoint[] =>
  hardPoints.map(([kind, face], i) => ({
    id: `${kind}-${i + 1}`,
    kind,
    face,
    across: 0.5,
    up: 0.5,
    reachIn: USUAL_REACH_IN,
    guard: null,
    guardLengthIn: null,
  }));
