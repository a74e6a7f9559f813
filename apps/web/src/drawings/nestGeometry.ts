import {
  letterOf,
  movedAs,
  planBundles,
  planOfBundle,
  standingIn,
  type Gaps,
  type PlanDocument,
  type PlanHardPoint,
  type Triple,
} from '@inch-nest/core';

/** A rectangle in inches, from the outer box's inside corner; y grows downward on the page. */
export interface Rect {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

export type ViewName = 'above' | 'front' | 'side';

/** One sheet of wrap in section. */
export interface LayerRect extends Rect {
  readonly key: string;
  readonly name: string;
}

/** Where a hard point shows in a view. */
export interface PointMark {
  readonly point: PlanHardPoint;
  /** Edge of the piece it stands on, or `facing` when it looks at us. */
  readonly edge: 'left' | 'right' | 'top' | 'bottom' | 'facing';
  readonly x: number;
  readonly y: number;
}

/** A bundle that nothing stands before, and how far it is from the first. */
export interface SeenBundle {
  readonly letter: string;
  readonly dx: number;
  readonly dy: number;
}

/** Everything one section of a nest shows, in inches. */
export interface NestView {
  readonly name: ViewName;
  readonly inside: { readonly w: number; readonly h: number };
  readonly wallIn: number;
  /** Depth above the inside that a cross under the lid takes up; 0 without one, and from above. */
  readonly crossIn: number;
  /** An inner box, or a core: round where the eye looks along it. */
  readonly inner: { readonly outside: Rect; readonly inside: Rect; readonly round: boolean } | null;
  /** A box that the bundle shown has for itself, and what fills it; null without. */
  readonly own: { readonly outside: Rect; readonly inside: Rect; readonly fill: string } | null;
  /** A box, or a core, that some of the bundles share, and what fills it; null without. */
  readonly shared: { readonly outside: Rect; readonly inside: Rect; readonly fill: string; readonly round: boolean } | null;
  /** Outside of all bundles. */
  readonly block: Rect;
  /** The first bundle that is seen, by its letter where there are several; the others look alike. */
  readonly bundle: Rect;
  readonly seen: readonly SeenBundle[];
  /** The corner in which it bears its letter: of what stands in another one that is to be seen; small where it has a strip for it. */
  readonly letterAt: { readonly right: boolean; readonly high: boolean; readonly small: boolean };
  /** Board between bundles that are alike. */
  readonly cells: readonly Rect[];
  /** Folds of wrap between bundles that are not. */
  readonly folds: readonly (Rect & { readonly key: string; readonly upright: boolean })[];
  /** Wrap round several bundles, and what is within it; null without. */
  readonly around: { readonly outside: Rect; readonly inside: Rect; readonly key: string } | null;
  /** Foam tubes in the corners; round from above. */
  readonly tubes: readonly Rect[];
  /** From the outermost sheet inward. */
  readonly layers: readonly LayerRect[];
  readonly piece: Rect;
  readonly points: readonly PointMark[];
  readonly gaps: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };
  /** How far what is held stands out beyond the inside of a box that is too small for it. */
  readonly over: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };
}

const FACES: Readonly<Record<ViewName, { left: keyof Gaps; right: keyof Gaps; top: keyof Gaps; bottom: keyof Gaps; facing: keyof Gaps }>> =
  {
    above: { left: 'left', right: 'right', top: 'back', bottom: 'front', facing: 'top' },
    front: { left: 'left', right: 'right', top: 'top', bottom: 'bottom', facing: 'front' },
    side: { left: 'front', right: 'back', top: 'top', bottom: 'bottom', facing: 'right' },
  };

/** The box's sides that run across a view and up it. */
export const VIEW_AXES: Readonly<Record<ViewName, readonly [across: 0 | 1 | 2, up: 0 | 1 | 2]>> = {
  above: [0, 1],
  front: [0, 2],
  side: [1, 2],
};

/** Bundles in a nest, those that are alike counted each. */
export const countOfPlan = (plan: PlanDocument): number => planBundles(plan).reduce((sum, { block }) => sum + block.at.length, 0);

