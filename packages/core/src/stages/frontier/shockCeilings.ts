import type { CushionMaterial } from '../../engineering/cushion/cushionMaterials.ts';
import { cushionOf } from '../../engineering/materials/cushionOf.ts';
import { energyCeiling, forceCeiling, type EnergyCeiling, type ForceCeiling } from '../../engineering/cushion/energyCeiling.ts';
import { innerMassDivisor } from '../../engineering/cushion/fragility.ts';
import { beyond, fillAreaIn2, throughWall, type LoadFront } from '../../engineering/cushion/loadPatch.ts';
import { sliceGs, slicesOfWeakest, takeLogs, type Slices } from '../../engineering/journey/shockFloor.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import { piecesLb, type Held } from '../box/stowInBox.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Gaps } from '../box/StowedBox.ts';
import { effectiveGaps, type GapLoad, type GapMaterial } from '../fill/effectiveGaps.ts';
import { boxFace } from '../fill/gapLayer.ts';
import type { Struck } from '../fill/FilledBox.ts';
import type { StruckShare } from './shockJourney.ts';
import type { Before, WrapStacks } from './wrapStacks.ts';

/** Upper bounds of the drops that a bundle withstands before an outer box is round it, slice by slice. */
export interface ShockCeilings {
  /** Which of the bundles. */
  readonly at: number;
  readonly slices: Slices;
  readonly faces: readonly StruckShare[];
  readonly weightLb: number;
  /** Peak forces of the slices, lbf, the heavy inner box taken off, and their logarithms. */
  readonly forces: Float64Array;
  readonly logForces: Float64Array;
  /** A height for each slice of each face in turn. */
  readonly heights: Float64Array;
  /** The load on each face where the outer gap begins, never narrower than it is. */
  readonly loads: readonly LoadFront[];
  /** What else bears there, and what is empty before it. */
  readonly before: readonly Before[];
  /** What was worked out before. */
  readonly known: KnownHeights;
}

/** Logarithms of heights by cushion, face and gap: where the slices of each begin in a list that grows. */
interface KnownHeights {
  readonly at: Map<number, number>;
  logs: Float64Array;
  used: number;
}
const nothingKnown = (slices: number): KnownHeights => ({ at: new Map(), logs: new Float64Array(FIRST_KNOWN * slices), used: 0 });
const FIRST_KNOWN = 64;

/** What lies round a bundle inside its inner box. */
export interface Within {
  /** Inner box and its fill over the piece. */
  readonly massRatio: number;
  /** The gap as it is after the way, and its fill. */
  readonly gaps: Gaps;
  readonly fill: FillStock;
}

/** Ceilings for a bundle, bare or in its inner box; null where shock does not limit the piece. */
export function shockCeilings(
  held: Pick<Held, 'bundles' | 'inner'>,
  stacks: WrapStacks,
  within: Within | null,
  cut: Slices,
  massRatio = within?.massRatio ?? 0,
): ShockCeilings | null {
  const { at, faces, layers, loads, before } = stacks;
  const { wrapped, layout } = held.bundles[at]!;
  const { piece } = wrapped;
  if (piece.criticalG === null) return null;
  const slices = slicesOfWeakest(cut, layout.count);
  const divisor = innerMassDivisor(massRatio);
  const gs = sliceGs(slices, piece.criticalG / divisor, piece.spread);
  const heights = new Float64Array(faces.length * gs.length);
  const own = sliceGs(slices, piece.ownHeightIn / divisor, piece.spread);
  faces.forEach((_, face) => heights.set(own, face * gs.length));
  const forces = gs.map((g) => g * piece.weightLb);
  const logForces = forces.map(Math.log);
  layers.forEach((stack, face) => {
    for (const { areaIn2, thicknessIn, curve } of stack)
      addLayer(heights, face * gs.length, logForces, piece.weightLb, areaIn2, thicknessIn, energyCeiling(curve));
  });
  const ceilings = {
    at,
    slices,
    faces,
    weightLb: piece.weightLb,
    forces,
    logForces,
    heights,
    loads,
    before,
    known: nothingKnown(forces.length),
  };
  if (!held.inner || !within) return ceilings;
  addGap(ceilings, within.gaps, within.fill, heights);
  return outsideBox(ceilings, held.inner.outsideIn, (face) => within.gaps[face]);
}

