import type { CushionLayer } from '../../engineering/cushion/cushionCurve.ts';
import { CUSHION_MATERIALS } from '../../engineering/cushion/cushionMaterials.ts';
import { energyCeiling, forceCeiling, type EnergyCeiling, type ForceCeiling } from '../../engineering/cushion/energyCeiling.ts';
import { innerMassDivisor } from '../../engineering/cushion/fragility.ts';
import { spreadLoad } from '../../engineering/cushion/loadPatch.ts';
import { sliceGs, type Slices } from '../../engineering/journey/shockFloor.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { Held } from '../box/stowInBox.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { Gaps } from '../box/StowedBox.ts';
import { effectiveGaps, type GapLoad, type GapMaterial } from '../fill/effectiveGaps.ts';
import { FACE_AXES, pieceFaceAt, wrapsOnFace } from '../fill/faceLayers.ts';
import type { Struck } from '../fill/FilledBox.ts';
import { facesStruck, type StruckShare } from './shockJourney.ts';

/** Upper bounds of the drops that a bundle withstands before an outer box is round it, slice by slice. */
export interface ShockCeilings {
  readonly slices: Slices;
  readonly faces: readonly StruckShare[];
  readonly faceChances: readonly number[];
  readonly weightLb: number;
  /** Peak forces of the slices, lbf, the heavy inner box taken off, and their logarithms. */
  readonly forces: Float64Array;
  readonly logForces: Float64Array;
  /** A height for each slice of each face in turn. */
  readonly heights: Float64Array;
  /** Sides of the patch on which the outer gap bears, two for each face. */
  readonly patches: ArrayLike<number>;
}

/** The wraps on each struck face, and the patch outside them; alike for every inner box round one bundle. */
export interface WrapStacks {
  readonly faces: readonly StruckShare[];
  readonly faceChances: readonly number[];
  readonly layers: readonly (readonly CushionLayer[])[];
  readonly patches: readonly number[];
}

/** What the wraps of one bundle, as it lies, bring to each face. */
export function wrapStacks({ wrapped, orientation }: Pick<Held, 'wrapped' | 'orientation'>): WrapStacks {
  const { piece } = wrapped;
  const faces = facesStruck(wrapped, { wide: true, long: true });
  const patches: number[] = [];
  const layers = faces.map(({ face }) => {
    const [across, x, y] = FACE_AXES[face];
    const wraps = wrapsOnFace(wrapped, pieceFaceAt(face, orientation));
    const { areasIn2, patch } = spreadLoad(
      { lengthIn: piece.sizeIn[orientation[x]], widthIn: piece.sizeIn[orientation[y]] },
      piece.bearing[orientation[across]],
      wraps.map((layer) => layer.thicknessIn),
    );
    patches.push(patch.lengthIn, patch.widthIn);
    return wraps.map((layer, k) => ({ ...layer, areaIn2: areasIn2[k]! }));
  });
  return { faces, faceChances: faces.map((one) => one.chance), layers, patches };
}

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
  held: Pick<Held, 'wrapped' | 'inner'>,
  stacks: WrapStacks,
  within: Within | null,
  slices: Slices,
  massRatio = within?.massRatio ?? 0,
): ShockCeilings | null {
  const { piece } = held.wrapped;
  if (piece.criticalG === null) return null;
  const { faces, faceChances, layers, patches } = stacks;
  const gs = sliceGs(slices, piece.criticalG / innerMassDivisor(massRatio), piece.spread);
  const heights = new Float64Array(faces.length * gs.length);
  const forces = gs.map((g) => g * piece.weightLb);
  const logForces = forces.map(Math.log);
  layers.forEach((stack, face) => {
    for (const { areaIn2, thicknessIn, curve } of stack)
      addLayer(heights, face, logForces, piece.weightLb, areaIn2, thicknessIn, energyCeiling(curve));
  });
  const ceilings = { slices, faces, faceChances, weightLb: piece.weightLb, forces, logForces, heights, patches };
  if (!held.inner || !within) return ceilings;
  addGap(ceilings, within.gaps, within.fill, heights);
  return outsideBox(ceilings, held.inner.outsideIn);
}

/** Ceilings of a bundle in its inner box whichever fill lies there; null where shock does not limit the piece. */
export function ceilingsWithAny(
  held: Held,
  stacks: WrapStacks,
  ranges: (face: Struck) => GapRange[],
  slices: Slices,
): ShockCeilings | null {
  const { inner, wrapped } = held;
  const { weightLb } = wrapped.piece;
  const bare = shockCeilings({ ...held, inner: null }, stacks, null, slices, (inner?.tareLb ?? 0) / weightLb);
  if (!bare || !inner) return bare;
  const count = bare.forces.length;
  const heights = new Float64Array(bare.heights.length);
  bare.faces.forEach(({ face }, i) => withAnyFill(bare, i, ranges(face), heights.subarray(i * count, (i + 1) * count)));
  return outsideBox({ ...bare, heights }, inner.outsideIn);
}

