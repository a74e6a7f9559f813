import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { beyond, loadOn, throughWall, wrapAreaIn2, type LoadFront } from '../../engineering/cushion/loadPatch.ts';
import { PADDING } from '../../engineering/materials/sleeves.ts';
import { FACE_AXIS, FACES, isLow, type Face } from '../../engineering/pieces/hardPoints.ts';
import type { Orientation } from '../../engineering/geometry/orientations.ts';
import { nestedAxis, type Column } from '../../engineering/stowage/Block.ts';
import { loadsOf } from '../../engineering/stowage/resting.ts';
import type { Block, Gaps, LyingBundle } from '../box/StowedBox.ts';
import { isWound, partsThem, type Around } from '../box/around.ts';
import { foldLayer, foldMet } from '../box/folds.ts';
import { isShared, wallParts } from '../box/shared.ts';
import { settledWithin } from './boxedFill.ts';
import { boxFace, FACE_AXES, gapLayer, OPPOSITE } from './gapLayer.ts';
import { intoShared, outOfShared } from './sharedWays.ts';
import type { FilledBox, Struck } from './FilledBox.ts';
import { fillAt } from './fillPlaces.ts';
import type { WrappedItem } from '../wrap/WrappedItem.ts';

/** The face of the piece that looks at a face of the box. */
export function pieceFaceAt(face: Struck, orientation: Orientation): Face {
  return ENDS[orientation[FACE_AXIS[face]]]![isLow(face) ? 0 : 1];
}
/** The two faces across each axis, the lower one first. */
const ENDS = ([0, 1, 2] as const).map((axis) => FACES.filter((face) => FACE_AXIS[face] === axis) as [Face, Face]);

/** The cushioning layers on one face of the box, doubled sheets included, from the piece outward. */
export function wrapsOnFace({ layers }: WrappedItem, face: Face): { thicknessIn: number; curve: CushionLayer['curve'] }[] {
  return layers.flatMap(({ cushion, thicknessIn, doubled, moreOnFaceIn }) => {
    const moreIn = (doubled?.face === face ? doubled.thicknessIn : 0) + (moreOnFaceIn?.[face] ?? 0);
    return cushion ? [{ thicknessIn: Math.max(0, thicknessIn + moreIn), curve: cushion.curve }] : [];
  });
}

/** Layers on a way out, and the load outside them. */
interface LayersOut {
  readonly layers: readonly CushionLayer[];
  readonly outside: LoadFront;
}

/** The same wrap lies the same way in box after box. */
const knownLayers = new WeakMap<WrappedItem, Map<string, LayersOut>>();

/** The wraps between a piece and one face of the box with the areas they bear on, and the load outside them. */
export function wrapLayersOn(wrapped: WrappedItem, orientation: Orientation, face: Struck): LayersOut {
  let byFace = knownLayers.get(wrapped);
  if (!byFace) knownLayers.set(wrapped, (byFace = new Map<string, LayersOut>()));
  const key = `${orientation[0]}${orientation[1]}${face}`;
  let known = byFace.get(key);
  if (!known) byFace.set(key, (known = makeWrapLayers(wrapped, orientation, face)));
  return known;
}

function makeWrapLayers(wrapped: WrappedItem, orientation: Orientation, face: Struck): LayersOut {
  const { piece } = wrapped;
  const [across, x, y] = FACE_AXES[face];
  const size = (axis: 0 | 1 | 2) => piece.sizeIn[orientation[axis]];
  let outside = loadOn({ lengthIn: size(x), widthIn: size(y) }, piece.bearing[orientation[across]]);
  const layers = wrapsOnFace(wrapped, pieceFaceAt(face, orientation)).map(({ thicknessIn, curve }): CushionLayer => {
    const areaIn2 = wrapAreaIn2(outside, thicknessIn);
    outside = beyond(outside, thicknessIn);
    return { thicknessIn, curve, areaIn2 };
  });
  return { layers, outside };
}

