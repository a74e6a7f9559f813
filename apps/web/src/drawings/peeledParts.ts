import type { PlanDocument, Triple } from '@inch-nest/core';
import { isInnerTurned } from './nestGeometry.ts';

/** One thing of a nest as a body in space. */
export interface PeeledPart {
  readonly key: string;
  readonly name: string;
  readonly kind: 'piece' | 'layer' | 'innerBox' | 'box';
  /** Outside, in the box's directions: length, width, depth. */
  readonly sizeIn: Triple;
  /** Its middle, inches from the middle of the outer box. */
  readonly middleIn: Triple;
}

/** Room between two parts peeled apart, inches. */
const APART_IN = 2;

/** A nest as bodies, the piece first and the outer box last, each inside the next. */
export function peeledParts(plan: PlanDocument): PeeledPart[] {
  const { gaps, inner, box } = plan;
  const turned = isInnerTurned(plan);
  const lay = ([l, w, d]: Triple): Triple => (turned ? [w, l, d] : [l, w, d]);
  const middleIn: Triple = [(gaps.left - gaps.right) / 2, (gaps.front - gaps.back) / 2, (gaps.bottom - gaps.top) / 2];
  const held = (key: string, name: string, kind: PeeledPart['kind'], sizeIn: Triple): PeeledPart => ({
    key,
    name,
    kind,
    sizeIn: lay(sizeIn),
    middleIn,
  });
  const { block, bundleIn } = plan;
  const several = block.sizeIn.some((side, axis) => side > bundleIn[axis]! + 1e-9);
  // of several alike the first is peeled; the others stand round it
  const first = lay([0, 1, 2].map((axis) => block.at[0]![axis]! + bundleIn[axis]! / 2 - block.sizeIn[axis]! / 2) as unknown as Triple);
  const own = (part: PeeledPart): PeeledPart => ({ ...part, middleIn: middleIn.map((at, axis) => at + first[axis]!) as unknown as Triple });
  return [
    own(held('piece', plan.piece.title, 'piece', plan.piece.sizeIn)),
    ...plan.layers.map((layer) => own(held(layer.key, layer.name, 'layer', layer.bundleIn))),
    ...(several ? [held('block', 'all of them, as they stand', 'layer', block.sizeIn)] : []),
    ...(inner ? [held(inner.key, inner.name.split(',')[0]!, 'innerBox', inner.outsideIn)] : []),
    { key: box.key, name: box.name.split(',')[0]!, kind: 'box', sizeIn: box.insideIn, middleIn: [0, 0, 0] },
  ];
}

/**
 * How far each part is moved along the length when the nest is peeled apart.
 *
 * @param peel 0 nested, 1 side by side with room between
 */
export function peelOffsets(parts: readonly PeeledPart[], peel: number): number[] {
  let edge = 0;
  const apart = parts.map(({ sizeIn }) => {
    const middle = edge + sizeIn[0] / 2;
    edge += sizeIn[0] + APART_IN;
    return middle;
  });
  const whole = (edge - APART_IN) / 2;
  return apart.map((middle) => peel * (middle - whole));
}