/** Ceilings of a bundle in its inner box whichever fill lies there; null where shock does not limit the piece. */
export function ceilingsWithAny(
  held: Held,
  stacks: WrapStacks,
  ranges: (face: Struck) => GapRange[],
  slices: Slices,
): ShockCeilings | null {
  const { inner } = held;
  const bare = shockCeilings({ ...held, inner: null }, stacks, null, slices, (inner?.tareLb ?? 0) / piecesLb(held));
  if (!bare || !inner) return bare;
  const count = bare.forces.length;
  const heights = new Float64Array(bare.heights.length);
  bare.faces.forEach(({ face }, i) => withAnyFill(bare, i, ranges(face), heights, i * count));
  const widest = (face: Struck) => Math.max(0, ...ranges(face).map(({ mostIn }) => mostIn));
  return outsideBox({ ...bare, heights }, inner.outsideIn, widest);
}

/** The same with what comes next bearing on as much of a box as the load reaches through a gap of a width. */
const outsideBox = (ceilings: ShockCeilings, outside: Triple, gapIn: (face: Struck) => number): ShockCeilings => ({
  ...ceilings,
  known: nothingKnown(ceilings.forces.length),
  loads: ceilings.faces.map(({ face }, i) =>
    throughWall(beyond(ceilings.loads[i]!, gapIn(face) + ceilings.before[i]!.emptyIn), boxFace(outside, face)),
  ),
  // what is empty among the bundles is filled within that box
  before: ceilings.before.map(({ carried }) => ({ carried, emptyIn: 0 })),
});

/** Adds to each face what a gap and its fill bring there. */
function addGap(ceilings: ShockCeilings, gaps: Gaps, fill: FillStock, into: Float64Array): void {
  const count = ceilings.forces.length;
  ceilings.faces.forEach(({ face }, i) => addGapOnFace(ceilings, i, gaps[face], cushionOf(fill), into, i * count));
}

/** Gaps are told apart by so much, each taken as the widest of its like: a ceiling stays one. */
const LIKE_IN = 1 / 2048;
/** No box has wider gaps. */
const MOST_LIKE = 2 ** 21;
/** Materials by the order in which they were met; 0 is for what is none. */
const materialPlaces = new WeakMap<CushionMaterial, number>();
let materialsMet = 0;
function placeOf(material: CushionMaterial): number {
  const known = materialPlaces.get(material);
  if (known !== undefined) return known;
  materialPlaces.set(material, ++materialsMet);
  return materialsMet;
}

/**
 * Where in `known.logs` the logarithms of the heights on one face begin, with a gap of a thickness there and what cushions in
 * it. Boxes share their gaps and fills their cushions, so each is worked out once.
 *
 * @param face its place among the ceilings' faces
 * @param cushion null for an empty gap; or the groups of whatever may lie there
 */
export function logHeightsAt(
  ceilings: ShockCeilings,
  face: number,
  gapIn: number,
  cushion: CushionMaterial | null | readonly FillGroup[],
): number {
  const { known, faces, heights, forces } = ceilings;
  const isOne = cushion !== null && 'curve' in cushion;
  const like = cushion === null ? 0 : Math.ceil(Math.max(0, gapIn) / LIKE_IN);
  const kind = isOne ? placeOf(cushion) : 0;
  const key = (kind * faces.length + face) * MOST_LIKE + like;
  const found = known.at.get(key);
  if (found !== undefined) return found;
  const count = forces.length;
  const at = known.used;
  known.used += count;
  if (known.used > known.logs.length) {
    const more = new Float64Array(2 * known.logs.length);
    more.set(known.logs);
    known.logs = more;
  }
  const { logs } = known;
  if (cushion === null || isOne) {
    for (let slice = 0; slice < count; slice++) logs[at + slice] = heights[face * count + slice]!;
    if (isOne) addGapOnFace(ceilings, face, like * LIKE_IN, cushion, logs, at);
  } else {
    const ranges = cushion.map(({ bearingShare, ceiling }) => ({ mostIn: like * LIKE_IN, bearingShare, ceiling }));
    withAnyFill(ceilings, face, ranges, logs, at);
  }
  takeLogs(logs, at, count);
  known.at.set(key, at);
  return at;
}

