import { dropHeightAtG } from '../../engineering/cushion/dropHeight.ts';
import { bendsOf } from '../item/bends.ts';
import { stiffSides } from './stiffSides.ts';
import type { WrappedItem, Wraps } from './WrappedItem.ts';

/** Several may stand in many ways, so that each wrap is looked at many times: so many of them stand for all. */
const MOST_WAYS = 16;
/** The same for each of several different bundles, whose wraps are combined. */
const MOST_COMBINED = 8;

/** What speaks for a way of wrapping, less of each being better. */
type Told = readonly [cost: number, room: number, hardness: number, bare: number, bends: number];

/**
 * Of the ways to wrap one of several the few that are not beaten on cost, room, softness, finish and stiffness together, those that stand
 * out most among their neighbours; all of them for a single piece.
 */
export const fewWhereSeveral = (ways: readonly WrappedItem[]): readonly WrappedItem[] =>
  ways.length <= MOST_WAYS || ways[0]!.piece.stacks.length === 1 ? ways : few(ways, MOST_WAYS);

/** Of so many different bundles up to so many combinations of wraps are looked at one by one. */
const MOST_COMBINATIONS = 64;

/**
 * Ways to wrap several different bundles, one wrap for each: every combination of a dozen of each where that is not too many,
 * else those in which each withstands about as high a drop as the others, and, where they are not too many, those in which one
 * of them withstands more or less than that.
 *
 * @param each ways to wrap each, at least one bundle
 * @param roughly only those in which each withstands about as much as the others
 */
export function wrapsTogether(each: readonly (readonly WrappedItem[])[], roughly = false): Wraps[] {
  const ladders = each.map((ways) =>
    ways.length <= MOST_COMBINED ? [...ways].sort((a, b) => hardnessOf(a) - hardnessOf(b)) : few(ways, MOST_COMBINED),
  );
  if (ladders.some((ladder) => ladder.length === 0)) return [];
  const product = ladders.reduce((count, ladder) => count * ladder.length, 1);
  if (product <= MOST_COMBINATIONS && !roughly)
    return ladders.reduce<WrappedItem[][]>(
      (some, ladder) => some.flatMap((one) => ladder.map((wrapped) => [...one, wrapped])),
      [[]],
    ) as unknown as Wraps[];
  const steps = Math.max(...ladders.map(({ length }) => length));
  const rung = (ladder: readonly WrappedItem[], step: number) =>
    Math.min(ladder.length - 1, Math.max(0, Math.round((step * (ladder.length - 1)) / (steps - 1))));
  const found = new Map<string, Wraps>();
  const keep = (rungs: readonly number[]) => found.set(rungs.join(), rungs.map((at, i) => ladders[i]![at]!) as unknown as Wraps);
  for (let step = 0; step < steps; step++) {
    const even = ladders.map((ladder) => rung(ladder, step));
    keep(even);
    if (roughly || ladders.length > MOST_SHIFTED) continue;
    for (const shift of SHIFTS) ladders.forEach((ladder, i) => keep(even.map((at, j) => (i === j ? rung(ladder, step + shift) : at))));
  }
  return [...found.values()];
}
const SHIFTS = [-3, 3];
/** Of more bundles than this none is shifted: single steps from the best come afterwards, and come as far. Measured, not proved. */
const MOST_SHIFTED = 4;

function few(ways: readonly WrappedItem[], most: number): WrappedItem[] {
  const told = ways.map((way) => ({ way, told: tell(way) }));
  const left = told.filter((one, i) => !told.some((other, j) => i !== j && beats(other.told, one.told, j < i)));
  left.sort((a, b) => a.told[2] - b.told[2] || a.told[0] - b.told[0]);
  // of neighbours in softness the dearer and bulkier one goes first
  while (left.length > most) {
    let least = 1;
    for (let i = 1; i < left.length - 1; i++) if (standsOut(left, i) < standsOut(left, least)) least = i;
    left.splice(least, 1);
  }
  return left.map(({ way }) => way);
}

const beats = (one: Told, other: Told, onTie: boolean): boolean =>
  one.every((value, i) => value <= other[i]!) && (onTie || one.some((value, i) => value < other[i]!));

/** How much would be lost without it: how far apart its neighbours are, less what it costs and takes up beyond the next. */
function standsOut(all: readonly { readonly told: Told }[], at: number): number {
  const [before, here, after] = [all[at - 1]!.told, all[at]!.told, all[at + 1]!.told];
  const apart = Math.log(after[2] / before[2]);
  const dearer = Math.max(0, Math.log(here[0] / before[0])) + Math.max(0, Math.log(here[1] / before[1]));
  return apart - dearer / 4 + (here[3] < before[3] ? 1 : 0) + (here[4] < before[4] ? 1 : 0);
}

const tell = (way: WrappedItem): Told => [
  costOf(way),
  roomOf(way),
  hardnessOf(way),
  isBare(way) ? 1 : 0,
  bendsOf(way.piece) ? 2 - stiffSides(way.layers) : 0,
];

/** Material, in minor units, and minutes at a round cent each second. */
const costOf = ({ costMinor, minutes, piece: { guards } }: WrappedItem): number =>
  costMinor + guards.costMinor + 60 * (minutes + guards.minutes);
const roomOf = ({ bundleIn: [l, w, h] }: WrappedItem): number => l * w * h;
/** A finish that shows rubbing, without a layer of its own. */
const isBare = ({ piece, layers }: WrappedItem): boolean =>
  piece.facts.finish !== 'plain' && layers.every(({ stock }) => stock.role !== 'surface');

/** One over the drop that the wraps alone bring the piece to stand on its base, inches; over their thickness where none breaks it. */
function hardnessOf({ piece, layers, coverIn }: WrappedItem): number {
  if (piece.criticalG === null) return 1 / (0.01 + coverIn);
  const areaIn2 = piece.sizeIn[0] * piece.sizeIn[1] * piece.bearing[2];
  const stack = layers.flatMap(({ cushion, thicknessIn }) => (cushion ? [{ curve: cushion.curve, thicknessIn, areaIn2 }] : []));
  return 1 / (dropHeightAtG(stack, piece.weightLb, piece.criticalG) + piece.ownHeightIn + 0.01);
}
