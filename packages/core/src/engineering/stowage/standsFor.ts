import type { Triple } from '../geometry/wrapLayer.ts';
import { isPartOf, joined, membersOf, standIn, type Stand } from './Stand.ts';

/** A bundle to find a place for: what it weighs, and its outlines as it may lie. */
export interface Stander {
  readonly weightLb: number;
  /** Outside of it, lying one way or the other, inches; at least one. */
  readonly turns: readonly Triple[];
}

/** One way to stand together: the order, and which turn of each. */
export interface Standing {
  readonly stand: Stand;
  readonly turnOf: readonly number[];
  readonly sizeIn: Triple;
}

/** So many are combined in every way; where there are more, small ones are put together first. */
const MOST_COMBINED = 7;
/** Outlines kept of each few that stand together, by how many there are in all: of three none is let go, so that none is missed. */
const KEPT = [Infinity, Infinity, Infinity, Infinity, 8, 6, 4, 4];

/** A part on its way: what stands in it, with the turns chosen so far. */
interface Built {
  readonly stand: Stand;
  readonly turns: ReadonlyMap<number, number>;
  readonly sizeIn: Triple;
}

/**
 * Ways in which different bundles may stand together, the closest first: every order that can be cut apart by straight cuts,
 * built up from the few that stand closest of each smaller number. The heavier part stands lower, or nearer.
 *
 * @param most so many ways at most
 * @param alsoLarger with those that go nowhere another does not go, since each may rest on others
 */
export function standsFor(standers: readonly Stander[], most: number, alsoLarger = false): Standing[] {
  const nodes: { readonly weightLb: number; readonly ways: readonly Built[] }[] = standers.map(({ weightLb, turns }, at) => ({
    weightLb,
    ways: turns.map((sizeIn, turn) => ({ stand: at, turns: new Map([[at, turn]]), sizeIn })),
  }));
  const kept = KEPT[Math.min(MOST_COMBINED, nodes.length)]!;
  while (nodes.length > MOST_COMBINED) {
    nodes.sort((a, b) => volumeOf(b.ways[0]!.sizeIn) - volumeOf(a.ways[0]!.sizeIn));
    const [last, before] = [nodes.pop()!, nodes.pop()!];
    nodes.push({ weightLb: last.weightLb + before.weightLb, ways: closest(pairs(before, last), kept) });
  }
  const all = (1 << nodes.length) - 1;
  const weightOf = (set: number) => nodes.reduce((sum, { weightLb }, i) => sum + (set & (1 << i) ? weightLb : 0), 0);
  const known = new Map<number, readonly Built[]>(nodes.map(({ ways }, i) => [1 << i, ways]));
  for (let set = 1; set <= all; set++) {
    if (known.has(set)) continue;
    const found: Pair[] = [];
    for (let part = (set - 1) & set; part > 0; part = (part - 1) & set) {
      const rest = set ^ part;
      if (part < rest) continue;
      found.push(...pairs({ weightLb: weightOf(part), ways: known.get(part)! }, { weightLb: weightOf(rest), ways: known.get(rest)! }));
    }
    known.set(set, set === all ? closest(found, most, alsoLarger) : closest(found, kept));
  }
  return known.get(all)!.map(({ stand, turns, sizeIn }) => ({
    stand: flat(stand),
    turnOf: standers.map((_, at) => turns.get(at)!),
    sizeIn,
  }));
}

type Node = { readonly weightLb: number; readonly ways: readonly Built[] };

/** Two parts that may stand next to each other along an axis, and how much they show outside. */
interface Pair {
  readonly first: Built;
  readonly second: Built;
  readonly along: 0 | 1 | 2;
  readonly sizeIn: Triple;
  readonly surfaceIn2: number;
}

/** Two parts next to each other, along each axis, the heavier first. */
function pairs(one: Node, other: Node): Pair[] {
  const [heavier, lighter] = other.weightLb > one.weightLb ? [other, one] : [one, other];
  const found: Pair[] = [];
  for (const first of heavier.ways)
    for (const second of lighter.ways)
      for (const along of AXES) {
        const sizeIn = joined(first.sizeIn, second.sizeIn, along);
        found.push({ first, second, along, sizeIn, surfaceIn2: surfaceOf(sizeIn) });
      }
  return found;
}
const AXES = [0, 1, 2] as const;

const built = ({ first, second, along, sizeIn }: Pair): Built => ({
  stand: { along, parts: [first.stand, second.stand] },
  turns: new Map([...first.turns, ...second.turns]),
  sizeIn,
});

const volumeOf = ([l, w, h]: Triple): number => l * w * h;
const surfaceOf = ([l, w, h]: Triple): number => l * w + l * h + w * h;