/** The same and, of a bundle in a box of its own, what lies between it and that box, as far as its outside. */
function outOf(bundle: LyingBundle, face: Struck): LayersOut {
  const { wrapped, orientation, bundleIn } = bundle;
  const own = wrapLayersOn(wrapped, orientation, face);
  const settled = settledWithin(bundle);
  if (!settled) return own;
  const gap = gapLayer(own.outside, settled.gaps[face], settled.fill);
  return { layers: [...own.layers, gap], outside: throughWall(beyond(own.outside, gap.thicknessIn), boxFace(bundleIn, face)) };
}

/** Layers that carry so many bundles, as if of one: as much less area as they carry more. */
const carrying = (bundles: number, layers: readonly CushionLayer[]): CushionLayer[] =>
  bundles === 1 ? [...layers] : layers.map((layer) => ({ ...layer, areaIn2: layer.areaIn2 / bundles }));

/** What lies on a way from one bundle to the wall. */
export interface Way {
  readonly layers: readonly CushionLayer[];
  /** The load where the last wrap ends. */
  readonly outside: LoadFront;
  /** So many times its own piece's weight bears there. */
  readonly carried: number;
  /** The last bundle on the way. */
  readonly last: LyingBundle;
}

/** Ways out by the bundles that stand together, whatever box and fill are round them: each is asked for many times. */
const knownWays = new WeakMap<Block['bundles'], Map<string, Map<Column, Way>>>();

export function wayOut(block: Block, at: number, face: Struck, column: Column): Way {
  const byPlace = knownWays.get(block.bundles) ?? new Map<string, Map<Column, Way>>();
  knownWays.set(block.bundles, byPlace);
  const key = at === 0 ? face : `${at} ${face}`;
  let byColumn = byPlace.get(key);
  if (!byColumn) byPlace.set(key, (byColumn = new Map<Column, Way>()));
  let way = byColumn.get(column);
  if (!way) byColumn.set(column, (way = makeWayOut(block, at, face, column)));
  return way;
}

/**
 * The wraps from a piece outward through all bundles that stand in line beyond it. What lies behind bears on its own cushions
 * too; what lies beyond cushions it in series, and carries more with each piece on the way.
 *
 * Formula: a layer that carries k times the piece's weight withstands, for it, `A·t·ε(k·F/A)/(k·W)`: it is laid down with A/k.
 * Of several things beneath the one that carries most of it is followed, with its share of the load alone.
 */
function makeWayOut(block: Block, at: number, face: Struck, { beyond: others, behind }: Column): Way {
  const { bundles, resting, folds, around, shared } = block;
  const bundle = bundles[at]!;
  const { wrapped } = bundle;
  const own = outOf(bundle, face);
  const alone = bundles.length === 1;
  const weightLb = wrapped.piece.weightLb;
  const loads = alone ? null : loadsOf(resting[face], bundles.map(piecesOf));
  // of those that are alike each in the block's front carries its row's part of what bears on them all
  const crowd = crowdingOn(bundle, face);
  let carried = crowd * (1 + behind + (loads ? (loads[at]! - piecesOf(bundle)) / (rowsOf(bundle, face) * weightLb) : 0));
  const layers = carrying(carried, own.layers);
  let { outside } = own;
  if (others > 0) {
    const near = facingLayers(bundle, face, outside).layers;
    for (let i = 0; i < others; i++) {
      layers.push(...carrying(carried, near));
      carried += crowd;
      layers.push(...carrying(carried, own.layers));
    }
  }
  let last = bundle;
  let from = at;
  for (let next = loads && resting[face].on[from]![0]; next; next = resting[face].on[from]![0]) {
    const throughTheirs = wallParts(shared, from, next.at);
    if (throughTheirs && isShared(shared, from)) {
      const way = outOfShared(block, from, face, outside);
      layers.push(...carrying(carried * next.share, [way.gap]));
      outside = way.outside;
    }
    const fold = foldMet(folds, from, next.at);
    if (fold) {
      layers.push(...carrying(carried * next.share, [foldLayer(fold, outside)]));
      outside = beyond(outside, fold.thicknessIn);
    }
    if (around && partsThem(around, from, next.at)) {
      layers.push(...carrying(carried * next.share, wrapRound(around, outside)));
      outside = beyond(outside, around.thicknessIn);
    }
    if (throughTheirs && isShared(shared, next.at)) {
      const way = intoShared(block, next.at, face, outside);
      layers.push(...carrying(carried * next.share, [way.gap]));
      outside = way.outside;
    }
    from = next.at;
    last = bundles[from]!;
    const within = outOf(last, face);
    const deep = last.layout.grid[FACE_AXES[face][0]];
    const facing = facingLayers(last, face, outside);
    layers.push(...carrying(carried * next.share, facing.layers));
    const all = loads![from]! / (rowsOf(last, face) * weightLb);
    const before = all - (deep * last.wrapped.piece.weightLb) / weightLb;
    for (let i = 1; i <= deep; i++) {
      if (i > 1) layers.push(...carrying(carried, facingLayers(last, face, within.outside).layers));
      carried = crowdingOn(last, face) * (Math.max(before, 0) + (i * last.wrapped.piece.weightLb) / weightLb);
      layers.push(...carrying(carried, within.layers));
    }
    outside = within.outside;
  }
  return { layers, outside, carried, last };
}

