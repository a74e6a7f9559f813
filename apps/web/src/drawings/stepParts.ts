import type { PlanDocument, StepPicture } from '@inch-nest/core';
import type { NestView, Rect } from './nestGeometry.ts';

const NO_GAPS = { bottom: 0, top: 0, front: 0, back: 0, left: 0, right: 0 };

/** A plan with so many of its layers on, in its own box or with nothing round them. */
export function wrappedSoFar({ boxed, ...plan }: PlanDocument, count: number, inOwnBox = false): PlanDocument {
  const layers = plan.layers.slice(0, count);
  const bundleIn = inOwnBox && boxed ? plan.bundleIn : (layers.at(-1)?.bundleIn ?? plan.piece.sizeIn);
  const block = { ...plan.block, grid: [1, 1, 1] as const, sizeIn: bundleIn, at: [[0, 0, 0]] as const };
  return {
    ...plan,
    ...(inOwnBox && boxed ? { boxed } : {}),
    layers,
    bundleIn,
    block,
    inner: null,
    gaps: NO_GAPS,
    box: { ...plan.box, insideIn: bundleIn },
  };
}

/** How much of a box is filled: its base, up to the top of what is held, or all of it. */
export function filledTo({ inside, gaps }: NestView, inBox: StepPicture['inBox']): Rect {
  const from = { no: inside.h, base: inside.h - gaps.bottom, in: inside.h - gaps.bottom, sides: gaps.top, top: 0 }[inBox];
  return { x: 0, y: from, w: inside.w, h: inside.h - from };
}
