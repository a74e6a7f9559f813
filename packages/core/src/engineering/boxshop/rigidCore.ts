import type { Triple } from '../geometry/wrapLayer.ts';
import type { CutWork } from './CutPart.ts';

/** A rigid tube in a box, cut so that it stands from end to end. */
export interface RigidCore extends CutWork {
  readonly lengthIn: number;
  /** Room in the tube: across and along; inches. */
  readonly boreIn: number;
  /** Left between tube and walls, across the other two sides of the inside. */
  readonly gapsIn: readonly [number, number];
}

/** Play at the ends, both together, inches: no more than an eighth, so that the tube bears. */
const PLAY_IN = 1 / 16;

/**
 * A tube cut to the longest side of the inside, less a sixteenth to go in.
 *
 * @param insideIn length, width and depth of the box
 * @param diameterIn outside of the tube, and thickness of its wall
 * @throws RangeError where the tube does not go in or has no bore
 */
export function rigidCore(insideIn: Triple, diameterIn: number, wallIn: number): RigidCore {
  const [short, middle, long] = [...insideIn].sort((a, b) => a - b) as [number, number, number];
  if (diameterIn > short) throw new RangeError(`diameterIn must be at most ${short}, not ${diameterIn}`);
  const boreIn = diameterIn - 2 * wallIn;
  if (!(boreIn > 0)) throw new RangeError(`wallIn leaves no bore, not ${wallIn}`);
  const lengthIn = long - PLAY_IN;
  return {
    lengthIn,
    boreIn,
    gapsIn: [(short - diameterIn) / 2, (middle - diameterIn) / 2],
    parts: [{ name: 'tube', count: 1, lengthIn, heightIn: diameterIn, knife: [], score: [] }],
    boardUsedIn2: 0,
    wasteIn2: 0,
    insideIn: [lengthIn, boreIn, boreIn],
    outsideIn: null,
  };
}
