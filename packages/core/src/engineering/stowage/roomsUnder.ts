import type { Triple } from '../geometry/wrapLayer.ts';
import { STOWAGE_TOLERANCE_IN as EPS } from './Stowage.ts';
import type { Stands } from './resting.ts';

/**
 * Room that each leaves under itself as it goes in, cubic inches: nothing that went in before stands there, nor stood over it. Once it
 * is in nobody reaches that room. Exact, cell by cell between the planes of all faces.
 *
 * @param inTurn what goes in, one after the other, on a floor where the lowest of it stands
 * @param between what stands between them: boards, folds
 */
export function roomsUnder(inTurn: readonly Stands[], between: readonly Stands[] = []): number[] {
  const floorIn = Math.min(...inTurn.map(({ atIn }) => atIn[2]));
  const planes = ([0, 1, 2] as const).map((axis) =>
    apart([...inTurn, ...between].flatMap(({ atIn, sizeIn }) => [atIn[axis], atIn[axis] + sizeIn[axis]])),
  ) as [number[], number[], number[]];
  const [across, deep] = [planes[1].length, planes[2].length];
  const taken = new Uint8Array(planes[0].length * across * deep);
  /** Takes what is free of a cuboid; returns how much that is. */
  const take = (from: Triple, to: Triple): number => {
    const [xs, ys, zs] = planes.map((along, axis) => cellsBetween(along, from[axis]!, to[axis]!)) as [number[], number[], number[]];
    let free = 0;
    for (const x of xs)
      for (const y of ys)
        for (const z of zs) {
          const cell = (x * across + y) * deep + z;
          if (taken[cell]) continue;
          taken[cell] = 1;
          free += [x, y, z].reduce((room, at, axis) => room * (planes[axis]![at + 1]! - planes[axis]![at]!), 1);
        }
    return free;
  };
  for (const part of between) take(part.atIn, farCorner(part));
  return inTurn.map((one) => {
    const { atIn } = one;
    const to = farCorner(one);
    const room = take([atIn[0], atIn[1], floorIn], [to[0], to[1], atIn[2]]);
    take(atIn, to);
    return room;
  });
}

const farCorner = ({ atIn, sizeIn }: Stands): Triple => atIn.map((from, axis) => from + sizeIn[axis]!) as unknown as Triple;

/** Planes in order, those that are one taken once. */
const apart = (planes: readonly number[]): number[] => {
  const sorted = [...planes].sort((a, b) => a - b);
  return sorted.filter((plane, i) => i === 0 || plane - sorted[i - 1]! > EPS);
};

/** Cells of an axis, by their lower plane, that lie between two places. */
const cellsBetween = (planes: readonly number[], from: number, to: number): number[] =>
  planes.slice(0, -1).flatMap((plane, at) => (plane >= from - EPS && planes[at + 1]! <= to + EPS ? [at] : []));
