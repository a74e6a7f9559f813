import type { Triple } from '@inch-nest/core';

/** A box as far as a pulled wall cares. */
export interface PullBox {
  readonly key: string;
  readonly name: string;
  readonly insideIn: Triple;
}

/** An inch on the pulled side weighs four times an inch on the others. */
const OTHER_SIDES = 0.25;

const apart = (one: Triple, other: Triple, axis: number): number =>
  one.reduce((sum, side, i) => (i === axis ? sum : sum + Math.abs(side - other[i]!)), 0) * OTHER_SIDES;

const least = (boxes: readonly PullBox[], score: (box: PullBox) => number): PullBox | null =>
  boxes.reduce<PullBox | null>((best, box) => (best === null || score(box) < score(best) ? box : best), null);

/** The box whose side comes nearest to where its wall was pulled, the other sides changing as little as may be. */
export const nearestBox = (boxes: readonly PullBox[], now: Triple, axis: 0 | 1 | 2, wantedIn: number): PullBox | null =>
  least(boxes, (box) => Math.abs(box.insideIn[axis] - wantedIn) + apart(box.insideIn, now, axis));

/** The next box that is larger on one side, or smaller. */
export const nextBox = (boxes: readonly PullBox[], now: Triple, axis: 0 | 1 | 2, way: 1 | -1): PullBox | null =>
  least(
    boxes.filter((box) => (box.insideIn[axis] - now[axis]) * way > 1e-6),
    (box) => Math.abs(box.insideIn[axis] - now[axis]) + apart(box.insideIn, now, axis),
  );
