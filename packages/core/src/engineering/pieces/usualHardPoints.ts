import type { Archetype } from './Archetype.ts';
import type { Face, HardPoint } from './hardPoints.ts';
import { partsByName } from './partsByName.ts';

/** How far a part stands out until somebody says, inches; judgement. */
const USUAL_REACH_IN = 1;

/** Length, width and height, as far as they are known. */
export type KnownSize = readonly (number | null)[] | null;

/**
 * The weak spots that a kind of piece usually has, as far as its name tells: in the middle of their faces, bare, until somebody looks. A pane lies on the
 * largest face of a piece whose size is known, however that was told.
 */
export const usualHardPoints = (archetype: Pick<Archetype, 'key' | 'hardPoints'>, size: KnownSize = null, title = ''): HardPoint[] =>
  partsByName(title, archetype).map(([kind, usual], i) => ({
    id: `${kind}-${i + 1}`,
    kind,
    face: kind === 'glazing' ? paneFace(size, usual) : usual,
    across: 0.5,
    up: 0.5,
    reachIn: USUAL_REACH_IN,
    guard: null,
    guardLengthIn: null,
  }));

/** The face across the thinnest side: of what was told lying its top, of what was told standing its front. */
function paneFace(size: KnownSize, usual: Face): Face {
  const sides = size?.filter((side): side is number => side !== null) ?? [];
  return sides.length === 3 ? PANES[sides.indexOf(Math.min(...sides))]! : usual;
}
const PANES: readonly Face[] = ['left', 'front', 'top'];
