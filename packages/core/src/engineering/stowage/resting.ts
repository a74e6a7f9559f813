import type { Triple } from '../geometry/wrapLayer.ts';
import { FACES, FACE_AXIS, type Face } from '../pieces/hardPoints.ts';
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
  const toward = (face: Face): Resting => {
    const axis = FACE_AXIS[face];
    const low = face === 'bottom' || face === 'front' || face === 'left';
    const near = ({ atIn, sizeIn }: Stands) => (low ? -atIn[axis] - sizeIn[axis] : atIn[axis]);
    const far = ({ atIn, sizeIn }: Stands) => (low ? -atIn[axis] : atIn[axis] + sizeIn[axis]);
    const on = bundles.map((one, i): Support[] => {
      const beyond = bundles
        .map((other, at) => ({ at, other, areaIn2: i === at ? 0 : overlapIn2(one, other, axis) }))
        .filter(({ other, areaIn2 }) => areaIn2 > EPS && near(other) >= far(one) - EPS)
        .sort((a, b) => near(a.other) - near(b.other));
      // what stands behind a nearer one in line is met through that one
      const nearest = beyond.filter(
        (each, at) =>
          !beyond
            .slice(0, at)
            .some((before) => overlapIn2(before.other, each.other, axis) > EPS && far(before.other) <= near(each.other) + EPS),
      );
      const all = nearest.reduce((sum, { areaIn2 }) => sum + areaIn2, 0);
      return nearest.map(({ at, areaIn2 }) => ({ at, share: areaIn2 / all })).sort((a, b) => b.share - a.share || a.at - b.at);
    });
    return { on, emptyIn: bundles.map((one, i) => (on[i]!.length > 0 ? 0 : Math.max(0, (low ? 0 : blockIn[axis]) - far(one)))) };
  };
  return Object.fromEntries(FACES.map((face) => [face, toward(face)])) as unknown as RestingByFace;
}

/** Area in which two overlap, seen along an axis. */
function overlapIn2(one: Stands, other: Stands, axis: 0 | 1 | 2): number {
  let areaIn2 = 1;
  for (const side of [0, 1, 2]) {
    if (side === axis) continue;
    const from = Math.max(one.atIn[side]!, other.atIn[side]!);
    const to = Math.min(one.atIn[side]! + one.sizeIn[side]!, other.atIn[side]! + other.sizeIn[side]!);
    areaIn2 *= Math.max(0, to - from);
  }
  return areaIn2;
}

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
