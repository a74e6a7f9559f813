import { planBundles, type DropFace, type PlanDocument } from '@inch-nest/core';
import { nestView, type LayerRect, type NestView, type Rect, type ViewName } from './nestGeometry.ts';

type Edge = 'left' | 'right' | 'top' | 'bottom';

/** Which section shows a landing on each face, which of its edges strike, and how far it is turned to strike downward. */
const LANDINGS: Readonly<Record<DropFace, { view: ViewName; edges: readonly Edge[]; turnDeg: number }>> = {
  bottom: { view: 'front', edges: ['bottom'], turnDeg: 0 },
  top: { view: 'front', edges: ['top'], turnDeg: 180 },
  left: { view: 'front', edges: ['left'], turnDeg: -90 },
  right: { view: 'front', edges: ['right'], turnDeg: 90 },
  front: { view: 'side', edges: ['left'], turnDeg: -90 },
  back: { view: 'side', edges: ['right'], turnDeg: 90 },
  corner: { view: 'front', edges: ['left', 'bottom'], turnDeg: -45 },
};

/** A nest at one moment of a landing: what is under the piece squeezed, the piece sunk into it. */
export interface LandedView {
  readonly view: NestView;
  readonly turnDeg: number;
  /** How far the piece has come toward the ground, inches. */
  readonly sunkIn: number;
  /** Which section it is. */
  readonly name: ViewName;
  /** How far what stands beside it has come, inches along the section and down it. */
  readonly besideIn: { readonly dx: number; readonly dy: number };
}

/**
 * The section of a nest while it lands.
 *
 * @param squeezeIn how far each cushion gives, in the order of the plan's stacks; empty before it touches
 * @param whole the nest of all bundles, of which this is one
 */
export function landedView(plan: PlanDocument, face: DropFace, squeezeIn: readonly number[], whole = plan): LandedView {
  const { view: name, edges, turnDeg } = LANDINGS[face];
  const at = planBundles(whole).findIndex(({ piece }) => piece.id === plan.piece.id);
  const view = nestView(whole, name, Math.max(0, at));
  const { wraps, ownFill, sharedFill, innerFill, outer } = givenBy(plan, squeezeIn);
  // a corner gives along the diagonal, a share of it to either side
  const share = edges.length === 1 ? 1 : Math.SQRT1_2;
  const all = share * (wraps.reduce((sum, one) => sum + one, 0) + ownFill + sharedFill + innerFill + outer);
  const held = share * outer;
  const around = held + share * innerFill;
  const bundle = around + share * sharedFill;
  // what stands in another goes into that one's wraps, and no further than to the wall
  const landed = (rect: Rect, near: number, far: number) =>
    edges.reduce((one, edge) => pressed(one, [edge], Math.min(near, roomTo(view, rect, edge)), far), rect);
  let near = bundle + share * ownFill;
  const layers = view.layers.map((layer, i): LayerRect => {
    const moved = { ...layer, ...landed(layer, near, all) };
    near += share * wraps[wraps.length - 1 - i]!;
    return moved;
  });
  const toward = (by: (edge: Edge) => number) =>
    edges.reduce<[number, number]>(([x, y], edge) => [x + by(edge) * TOWARD[edge][0], y + by(edge) * TOWARD[edge][1]], [0, 0]);
  const [dx, dy] = toward(() => all);
  // what stands beside has fill of its own under it, and goes no further than to the wall
  const [besideX, besideY] = toward((edge) => (view.inner ? around : Math.min(around, Math.max(0, view.gaps[edge]))));
  return {
    name,
    besideIn: { dx: besideX, dy: besideY },
    turnDeg,
    sunkIn: edges.length === 1 ? all : all / share,
    view: {
      ...view,
      inner: view.inner && {
        ...view.inner,
        outside: pressed(view.inner.outside, edges, held, held),
        inside: pressed(view.inner.inside, edges, held, held),
      },
      shared: view.shared && {
        ...view.shared,
        outside: pressed(view.shared.outside, edges, around, around),
        inside: pressed(view.shared.inside, edges, around, around),
      },
      own: view.own && {
        ...view.own,
        outside: pressed(view.own.outside, edges, bundle, bundle),
        inside: pressed(view.own.inside, edges, bundle, bundle),
      },
      bundle: landed(view.bundle, bundle, view.own ? bundle : all),
      layers,
      piece: pressed(view.piece, edges, all, all),
      points: view.points.map((mark) => ({ ...mark, x: mark.x + dx, y: mark.y + dy })),
    },
  };
}

const TOWARD: Readonly<Record<Edge, readonly [number, number]>> = { left: [-1, 0], right: [1, 0], top: [0, -1], bottom: [0, 1] };

/** How far an edge of a rectangle is from the wall there. */
const roomTo = ({ inside }: NestView, { x, y, w, h }: Rect, edge: Edge): number =>
  Math.max(0, { left: x, right: inside.w - x - w, top: y, bottom: inside.h - y - h }[edge]);

/** A rectangle whose struck edges have moved by `near` and the others by `far`, toward the ground. */
const pressed = (rect: Rect, edges: readonly Edge[], near: number, far: number): Rect =>
  edges.reduce(({ x, y, w, h }, edge): Rect => {
    const thinner = far - near;
    if (edge === 'bottom') return { x, y: y + far, w, h: h - thinner };
    if (edge === 'top') return { x, y: y - near, w, h: h - thinner };
    if (edge === 'left') return { x: x - near, y, w: w - thinner, h };
    return { x: x + far, y, w: w - thinner, h };
  }, rect);

/** How far each wrap gives, from the piece outward, and what lies in the gaps; what is no cushion gives nothing. */
function givenBy({ layers, shock, inner, boxed, shared }: PlanDocument, squeezeIn: readonly number[]) {
  const names = shock?.faces.bottom.names ?? [];
  let at = 0;
  const wraps = layers.map(({ name }) => (names[at] === name ? (squeezeIn[at++] ?? 0) : 0));
  const ownFill = boxed && names[at] === boxed.fillName ? (squeezeIn[at++] ?? 0) : 0;
  // its fill is not the last: what is beyond it gives too
  const sharedFill = shared && names[at] === shared.fillName && names.length > at + 1 ? (squeezeIn[at++] ?? 0) : 0;
  const innerFill = inner && names.length > at ? (squeezeIn[at++] ?? 0) : 0;
  return { wraps, ownFill, sharedFill, innerFill, outer: squeezeIn.slice(at).reduce((sum, one) => sum + one, 0) };
}