/**
 * How much more bears on a face than if each bundle met it with its whole side: of those that sit in one another only the outermost
 * does, the others with what stands out.
 */
function crowdingOn({ layout: { grid }, bundleIn, pitchIn }: LyingBundle, face: Struck): number {
  const axis = nestedAxis(bundleIn, pitchIn);
  if (axis === null || axis === FACE_AXES[face][0]) return 1;
  return (grid[axis] * bundleIn[axis]) / (bundleIn[axis] + (grid[axis] - 1) * pitchIn[axis]);
}

/** What the pieces of one kind weigh together, lb. */
const piecesOf = ({ wrapped, layout }: LyingBundle): number => layout.count * wrapped.piece.weightLb;

/** Of those that are alike, how many stand side by side on a face. */
function rowsOf({ layout: { grid, count } }: LyingBundle, face: Struck): number {
  const [, x, y] = FACE_AXES[face];
  return Math.min(count, grid[x] * grid[y]);
}

/** The wraps with which a bundle meets what comes from the other side of a face, from without inward. */
function facingLayers(bundle: LyingBundle, face: Struck, from: LoadFront): { readonly layers: CushionLayer[] } {
  const { wrapped, orientation, bundleIn } = bundle;
  let outside = from;
  const layers: CushionLayer[] = [];
  const settled = settledWithin(bundle);
  if (settled) {
    const gap = gapLayer(throughWall(outside, boxFace(bundleIn, face)), settled.gaps[OPPOSITE[face]], settled.fill);
    layers.push(gap);
    outside = beyond(outside, gap.thicknessIn);
  }
  for (const { thicknessIn, curve } of wrapsOnFace(wrapped, pieceFaceAt(OPPOSITE[face], orientation)).reverse()) {
    layers.push({ thicknessIn, curve, areaIn2: wrapAreaIn2(outside, thicknessIn) });
    outside = beyond(outside, thicknessIn);
  }
  return { layers };
}

/**
 * Cushion between a piece and the ground on one face: the wraps, then what lies in the gap; with an inner box
 * its own gap first, then the outer one on as much of the inner box's face as the load reaches.
 *
 * @param gaps the outer gaps, after the way: drifted or not
 * @param at which of the bundles
 * @param column how it stands in line with the face among those that are alike
 */