/** The sections of all bundles of a nest, the farthest from the eye first; each with the plan as it is for that one. */
export const nestViews = (whole: PlanDocument, name: ViewName): { readonly view: NestView; readonly plan: PlanDocument }[] =>
  planBundles(whole)
    .map((_, at) => ({ view: nestView(whole, name, at), plan: planOfBundle(whole, at), depth: depthOf(whole, name, at) }))
    .sort((a, b) => a.depth - b.depth)
    .map(({ view, plan }) => ({ view, plan }));

/** How near a bundle comes to the eye. */
function depthOf(whole: PlanDocument, name: ViewName, at: number): number {
  const { block, bundleIn } = planBundles(whole)[at]!;
  const [across, up] = VIEW_AXES[name];
  const toward = (3 - across - up) as 0 | 1 | 2;
  const near = block.at.map((where) => (name === 'front' ? -where[toward] : where[toward] + bundleIn[toward]));
  return Math.max(...near);
}

/**
 * The section of a nest as seen from above, from the front or from its right side.
 *
 * @param which of several different bundles is shown
 */
export function nestView(whole: PlanDocument, name: ViewName, which = 0): NestView {
  const plan = planOfBundle(whole, which);
  const bundles = planBundles(whole);
  const before = bundles.slice(0, which).reduce((sum, { block }) => sum + block.at.length, 0);
  const alone = bundles.length === 1;
  const turned = isInnerTurned(plan);
  const swap = ([l, w, d]: Triple): Triple => (turned ? [w, l, d] : [l, w, d]);
  const [across, down] = VIEW_AXES[name];
  const on = (size: Triple) => ({ w: size[across], h: size[down] });
  const faces = FACES[name];
  const inside = on(plan.box.insideIn);
  const gaps = { left: plan.gaps[faces.left], right: plan.gaps[faces.right], top: plan.gaps[faces.top], bottom: plan.gaps[faces.bottom] };
  const held: Rect = { x: gaps.left, y: gaps.top, w: inside.w - gaps.left - gaps.right, h: inside.h - gaps.top - gaps.bottom };
  const inner = plan.inner && {
    outside: held,
    inside: centred(held, boreOf(plan.inner, on) ?? on(swap(plan.inner.insideIn))),
    round: plan.inner.core !== undefined && plan.inner.core.axis === 3 - across - down,
  };
  const block = inner ? centred(inner.inside, on(swap(plan.block.sizeIn))) : held;
  const { w, h } = on(swap(plan.bundleIn));
  const places = seenFrom(plan, name, swap, before);
  const first = places[0]!;
  // in a box that is too small the bundle is drawn as far as it sticks out
  const bundle: Rect =
    alone && places.length === 1 && !whole.around ? block : { x: block.x + first.across, y: block.y + block.h - first.up - h, w, h };
  const seen = places.map(({ letter, across: x, up }) => ({ letter, dx: x - first.across, dy: first.up - up }));
  const { boxed } = plan;
  const own = boxed ? { outside: bundle, inside: centred(bundle, on(swap(boxed.insideIn))), fill: boxed.fill } : null;
  const wrapped = boxed ? centred(bundle, on(swap(boxed.withinIn))) : bundle;
  const layers = layersInward(plan, wrapped);
  const within = layers.length > 0 ? shrink(layers.at(-1)!, plan.layers[0]?.thicknessIn ?? 0) : wrapped;
  const piece = centred(within, on(swap(plan.piece.sizeIn)));
  return {
    name,
    inside,
    wallIn: plan.box.caliperIn,
    crossIn: name === 'above' ? 0 : (plan.box.crossIn ?? 0),
    inner,
    own,
    block,
    bundle,
    seen,
    letterAt: letterCorner(whole, which, [across, down], turned),
    cells: cellWalls(whole, name, block),
    folds: foldRects(whole, name, block),
    around: aroundRects(whole, name, block),
    shared: sharedRects(whole, name, block),
    tubes: tubeRects(plan, name, inside),
    layers,
    piece,
    points: marks(plan, piece, faces, turned),
    gaps,
    over: beyond(gaps),
  };
}

