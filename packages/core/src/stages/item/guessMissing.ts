import type { Archetype } from '../../engineering/pieces/Archetype.ts';
import { FLAT_SHARE } from '../../engineering/pieces/flatWare.ts';
import { heightShareByName, isRoundAbout } from '../../engineering/pieces/heightByName.ts';
import { sizeByName } from '../../engineering/pieces/sizeByName.ts';
import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import type { SidesTold } from '../../units/index.ts';
import type { PieceFacts } from '../sale/Order.ts';

/** Spread of a guessed weight, as a share. */
export const GUESSED_WEIGHT_SPREAD = 0.25;
/** Spread of a weighed one. */
export const WEIGHED_SPREAD = 0.01;

/** Of two sides, or one, told of a kind that is thin one way, neither is the thickness: a frame of 14 × 11, a print 11 wide and 14 high. */
function sidesKnown({ lengthIn, widthIn, heightIn }: PieceFacts, { typicalSizeIn }: Archetype): SidesTold {
  const sides: SidesTold = [lengthIn, widthIn, heightIn];
  const thin = typicalSizeIn.indexOf(Math.min(...typicalSizeIn));
  const told = sides.filter((side) => side !== null);
  const isThin = typicalSizeIn.every((side, axis) => axis === thin || typicalSizeIn[thin]! <= FLAT_SHARE * side);
  if (!isThin || told.length > 2 || (sides[thin] ?? 0) <= FLAT_SHARE * Math.max(...told)) return sides;
  const [one, other = null] = told;
  return [one!, other].toSpliced(thin, 0, null) as unknown as SidesTold;
}

/**
 * Completes size and weight from what is known and what is typical of the archetype.
 *
 * Of two sides known, what lies beside one is as broad where its name tells that it is round, else in the kind's proportion to it,
 * and a height as its name tells (a plate is flat, a ball is not), else in the kind's proportion to the mean of both; one side told
 * alone is the longest. A missing weight is the typical weight over the enclosing box, and a wholly unknown size is that of all of its
 * name (a record), else follows from a known weight. Source: judgement.
 */
export function guessMissing(
  facts: PieceFacts,
  archetype: Archetype,
): { sizeIn: Triple; weightLb: number; guessed: { sides: [boolean, boolean, boolean]; weight: boolean } } {
  const known = sidesKnown(facts, archetype);
  const told = known.filter((side) => side !== null).length;
  const { weightLb } = facts;
  const sizeIn =
    told === 0
      ? (sizeByName(facts.title) ?? byWeight(weightLb, archetype))
      : told === 1
        ? roundOne(known, weightLb, archetype, facts.title)
        : besideOthers(known, archetype, facts.title);
  return {
    sizeIn,
    weightLb: weightLb ?? archetype.typicalLbPerIn3 * sizeIn[0] * sizeIn[1] * sizeIn[2],
    guessed: { sides: known.map((side) => side === null) as [boolean, boolean, boolean], weight: weightLb === null },
  };
}

const volumeOf = ([l, w, h]: Triple): number => l * w * h;

function byWeight(weightLb: number | null, { typicalSizeIn, typicalLbPerIn3 }: Archetype): Triple {
  const scale = weightLb === null ? 1 : Math.cbrt(weightLb / (typicalLbPerIn3 * volumeOf(typicalSizeIn)));
  return typicalSizeIn.map((side) => side * scale) as unknown as Triple;
}

/** Round one side: what its name tells how high it is against its breadth is that broad, or that high; of anything else it is the longest. */
function roundOne(known: SidesTold, weightLb: number | null, archetype: Archetype, title: string): Triple {
  const share = heightShareByName(title);
  const [, , high] = known;
  if (share === null) return roundLongest(known, weightLb, archetype);
  return high === null ? besideOthers(known, archetype, title) : [high / share, high / share, high];
}

/**
 * What is told as `22 in tall` and no more is longest that way. Across it is between what its kind has at that length and what its
 * weight comes to: slender where it is light, and never wider than long.
 */
function roundLongest(known: SidesTold, weightLb: number | null, { typicalSizeIn, typicalLbPerIn3 }: Archetype): Triple {
  const axis = known.findIndex((side) => side !== null);
  const side = known[axis]!;
  const longest = typicalSizeIn.indexOf(Math.max(...typicalSizeIn));
  const scale = side / typicalSizeIn[longest]!;
  const sizeIn = typicalSizeIn.map((_, i) => (i === axis ? side : typicalSizeIn[i === longest ? axis : i]! * scale)) as unknown as Triple;
  // the mean of two areas across, each side by the root of it
  const slender = weightLb === null ? 1 : (weightLb / typicalLbPerIn3 / volumeOf(sizeIn)) ** (1 / 4);
  return sizeIn.map((one, i) => (i === axis ? one : Math.min(side, one * slender))) as unknown as Triple;
}

function besideOthers(known: SidesTold, { typicalSizeIn: [long, wide, high] }: Archetype, title: string): Triple {
  const [l, w, h] = known;
  const ratio = isRoundAbout(title) ? 1 : long / wide;
  const length = l ?? w! * ratio;
  const width = w ?? l! / ratio;
  const share = heightShareByName(title);
  const height = share === null ? (high * (length / long + width / wide)) / 2 : (share * (length + width)) / 2;
  return [length, width, h ?? height];
}