/** The same with what comes next bearing on a box's sides. */
const outsideBox = (ceilings: ShockCeilings, outside: Triple): ShockCeilings => ({
  ...ceilings,
  patches: ceilings.faces.flatMap(({ face }) => [outside[FACE_AXES[face][1]], outside[FACE_AXES[face][2]]]),
});

/** Adds to each face what a gap and its fill bring there. */
export function addGap(ceilings: ShockCeilings, gaps: Gaps, fill: FillStock, into: Float64Array): void {
  ceilings.faces.forEach(({ face }, i) => addGapOnFace(ceilings, i, gaps[face], fill, into));
}

/** Adds to one face, by its place, what a gap of a thickness and its fill bring there. */
function addGapOnFace({ logForces, weightLb, patches }: ShockCeilings, face: number, t: number, fill: FillStock, into: Float64Array): void {
  if (!(t > 0)) return;
  const ceiling = energyCeiling(CUSHION_MATERIALS[fill.cushion].curve);
  addLayer(into, face, logForces, weightLb, (patches[2 * face]! + t) * (patches[2 * face + 1]! + t), t, ceiling);
}

function addLayer(
  into: Float64Array,
  face: number,
  logForces: Float64Array,
  weightLb: number,
  areaIn2: number,
  thicknessIn: number,
  ceiling: EnergyCeiling,
): void {
  const volume = (areaIn2 * thicknessIn) / weightLb;
  const logArea = Math.log(areaIn2);
  const count = logForces.length;
  for (let slice = 0; slice < count; slice++) into[face * count + slice]! += volume * ceiling(logForces[slice]! - logArea);
}

/** Fills that settle and flow alike, as one that is better than each of them. */
export interface FillGroup {
  readonly best: GapMaterial;
  readonly worst: GapMaterial;
  readonly ceiling: ForceCeiling;
}

/** How thick what fills a gap may be after the way, inches, whichever fill of a group it is. */
export interface GapRange {
  readonly leastIn: number;
  readonly mostIn: number;
  readonly ceiling: ForceCeiling;
}

/** What each group makes of one gap. */
export const gapRanges = (gaps: Gaps, load: GapLoad, groups: readonly FillGroup[]): ((face: Struck) => GapRange[]) => {
  const made = groups.map(({ best, worst, ceiling }) => ({
    most: effectiveGaps(gaps, load, best),
    least: effectiveGaps(gaps, load, worst),
    ceiling,
  }));
  return (face) => made.map(({ most, least, ceiling }) => ({ mostIn: most[face], leastIn: least[face], ceiling }));
};

/** All fills of a search in two groups: those that flow from under a heavy bundle and those that stay. */
export function groupFills(fills: readonly FillStock[]): FillGroup[] {
  const materials = [...new Set(fills.map((fill) => CUSHION_MATERIALS[fill.cushion]))];
  return [true, false].flatMap((migrates) => {
    const group = materials.filter((one) => one.migrates === migrates);
    if (group.length === 0) return [];
    const bound = (of: (...numbers: number[]) => number): GapMaterial => ({
      migrates,
      settleShare: of(...group.map((one) => one.settleShare)),
      airLossShare: of(...group.map((one) => one.airLossShare)),
    });
    return [{ best: bound(Math.min), worst: bound(Math.max), ceiling: forceCeiling(group.map((one) => one.curve)) }];
  });
}

/**
 * Heights on one face with a gap that any of the fills may lie in: the best of the ranges, thickness at its
 * most, area wherever between its bounds it serves best.
 *
 * @param face its place among the ceilings' faces
 * @param into written over, one height for each slice
 */
export function withAnyFill(ceilings: ShockCeilings, face: number, ranges: readonly GapRange[], into: Float64Array): void {
  const { forces, logForces, weightLb, patches, heights } = ceilings;
  const count = forces.length;
  const [x, y] = [patches[2 * face]!, patches[2 * face + 1]!];
  into.fill(0);
  for (const { leastIn, mostIn: t, ceiling } of ranges) {
    if (!(t > 0)) continue;
    const logLeastIn2 = Math.log((x + leastIn) * (y + leastIn));
    const logMostIn2 = Math.log((x + t) * (y + t));
    for (let slice = 0; slice < count; slice++) {
      const logForce = logForces[slice]!;
      const height = (t / weightLb) * forces[slice]! * ceiling(logForce - logMostIn2, logForce - logLeastIn2);
      if (height > into[slice]!) into[slice] = height;
    }
  }
  for (let slice = 0; slice < count; slice++) into[slice]! += heights[face * count + slice]!;
}
