import { leanOf } from '../../engineering/stowage/lean.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';

/** Along which of its own sides pieces are stacked: where one is thinnest, or upward where one goes into the next. */
export const stackAxis = (oneIn: Triple, nestStepIn: number | null): 0 | 1 | 2 =>
  nestStepIn !== null ? 2 : (oneIn.indexOf(Math.min(...oneIn)) as 0 | 1 | 2);

/**
 * Sides of a stack, inches.
 *
 * @param oneIn one piece of it
 * @param high so many
 * @param nestStepIn what each further one adds where it goes into the one before; null where they lie on one another
 */
export function stackedIn(oneIn: Triple, high: number, nestStepIn: number | null): Triple {
  if (high === 1) return oneIn;
  const axis = stackAxis(oneIn, nestStepIn);
  const stepIn = nestStepIn === null ? oneIn[axis] : Math.min(nestStepIn, oneIn[axis]);
  return oneIn.map((side, at) => (at === axis ? side + (high - 1) * stepIn : side)) as unknown as Triple;
}

/** The face by which pieces lie on one another, the longer side first, inches. */
export function stackedFaceIn(oneIn: Triple, nestStepIn: number | null): readonly [long: number, wide: number] {
  const axis = stackAxis(oneIn, nestStepIn);
  const [wide, long] = oneIn.filter((_, at) => at !== axis).sort((a, b) => a - b) as [number, number];
  return [long, wide];
}

/** By how much a sheet between two of a stack raises it, inches: more than its thickness between walls that lean. */
export const raisedBy = (thicknessIn: number, oneIn: Triple, nestStepIn: number | null): number =>
  nestStepIn === null ? thicknessIn : thicknessIn / leanOf(oneIn);
