import type { Triple } from '../geometry/wrapLayer.ts';
import { FACES, FACE_AXIS, isLow, type Face } from '../pieces/hardPoints.ts';
import { STOWAGE_TOLERANCE_IN as EPS } from './Stowage.ts';

/** What one bundle meets in line with a face, before the wall does. */
export interface Support {
  /** Which of the list. */
  readonly at: number;
  /** Share of what it carries that goes through this one; those of one bundle sum to 1. */
  readonly share: number;
}

/** What each bundle rests on when a face strikes, most first, and the room left before the outside where it rests on none. */
export interface Resting {
  readonly on: readonly (readonly Support[])[];
  readonly emptyIn: readonly number[];
}

/** For each face of the box. */
export type RestingByFace = Readonly<Record<Face, Resting>>;

/** Something that stands at a place. */
export interface Stands {
  readonly atIn: Triple;
  readonly sizeIn: Triple;
}

/**
 * What rests on what, face by face: each bundle’s load is shared among the nearest ones beyond it by the area in which they
 * overlap, seen along the way.
 *
 * @param blockIn outside of them all
 */
export function restingOf(bundles: readonly Stands[], blockIn: Triple): RestingByFace {
  const seenAlong = [0, 1, 2].map((axis) => overlapsIn2(bundles, axis as 0 | 1 | 2));
  const toward = (face: Face): Resting => {
    const axis = FACE_AXIS[face];
    const low = isLow(face);
    const near = bundles.map(({ atIn, sizeIn }) => (low ? -atIn[axis] - sizeIn[axis] : atIn[axis]));
    const far = bundles.map(({ atIn, sizeIn }) => (low ? -atIn[axis] : atIn[axis] + sizeIn[axis]));
    const areasIn2 = seenAlong[axis]!;
    const on = bundles.map((_, i): Support[] => {
      const beyond: number[] = [];
      for (let at = 0; at < bundles.length; at++) if (areasIn2[i]![at]! > EPS && near[at]! >= far[i]! - EPS) beyond.push(at);
      beyond.sort((a, b) => near[a]! - near[b]!);
      // what stands behind a nearer one in line is met through that one
      const nearest = beyond.filter(
        (each, place) => !beyond.some((before, at) => at < place && areasIn2[before]![each]! > EPS && far[before]! <= near[each]! + EPS),
      );
      const all = nearest.reduce((sum, at) => sum + areasIn2[i]![at]!, 0);
      return nearest.map((at) => ({ at, share: areasIn2[i]![at]! / all })).sort((a, b) => b.share - a.share || a.at - b.at);
    });
    return { on, emptyIn: bundles.map((_, i) => (on[i]!.length > 0 ? 0 : Math.max(0, (low ? 0 : blockIn[axis]) - far[i]!))) };
  };
  return {
    bottom: toward('bottom'),
    top: toward('top'),
    front: toward('front'),
    back: toward('back'),
    left: toward('left'),
    right: toward('right'),
  };
}

/** Area in which each two overlap, seen along an axis; 0 of each with itself. */
function overlapsIn2(bundles: readonly Stands[], axis: 0 | 1 | 2): Float64Array[] {
  const [x, y] = ACROSS[axis];
  const common = (one: Stands, other: Stands, side: 0 | 1 | 2) =>
    Math.max(
      0,
      Math.min(one.atIn[side] + one.sizeIn[side], other.atIn[side] + other.sizeIn[side]) - Math.max(one.atIn[side], other.atIn[side]),
    );
  const areas = bundles.map(() => new Float64Array(bundles.length));
  for (let i = 1; i < bundles.length; i++)
    for (let at = 0; at < i; at++)
      areas[i]![at] = areas[at]![i] = common(bundles[i]!, bundles[at]!, x) * common(bundles[i]!, bundles[at]!, y);
  return areas;
}
const ACROSS = [
  [1, 2],
  [0, 2],
  [0, 1],
] as const;

/** What bears on each when a face strikes: its own weight and its share of all that rests on it. @param weightsLb of each */
export function loadsOf({ on }: Resting, weightsLb: readonly number[]): number[] {
  const known: (number | undefined)[] = weightsLb.map(() => undefined);
  const loadOn = (at: number): number => {
    const load = known[at];
    if (load !== undefined) return load;
    let sum = weightsLb[at]!;
    on.forEach((supports, other) => {
      const share = supports.find((support) => support.at === at)?.share;
      if (share) sum += share * loadOn(other);
    });
    return (known[at] = sum);
  };
  return weightsLb.map((_, at) => loadOn(at));
}

/** Nothing but one bundle: it meets the wall everywhere. */
const NOWHERE: Resting = { on: [[]], emptyIn: [0] };
export const ALONE: RestingByFace = Object.fromEntries(FACES.map((face) => [face, NOWHERE])) as unknown as RestingByFace;