/** What stands in another is seen where it stands out; along the way it goes in, each has a corner that the next does not hide. */
function letterCorner(
  whole: PlanDocument,
  which: number,
  [across, up]: readonly [0 | 1 | 2, 0 | 1 | 2],
  turned: boolean,
): NestView['letterAt'] {
  const { within } = planBundles(whole)[which]!.block;
  if (!within) return { right: false, high: false, small: false };
  const axis = turned && within.axis < 2 ? 1 - within.axis : within.axis;
  if (axis === up) return { right: false, high: true, small: false };
  if (axis === across) return { right: true, high: false, small: false };
  const deep = 1 + standingIn(whole, movedAs(whole, which)).indexOf(which);
  return { right: deep % 4 === 1 || deep % 4 === 2, high: deep % 4 > 1, small: true };
}

/** Of bundles in line with the eye the nearest, by how far along and up it stands in the block. */
function seenFrom(
  { block }: PlanDocument,
  name: ViewName,
  swap: (of: Triple) => Triple,
  before: number,
): { letter: string; across: number; up: number }[] {
  const [across, up] = VIEW_AXES[name];
  const toward = (3 - across - up) as 0 | 1 | 2;
  const nearer = name === 'front' ? -1 : 1;
  const nearest = new Map<string, { letter: string; at: Triple }>();
  block.at.forEach((where, i) => {
    const at = swap(where);
    const line = `${at[across].toFixed(4)} ${at[up].toFixed(4)}`;
    const known = nearest.get(line);
    if (!known || nearer * at[toward] > nearer * known.at[toward]) nearest.set(line, { letter: letterOf(before + i), at });
  });
  return [...nearest.values()].map(({ letter, at }) => ({ letter, across: at[across], up: at[up] }));
}

/** Tubes in the corners: the four from above, the nearer two from a side. */
function tubeRects({ tubes }: PlanDocument, name: ViewName, inside: NestView['inside']): Rect[] {
  if (!tubes) return [];
  const { acrossIn } = tubes;
  const tops = name === 'above' ? [0, inside.h - acrossIn] : [0];
  return [0, inside.w - acrossIn].flatMap((x) => tops.map((y) => ({ x, y, w: acrossIn, h: name === 'above' ? acrossIn : inside.h })));
}

/** A section of the bore of a core; null for a box. */
function boreOf(
  { core, outsideIn }: Pick<NonNullable<PlanDocument['inner']>, 'core' | 'outsideIn'>,
  on: (size: Triple) => { w: number; h: number },
) {
  if (!core) return null;
  return on(outsideIn.map((side, axis) => (axis === core.axis ? side : core.boreIn)) as unknown as Triple);
}

/** What stands at a place within the block, as a view shows it. */
function rectIn(block: Rect, name: ViewName, { atIn, sizeIn }: { readonly atIn: Triple; readonly sizeIn: Triple }): Rect {
  const [across, up] = VIEW_AXES[name];
  return { x: block.x + atIn[across], y: block.y + block.h - atIn[up] - sizeIn[up], w: sizeIn[across], h: sizeIn[up] };
}

/** The wrap round several bundles, as a section cuts it. */
function aroundRects({ around }: PlanDocument, name: ViewName, block: Rect): NestView['around'] {
  if (!around) return null;
  const outside = around.some ? rectIn(block, name, around.some) : block;
  return { outside, inside: shrink(outside, around.thicknessIn), key: around.material };
}

/** The box or core that some share, as a section cuts it. */
function sharedRects({ shared }: PlanDocument, name: ViewName, block: Rect): NestView['shared'] {
  if (!shared) return null;
  const [across, up] = VIEW_AXES[name];
  const on = (size: Triple) => ({ w: size[across], h: size[up] });
  const outside = rectIn(block, name, { atIn: shared.atIn, sizeIn: shared.outsideIn });
  const inside = centred(outside, boreOf(shared, on) ?? on(shared.insideIn));
  return { outside, inside, fill: shared.fill, round: shared.core !== undefined && shared.core.axis === 3 - across - up };
}

/** Folds between neighbours, as a section cuts them, with the way their sheets stand. */
function foldRects(whole: PlanDocument, name: ViewName, block: Rect): NestView['folds'] {
  const [across, up] = VIEW_AXES[name];
  return (whole.folds ?? []).flatMap(({ along, material, ...fold }) => {
    // one that looks at us lies before or behind what is drawn
    if (along !== across && along !== up) return [];
    return [{ ...rectIn(block, name, fold), key: material, upright: along === across }];
  });
}