/**
 * Adds to the heights of one face, by its place, what a gap of a thickness and what cushions in it bring there.
 *
 * @param into heights, those of the face from `from` on
 */
function addGapOnFace(
  { logForces, weightLb, loads, before }: ShockCeilings,
  face: number,
  gapIn: number,
  { curve, bearingShare }: CushionMaterial,
  into: Float64Array,
  from: number,
): void {
  const { carried, emptyIn } = before[face]!;
  const t = gapIn + emptyIn;
  if (!(t > 0)) return;
  addLayer(into, from, logForces, weightLb, fillAreaIn2(loads[face]!, t, bearingShare) / carried, t, energyCeiling(curve));
}

/** @param into heights of one face */
function addLayer(
  into: Float64Array,
  from: number,
  logForces: Float64Array,
  weightLb: number,
  areaIn2: number,
  thicknessIn: number,
  ceiling: EnergyCeiling,
): void {
  const volume = (areaIn2 * thicknessIn) / weightLb;
  const logArea = Math.log(areaIn2);
  for (let slice = 0; slice < logForces.length; slice++) into[from + slice]! += volume * ceiling(logForces[slice]! - logArea);
}

/** Fills that settle and flow alike, as one that is better than each of them. */
export interface FillGroup {
  readonly best: GapMaterial;
  readonly bearingShare: number;
  readonly ceiling: ForceCeiling;
}

/** How thick what fills a gap is at most after the way, inches, whichever fill of a group it is. */
export interface GapRange {
  readonly mostIn: number;
  readonly bearingShare: number;
  readonly ceiling: ForceCeiling;
}

/** What each group makes of one gap. */
export const gapRanges = (gaps: Gaps, load: GapLoad, groups: readonly FillGroup[]): ((face: Struck) => GapRange[]) => {
  const made = groups.map(({ best, bearingShare, ceiling }) => ({ most: effectiveGaps(gaps, load, best), bearingShare, ceiling }));
  return (face) => made.map(({ most, bearingShare, ceiling }) => ({ mostIn: most[face], bearingShare, ceiling }));
};

/** All fills of a search in two groups: those that flow from under a heavy bundle and those that stay. */
export function groupFills(fills: readonly FillStock[]): FillGroup[] {
  const materials = [...new Set(fills.map(cushionOf))];
  return [true, false].flatMap((sinks) => {
    const group = materials.filter((one) => one.sinks === sinks);
    if (group.length === 0) return [];
    return [
      {
        best: {
          sinks,
          settleShare: Math.min(...group.map((one) => one.settleShare)),
          deflates: group.every((one) => one.deflates),
        },
        bearingShare: Math.max(...group.map((one) => one.bearingShare)),
        ceiling: forceCeiling(group.map((one) => one.curve)),
      },
    ];
  });
}

/**
 * Heights on one face with a gap that any of the fills may lie in: the best of the ranges, thickness at its
 * most, area wherever between its bounds it serves best.
 *
 * @param face its place among the ceilings' faces
 * @param into written over, one height for each slice
 */
export function withAnyFill(ceilings: ShockCeilings, face: number, ranges: readonly GapRange[], into: Float64Array, from = 0): void {
  const { forces, logForces, weightLb, loads, before, heights } = ceilings;
  const { carried, emptyIn } = before[face]!;
  const count = forces.length;
  into.fill(0, from, from + count);
  for (const { mostIn, bearingShare, ceiling } of ranges) {
    const t = mostIn + emptyIn;
    if (!(t > 0)) continue;
    const logMostIn2 = Math.log(fillAreaIn2(loads[face]!, t, bearingShare) / carried);
    for (let slice = 0; slice < count; slice++) {
      // energy over stress never rises with stress, so the widest area serves best
      const logStress = logForces[slice]! - logMostIn2;
      const height = (t / weightLb) * forces[slice]! * ceiling(logStress, logStress);
      if (height > into[from + slice]!) into[from + slice] = height;
    }
  }
  for (let slice = 0; slice < count; slice++) into[from + slice]! += heights[face * count + slice]!;
}
