import { withstoodHeight } from '../cushion/withstoodHeight.ts';
import { normalCdf } from '../numeric/normal.ts';
import { breaksWithin, DROP_SPREAD, medianDropIn } from './dropHeights.ts';
import type { Journey } from './shockChance.ts';

/** Strengths at which it is worked out what a piece withstands, weakest first, in standard deviations. */
const STRENGTHS = Array.from({ length: 17 }, (_, i) => -5 + 0.5 * i);
/** Drops, in standard deviations of their logarithm, and how likely each is. */
const DROP_STEP = 0.4;
const DROPS = Array.from({ length: 22 }, (_, i) => -3.4 + DROP_STEP * i);
const LIKELY = DROPS.map((z) => (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * DROP_STEP);

/**
 * Chance that a journey’s drops break any of several different pieces that go together. Each piece’s own chance is known; one
 * drop strikes all of them, so that they break together more often than by chance.
 *
 * Formula: with q_any and q_i the chances that a single drop breaks any, and piece i,
 * `P = max(max P_i, 1 − Π(1 − P_i)^(q_any / Σ q_i))`, each piece’s strength drawn by itself: exact for one piece, for pieces of
 * which one decides, and where breaking is rare; a parcel’s later drops find its pieces as strong as the first did, which the
 * share of a single drop leaves out.
 *
 * @param journeys of the pieces, with the same faces in the same order
 * @param chances of each, as `shockChance` has them
 */
export function anyOfSeveral(journeys: readonly Journey[], chances: readonly number[]): number {
  const all = chances.reduce((none, chance) => none * (1 - chance), 1);
  if (journeys.length < 2 || !(all < 1)) return 1 - all;
  const { any, sum } = oneDropTogether(journeys);
  const share = sum > 0 ? Math.min(1, any / sum) : 1;
  return Math.min(1, Math.max(...chances, 1 - all ** share));
}

/** That one drop breaks any of them, and the sum of the chances that it breaks each. */
function oneDropTogether(journeys: readonly Journey[]): { readonly any: number; readonly sum: number } {
  const { grossWeightLb, handlingFactor, faces } = journeys[0]!;
  const medianIn = medianDropIn(grossWeightLb, handlingFactor);
  const heightsIn = DROPS.map((z) => medianIn * Math.exp(DROP_SPREAD * z));
  const breaking = journeys.map(breakingOf);
  let any = 0;
  let sum = 0;
  for (let face = 0; face < faces.length; face++) {
    const { chance } = faces[face]!;
    const whole = new Float64Array(DROPS.length).fill(1);
    for (const breaksAt of breaking) {
      const breaks = breaksAt(face, heightsIn);
      for (let i = 0; i < DROPS.length; i++) {
        whole[i]! *= 1 - breaks[i]!;
        sum += chance * LIKELY[i]! * breaks[i]!;
      }
    }
    for (let i = 0; i < DROPS.length; i++) any += chance * LIKELY[i]! * (1 - whole[i]!);
  }
  return { any, sum };
}

const WEAKEST_BREAKS = normalCdf(STRENGTHS[0]!);
const STRONGEST_BREAKS = normalCdf(STRENGTHS.at(-1)!);

/** Chance that each of some drops, higher and higher, on a face breaks any of the alike pieces of a journey. */
function breakingOf({ faces, ownHeightIn, criticalG, spread, weightLb, pieces = 1 }: Journey) {
  const strengths = STRENGTHS.map((z) => Math.exp(spread * z));
  const stands = new Float64Array(STRENGTHS.length);
  const breaks = new Float64Array(DROPS.length);
  return (face: number, heightsIn: readonly number[]): Float64Array => {
    const { layers, others } = faces[face]!;
    stands.fill(Infinity);
    for (const stack of others ? [layers, ...others] : [layers]) {
      const heightOf = withstoodHeight(stack, weightLb);
      for (let i = 0; i < strengths.length; i++)
        stands[i] = Math.min(stands[i]!, heightOf(criticalG * strengths[i]!, ownHeightIn * strengths[i]!));
    }
    let at = 0;
    for (let i = 0; i < heightsIn.length; i++) {
      const heightIn = heightsIn[i]!;
      while (at < stands.length && stands[at]! < heightIn) at++;
      const weaker = at === 0 ? WEAKEST_BREAKS : at === stands.length ? STRONGEST_BREAKS : normalCdf(between(stands, at, heightIn));
      breaks[i] = breaksWithin(pieces, weaker);
    }
    return breaks;
  };
}

/** The strength that just stands a drop, between two that are worked out. */
function between(stands: Float64Array, at: number, heightIn: number): number {
  const [low, high] = [stands[at - 1]!, stands[at]!];
  const part = low > 0 ? Math.log(heightIn / low) / Math.log(high / low) : (heightIn - low) / (high - low);
  return STRENGTHS[at - 1]! + part * (STRENGTHS[at]! - STRENGTHS[at - 1]!);
}