/** Strips and sheets between neighbours, as a section cuts them. */
function cellWalls(whole: PlanDocument, name: ViewName, block: Rect): Rect[] {
  const [across, up] = VIEW_AXES[name];
  const rect = (atIn: Triple, sizeIn: Triple): Rect => rectIn(block, name, { atIn, sizeIn });
  // one that looks at us lies before or behind what is drawn
  const onEdge = ({ sizeIn }: { sizeIn: Triple }) => [across, up].includes(sizeIn.indexOf(Math.min(...sizeIn)) as 0 | 1 | 2);
  const boards = (whole.boards ?? []).filter(onEdge).map(({ atIn, sizeIn }) => rect(atIn, sizeIn));
  const walls = planBundles(whole).flatMap(({ block: { grid, wallIn = 0, at }, bundleIn }) => {
    if (wallIn === 0) return [];
    const from = at[0]!;
    const extent = grid.map((count, axis) => count * bundleIn[axis]! + (count - 1) * wallIn) as unknown as Triple;
    return ([across, up] as const).flatMap((axis) =>
      Array.from({ length: grid[axis] - 1 }, (_, i) => {
        const put = (of: Triple, value: number) => of.map((one, side) => (side === axis ? value : one)) as unknown as Triple;
        return rect(put(from, from[axis] + (i + 1) * bundleIn[axis] + i * wallIn), put(extent, wallIn));
      }),
    );
  });
  return [...boards, ...walls];
}

const beyond = ({ left, right, top, bottom }: NestView['gaps']): NestView['over'] => ({
  left: Math.max(0, -left),
  right: Math.max(0, -right),
  top: Math.max(0, -top),
  bottom: Math.max(0, -bottom),
});

/** What a section takes in all: the inside of the box, and what stands out beyond it. */
export const extentOf = ({
  inside,
  over,
  crossIn = 0,
}: Pick<NestView, 'inside' | 'over'> & { crossIn?: number }): { w: number; h: number } => ({
  w: inside.w + over.left + over.right,
  h: inside.h + Math.max(over.top, crossIn) + over.bottom,
});

/** What a section shows above the inside: what sticks out, or the cross under the lid; inches. */
export const aboveIn = ({ over, crossIn }: Pick<NestView, 'over' | 'crossIn'>): number => Math.max(over.top, crossIn);

/** An inner box is turned on the floor when that is how the gaps add up. */
export function isInnerTurned({ inner, box, gaps }: PlanDocument): boolean {
  return inner !== null && Math.abs(box.insideIn[0] - gaps.left - gaps.right - inner.outsideIn[0]) > 1e-6;
}

function layersInward({ layers }: PlanDocument, bundle: Rect): LayerRect[] {
  let rect = bundle;
  return [...layers].reverse().map((layer) => {
    const here = { ...rect, key: layer.key, name: layer.name };
    rect = shrink(rect, layer.thicknessIn);
    return here;
  });
}

function marks({ piece: { hardPoints } }: PlanDocument, piece: Rect, faces: (typeof FACES)[ViewName], turned: boolean): PointMark[] {
  return hardPoints.flatMap((point): PointMark[] => {
    const boxFace = turned ? turnFace(point.boxFace) : point.boxFace;
    const edge = (Object.keys(faces) as (keyof typeof faces)[]).find((one) => faces[one] === boxFace);
    if (!edge) return [];
    const alongX = piece.x + piece.w * point.across;
    const alongY = piece.y + piece.h * (1 - point.up);
    const at = {
      left: [piece.x, alongY],
      right: [piece.x + piece.w, alongY],
      top: [alongX, piece.y],
      bottom: [alongX, piece.y + piece.h],
      facing: [alongX, alongY],
    }[edge] as [number, number];
    return [{ point, edge, x: at[0], y: at[1] }];
  });
}

const TURNED: Partial<Record<keyof Gaps, keyof Gaps>> = { left: 'front', front: 'right', right: 'back', back: 'left' };
const turnFace = (face: keyof Gaps): keyof Gaps => TURNED[face] ?? face;

const shrink = ({ x, y, w, h }: Rect, by: number): Rect => ({ x: x + by, y: y + by, w: w - 2 * by, h: h - 2 * by });

const centred = (around: Rect, { w, h }: { w: number; h: number }): Rect => ({
  x: around.x + (around.w - w) / 2,
  y: around.y + (around.h - h) / 2,
  w,
  h,
});