export function faceLayers(
  filled: FilledBox,
  face: Struck,
  gaps: Gaps = filled.effectiveGaps,
  at = 0,
  column: Column = filled.stowed.bundles[at]!.layout.columns[face][0]!,
): CushionLayer[] {
  const { inner, around, shared } = filled.stowed;
  const { carried, last, ...within } = wayOut(filled.stowed, at, face, column);
  const layers = [...within.layers];
  const lastAt = filled.stowed.bundles.indexOf(last);
  const own = last === filled.stowed.bundles[at] ? column : null;
  const emptyIn = emptyBefore(filled.stowed, lastAt, face, own);
  let { outside } = within;
  if (isShared(shared, lastAt)) {
    const way = outOfShared(filled.stowed, lastAt, face, outside, own ? emptyCellsIn(last, face, own) : 0);
    layers.push(...carrying(carried, [way.gap]));
    outside = way.outside;
  }
  if (around && isWound(around, lastAt)) {
    layers.push(...carrying(carried, wrapRound(around, outside)));
    outside = beyond(outside, around.thicknessIn);
  }
  if (inner) {
    if (filled.innerFill && filled.effectiveInnerGaps) {
      const gap = gapLayer(outside, filled.effectiveInnerGaps[face] + emptyIn, filled.innerFill);
      layers.push(...carrying(carried, [gap]));
      outside = beyond(outside, gap.thicknessIn);
    }
    outside = throughWall(outside, boxFace(inner.outsideIn, face));
  }
  if (filled.stowed.shell.box.style === 'padded') layers.push(...carrying(carried, [padding(outside)]));
  if (!filled.fill) return layers;
  return [
    ...layers,
    ...carrying(carried, [gapLayer(outside, gaps[face] + (inner ? 0 : emptyIn), fillAt(filled.fill, filled.fillApart, face))]),
  ];
}

/** `faceLayers` of one filled box: shock and punching ask for the same, and drift changes one gap of six. */
export type LayersOn = (face: Struck, gaps: Gaps, at: number, column: Column) => readonly CushionLayer[];

/** The same layers as often as they are asked for; they depend on the gap of their face alone. */
export function layersOn(filled: FilledBox): LayersOn {
  const known: { readonly column: Column; readonly gapIn: number; readonly layers: readonly CushionLayer[] }[][] = [];
  return (face, gaps, at, column) => {
    const here = (known[at * FACES.length + FACES.indexOf(face)] ??= []);
    const gapIn = gaps[face];
    let found = here.find((one) => one.column === column && one.gapIn === gapIn);
    if (!found) here.push((found = { column, gapIn, layers: faceLayers(filled, face, gaps, at, column) }));
    return found.layers;
  };
}

/** What a wrap round several bundles brings, nothing where it only keeps a surface. */
const wrapRound = ({ cushion, thicknessIn }: Around, outside: LoadFront): CushionLayer[] =>
  cushion ? [{ thicknessIn, curve: cushion.curve, areaIn2: wrapAreaIn2(outside, thicknessIn) }] : [];

/**
 * Room before a bundle within the outline of them all, inches: cells left empty, and what is smaller than its part. What is empty
 * within a wrap round several is filled by nobody.
 */
export function emptyBefore(
  { bundles, resting, around, shared }: Pick<Block, 'bundles' | 'resting' | 'around' | 'shared'>,
  at: number,
  face: Struck,
  column: Pick<Column, 'empty'> | null,
): number {
  if (isWound(around, at)) return around!.some ? resting[face].emptyIn[at]! : 0;
  // what is empty in a box that some share is before them in that
  if (isShared(shared, at)) return resting[face].emptyIn[at]!;
  return (column ? emptyCellsIn(bundles[at]!, face, column) : 0) + resting[face].emptyIn[at]!;
}

/** Room that cells left empty are before what is alike, inches. */
const emptyCellsIn = ({ pitchIn }: LyingBundle, face: Struck, { empty }: Pick<Column, 'empty'>): number =>
  empty * pitchIn[FACE_AXES[face][0]];

const padding = (outside: LoadFront): CushionLayer => ({
  thicknessIn: PADDING.thicknessIn,
  curve: CUSHION_MATERIALS[PADDING.cushion].curve,
  areaIn2: wrapAreaIn2(outside, PADDING.thicknessIn),
});
