import type { CushionLayer } from './cushionCurve.ts';

/** A corner brings so much of the area of the weakest of its three faces; judgement. */
const CORNER_SHARE = 0.5;

/**
 * What lies under a corner: layer for layer the thinnest of three faces on the smallest of their areas, and of
 * that a share.
 *
 * @param stacks three faces that meet, with the same layers in the same order
 */
export const cornerOf = (stacks: readonly (readonly CushionLayer[])[]): CushionLayer[] =>
  stacks[0]!.map((layer, i) => ({
    curve: layer.curve,
    thicknessIn: Math.min(...stacks.map((stack) => stack[i]!.thicknessIn)),
    areaIn2: CORNER_SHARE * Math.min(...stacks.map((stack) => stack[i]!.areaIn2)),
  }));