/** Those with the least surface, none larger than another every way unless that is asked for. */
function closest(found: Pair[], most: number, alsoLarger = false): Built[] {
  found.sort((a, b) => a.surfaceIn2 - b.surfaceIn2);
  const kept: Pair[] = [];
  for (const pair of found) {
    if (kept.length === most) break;
    if (alsoLarger || !kept.some((other) => isWithin(other.sizeIn, pair.sizeIn))) kept.push(pair);
  }
  return kept.map(built);
}

/** True where one goes wherever the other does, turned on the floor. */
const isWithin = (one: Triple, other: Triple): boolean =>
  Math.max(one[0], one[1]) <= Math.max(other[0], other[1]) + 1e-9 &&
  Math.min(one[0], one[1]) <= Math.min(other[0], other[1]) + 1e-9 &&
  one[2] <= other[2] + 1e-9;

/** Parts of parts along one axis are parts of the whole. */
function flat(stand: Stand): Stand {
  if (typeof stand === 'number') return stand;
  const parts = stand.parts.map(flat).flatMap((part) => (typeof part !== 'number' && part.along === stand.along ? part.parts : [part]));
  return { along: stand.along, parts };
}

/** The same with two bundles in each other’s place. */
export function swapped(stand: Stand, one: number, other: number): Stand {
  const swap = (part: Stand): Stand =>
    typeof part === 'number' ? (part === one ? other : part === other ? one : part) : { ...part, parts: part.parts.map(swap) };
  return membersOf(stand).length > 1 ? swap(stand) : stand;
}

/** The same with one bundle taken out and stood next to another, along the box, across it or upon it: before that one or behind. */
export function movedBeside(stand: Stand, one: number, other: number, along: 0 | 1 | 2, before: boolean): Stand {
  const left = one === other ? null : without(stand, one);
  if (left === null || !membersOf(left).includes(other)) return stand;
  const put = (part: Stand): Stand =>
    typeof part !== 'number'
      ? { ...part, parts: part.parts.map(put) }
      : part === other
        ? { along, parts: before ? [one, other] : [other, one] }
        : part;
  return flat(put(left));
}

/**
 * The same with some standing as one part of it: as they are where they do, else as one where they stand in a row, else taken out
 * and stood beside one another, where that keeps all of them closest.
 *
 * @param sizes of the bundles as they lie, inches
 */
export function stoodTogether(stand: Stand, of: readonly number[], sizes: readonly Triple[]): Stand {
  const asOne = (part: Stand): Stand | null => {
    if (isPartOf(part, of)) return part;
    if (typeof part === 'number') return null;
    const places = part.parts.flatMap((one, i) => (membersOf(one).every((member) => of.includes(member)) ? [i] : []));
    const [from, to] = [places[0], places.at(-1)];
    if (from !== undefined && to !== undefined && to > from && to - from === places.length - 1) {
      const row: Stand = { along: part.along, parts: part.parts.slice(from, to + 1) };
      if (isPartOf(row, of)) return { ...part, parts: [...part.parts.slice(0, from), row, ...part.parts.slice(to + 1)] };
    }
    const parts = part.parts.map(asOne);
    const at = parts.findIndex((one) => one !== null);
    return at < 0 ? null : { ...part, parts: part.parts.map((one, i) => (i === at ? parts[at]! : one)) };
  };
  const found = asOne(stand);
  if (found !== null) return found;
  const [first, ...others] = membersOf(stand).filter((member) => of.includes(member));
  const rest = others.reduce<Stand | null>((left, one) => left && without(left, one), stand);
  if (first === undefined || rest === null) return stand;
  const put = (part: Stand, group: Stand): Stand =>
    typeof part === 'number' ? (part === first ? group : part) : { ...part, parts: part.parts.map((one) => put(one, group)) };
  const ways = AXES.map((along) => put(rest, { along, parts: [first, ...others] }));
  return ways.reduce((best, way) => (surfaceOf(standIn(way, sizes).sizeIn) < surfaceOf(standIn(best, sizes).sizeIn) ? way : best));
}

/**
 * The same with some standing as one part of it, and in another way among themselves.
 *
 * @param group those, as they are to stand
 * @param sizes of the bundles as they lie, inches
 */
export function stoodAmong(stand: Stand, group: Stand, sizes: readonly Triple[]): Stand {
  const of = membersOf(group);
  const put = (part: Stand): Stand =>
    isPartOf(part, of) ? group : typeof part === 'number' ? part : { ...part, parts: part.parts.map(put) };
  return put(stoodTogether(stand, of, sizes));
}

/** The rest where one is taken out; null where nothing is left. */
function without(stand: Stand, one: number): Stand | null {
  if (typeof stand === 'number') return stand === one ? null : stand;
  const parts = stand.parts.flatMap((part) => without(part, one) ?? []);
  return parts.length === 1 ? parts[0]! : { ...stand, parts };
}
