import type { Triple } from '../geometry/wrapLayer.ts';
import { STOWAGE_TOLERANCE_IN as EPS, type Placement, type StowPiece } from './Stowage.ts';
import { turnings } from './turnings.ts';

type Order = (a: StowPiece, b: StowPiece) => number;
const volume = ({ sizeIn }: StowPiece): number => sizeIn[0] * sizeIn[1] * sizeIn[2];
const longest = ({ sizeIn }: StowPiece): number => Math.max(...sizeIn);
const floor = ({ sizeIn: [l, w] }: StowPiece): number => l * w;

/** Orders of placing, tried one after the other; the first puts the heavy ones low. */
const ORDERS: readonly Order[] = [
  (a, b) => b.weightLb - a.weightLb || volume(b) - volume(a),
  (a, b) => volume(b) - volume(a),
  (a, b) => longest(b) - longest(a) || volume(b) - volume(a),
  (a, b) => floor(b) - floor(a) || longest(b) - longest(a),
];

/** Which corner to fill first: lowest, then foremost; or leftmost; or nearest to the corner. */
const SCORES: readonly ((at: Triple, size: Triple) => readonly number[])[] = [
  (at, size) => [at[2], at[1], at[0], size[2]],
  (at, size) => [at[0], at[2], at[1], size[0]],
  (at, size) => [at[0] + size[0] + at[1] + size[1] + at[2] + size[2], at[2], at[1]],
];

/**
 * Stows pieces one after the other, each into the best of the extreme points that those placed so far
 * leave open. Quick and often right; finding none proves nothing.
 *
 * Source: Crainic, Perboli & Tadei 2008 (extreme points; method from memory).
 *
 * @param roomIn inside of the box
 * @returns placements in the pieces' own order, or null
 */
export function stowByExtremePoints(pieces: readonly StowPiece[], roomIn: Triple): Placement[] | null {
  for (const score of SCORES) {
    for (const order of ORDERS) {
      const placed = placeInTurn([...pieces].sort(order), roomIn, score);
      if (placed) return pieces.map((piece) => placed.find((one) => one.id === piece.id)!);
    }
  }
  return null;
}

function placeInTurn(pieces: readonly StowPiece[], roomIn: Triple, score: (typeof SCORES)[number]): Placement[] | null {
  const placed: Placement[] = [];
  let points: Triple[] = [[0, 0, 0]];
  for (const piece of pieces) {
    const best = bestPlace(piece, points, placed, roomIn, score);
    if (!best) return null;
    placed.push(best);
    points = [...points.filter((point) => !within(point, best)), ...cornersOf(best, placed)];
  }
  return placed;
}

function bestPlace(
  piece: StowPiece,
  points: readonly Triple[],
  placed: readonly Placement[],
  roomIn: Triple,
  score: (typeof SCORES)[number],
): Placement | null {
  let best: { place: Placement; score: readonly number[] } | null = null;
  for (const atIn of points) {
    for (const sizeIn of turnings(piece)) {
      const place = { id: piece.id, atIn, sizeIn };
      if (sizeIn.some((side, axis) => atIn[axis]! + side > roomIn[axis]! + EPS) || placed.some((other) => overlap(place, other))) continue;
      const scored = score(atIn, sizeIn);
      if (!best || before(scored, best.score)) best = { place, score: scored };
    }
  }
  return best?.place ?? null;
}

function before(one: readonly number[], other: readonly number[]): boolean {
  const differs = one.findIndex((value, i) => Math.abs(value - other[i]!) > EPS);
  return differs >= 0 && one[differs]! < other[differs]!;
}

/** True when two placements share room beyond the tolerance. */
export const overlap = (one: Omit<Placement, 'id'>, other: Omit<Placement, 'id'>): boolean =>
  one.atIn.every((at, axis) => at + one.sizeIn[axis]! > other.atIn[axis]! + EPS && other.atIn[axis]! + other.sizeIn[axis]! > at + EPS);

const within = (point: Triple, { atIn, sizeIn }: Placement): boolean =>
  point.every((at, axis) => at >= atIn[axis]! - EPS && at < atIn[axis]! + sizeIn[axis]! - EPS);

/** A piece's three far corners, each slid back along the other two axes until it meets a piece or a wall. */
function cornersOf({ atIn, sizeIn }: Placement, placed: readonly Placement[]): Triple[] {
  const found: Triple[] = [];
  for (const axis of [0, 1, 2] as const) {
    const corner: [number, number, number] = [...atIn];
    corner[axis] += sizeIn[axis];
    found.push([...corner]);
    for (const back of [0, 1, 2] as const) {
      if (back === axis) continue;
      const slid: [number, number, number] = [...corner];
      slid[back] = Math.max(
        0,
        ...placed
          .filter((other) => {
            const third = (3 - axis - back) as 0 | 1 | 2;
            const covers = (on: 0 | 1 | 2) => other.atIn[on] <= corner[on] + EPS && other.atIn[on] + other.sizeIn[on] > corner[on] + EPS;
            return covers(axis) && covers(third) && other.atIn[back] + other.sizeIn[back] <= corner[back] + EPS;
          })
          .map((other) => other.atIn[back] + other.sizeIn[back]),
      );
      found.push(slid);
    }
  }
  return found;
}
