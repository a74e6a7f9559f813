import type { Triple } from '../geometry/wrapLayer.ts';
import { STOWAGE_TOLERANCE_IN as EPS, type Placement, type StowPiece } from './Stowage.ts';
import { turnings } from './turnings.ts';

/** What has been decided so far: sides as turned, which piece lies before which on each axis, and what follows. */
interface State {
  readonly sizes: readonly Triple[];
  /** `before[axis][i]`: those that must lie beyond piece i on the axis. */
  readonly before: readonly (readonly (readonly number[])[])[];
  /** Earliest place of each piece on each axis. */
  readonly from: readonly (readonly number[])[];
  /** Room that what lies beyond each piece takes at least. */
  readonly after: readonly (readonly number[])[];
}

type Relation = readonly [axis: 0 | 1 | 2, first: number, second: number];

/**
 * Whether pieces can be stowed in a room, decided for certain.
 *
 * In any stowage two pieces lie apart on some axis. Pieces come in one after the other, the largest first,
 * each in every turning; while the earliest places that follow from what is decided let two overlap, one
 * such pair is set apart in each of the ways that the room allows. No way left proves that none exists.
 *
 * Not for many pieces: the work may grow exponentially. Ten ordinary ones take milliseconds.
 *
 * Source: relative placements with longest paths, after Pisinger & Sigurd 2007 (method from memory).
 *
 * @returns placements in the pieces' own order, or null when none exists
 */
export function stowExactly(pieces: readonly StowPiece[], roomIn: Triple): Placement[] | null {
  const volume = ({ sizeIn }: StowPiece) => sizeIn[0] * sizeIn[1] * sizeIn[2];
  if (pieces.reduce((sum, piece) => sum + volume(piece), 0) > roomIn[0] * roomIn[1] * roomIn[2] * (1 + 1e-9)) return null;
  const ordered = [...pieces].sort((a, b) => volume(b) - volume(a) || (outline(a) < outline(b) ? -1 : 1));
  const choices = ordered.map((piece) =>
    turnings(asListed(piece)).filter((size) => size.every((side, axis) => side <= roomIn[axis]! + EPS)),
  );
  const alike = ordered.map((piece, i) => i > 0 && outline(piece) === outline(ordered[i - 1]!));
  const found = bringIn({ sizes: [], before: [[], [], []], from: [[], [], []], after: [[], [], []] }, choices, alike, [], roomIn);
  if (!found) return null;
  const placed = new Map(
    ordered.map((piece, i): [string, Placement] => [
      piece.id,
      { id: piece.id, atIn: [found.from[0]![i]!, found.from[1]![i]!, found.from[2]![i]!], sizeIn: found.sizes[i]! },
    ]),
  );
  return pieces.map((piece) => placed.get(piece.id)!);
}

const outline = ({ sizeIn, upright }: StowPiece): string => (upright ? `up ${sizeIn.join()}` : [...sizeIn].sort((a, b) => a - b).join());

/** Alike pieces have their turnings in one order, however their sides were written down. */
const asListed = ({ sizeIn, upright }: StowPiece): Pick<StowPiece, 'sizeIn' | 'upright'> => ({
  sizeIn: upright ? sizeIn : ([...sizeIn].sort((a, b) => b - a) as unknown as Triple),
  upright,
});

/** Brings in the next piece in every turning; alike pieces take theirs in order, since swapping them changes nothing. */
function bringIn(
  state: State,
  choices: readonly Triple[][],
  alike: readonly boolean[],
  turned: readonly number[],
  roomIn: Triple,
): State | null {
  const next = state.sizes.length;
  if (next === choices.length) return state;
  for (let turn = alike[next] ? turned[next - 1]! : 0; turn < choices[next]!.length; turn++) {
    const sizes = [...state.sizes, choices[next]![turn]!];
    const more = (rows: State['from']) => rows.map((row) => [...row, 0]);
    const entered: State = { sizes, before: state.before.map((rows) => [...rows, []]), from: more(state.from), after: more(state.after) };
    const turns = [...turned, turn];
    const found = setApart(entered, roomIn, (settled) => bringIn(settled, choices, alike, turns, roomIn), sameAs(alike, turns));
    if (found) return found;
  }
  return null;
}

/** True for two pieces alike and turned alike: they may be told to come in order on the first axis. */
const sameAs =
  (alike: readonly boolean[], turned: readonly number[]) =>
  (i: number, j: number): boolean => {
    for (let k = i + 1; k <= j; k++) if (!alike[k] || turned[k] !== turned[i]) return false;
    return true;
  };

/** Sets one overlapping pair apart in each way the room allows, until none overlaps, then goes on. */
function setApart(
  state: State,
  roomIn: Triple,
  goOn: (state: State) => State | null,
  same: (i: number, j: number) => boolean,
): State | null {
  let hardest: readonly Relation[] | null = null;
  const count = state.sizes.length;
  for (let i = 0; i < count; i++) {
    for (let j = i + 1; j < count; j++) {
      if (related(state, i, j)) continue;
      const ways = waysApart(state, i, j, roomIn, same(i, j));
      if (ways.length === 0) return null;
      const urgent = ways.length === 1 || overlapNow(state, i, j);
      if (urgent && (!hardest || ways.length < hardest.length)) hardest = ways;
    }
  }
  if (!hardest) return goOn(state);
  for (const relation of hardest) {
    const next = relate(state, relation, roomIn);
    const found = next && setApart(next, roomIn, goOn, same);
    if (found) return found;
  }
  return null;
}

const AXES = [0, 1, 2] as const;

const related = (state: State, i: number, j: number): boolean =>
  AXES.some((axis) => state.before[axis]![i]!.includes(j) || state.before[axis]![j]!.includes(i));

const overlapNow = ({ from, sizes }: State, i: number, j: number): boolean =>
  AXES.every(
    (axis) => from[axis]![i]! + sizes[i]![axis] > from[axis]![j]! + EPS && from[axis]![j]! + sizes[j]![axis] > from[axis]![i]! + EPS,
  );

function waysApart({ from, after, sizes }: State, i: number, j: number, roomIn: Triple, same: boolean): Relation[] {
  const ways: Relation[] = [];
  for (const axis of AXES) {
    const fits = (first: number, second: number) =>
      from[axis]![first]! + sizes[first]![axis] + sizes[second]![axis] + after[axis]![second]! <= roomIn[axis] + EPS;
    if (fits(i, j)) ways.push([axis, i, j]);
    if (!(same && axis === 0) && fits(j, i)) ways.push([axis, j, i]);
  }
  return ways;
}

/** Puts one piece before another on an axis and follows what that moves; null when the room is too small. */
function relate(state: State, [axis, first, second]: Relation, roomIn: Triple): State | null {
  const before = state.before.map((rows, one) => (one === axis ? rows.map((row, i) => (i === first ? [...row, second] : row)) : rows));
  const from = [...state.from[axis]!];
  const after = [...state.after[axis]!];
  const side = (i: number) => state.sizes[i]![axis];
  const fits = (i: number) => from[i]! + side(i) + after[i]! <= roomIn[axis] + EPS;
  const push = (i: number): boolean =>
    before[axis]![i]!.every((next) => {
      if (from[next]! >= from[i]! + side(i) - 1e-12) return true;
      from[next] = from[i]! + side(i);
      return fits(next) && push(next);
    });
  const pull = (i: number): boolean =>
    before[axis]!.every((row, earlier) => {
      if (!row.includes(i) || after[earlier]! >= after[i]! + side(i) - 1e-12) return true;
      after[earlier] = after[i]! + side(i);
      return fits(earlier) && pull(earlier);
    });
  if (!push(first) || !pull(second)) return null;
  const put = (rows: State['from'], row: readonly number[]) => rows.map((old, one) => (one === axis ? row : old));
  return { sizes: state.sizes, before, from: put(state.from, from), after: put(state.after, after) };
}
