import type { Slices } from '../../engineering/journey/shockFloor.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import type { PostageFloor } from '../../engineering/tariff/postageFloor.ts';
import type { Gaps } from '../box/StowedBox.ts';
import type { ShellFigures } from './searchFigures.ts';
import { addGap, type ShockCeilings } from './shockCeilings.ts';

/** A struck bundle has six faces, whether or not opposite ones are alike. */
export const MOST_FACES = 6;

/** Heights of all faces, and of the face below once more, worked out over and over. */
export interface Scratch {
  readonly heights: Float64Array;
  readonly below: Float64Array;
  /** Of one drop, slice by slice: on the other faces, and on all. */
  readonly others: Float64Array;
  readonly still: Float64Array;
}
export const scratchFor = ({ ends }: Slices): Scratch => ({
  heights: new Float64Array(MOST_FACES * ends.length),
  below: new Float64Array(ends.length),
  others: new Float64Array(ends.length),
  still: new Float64Array(ends.length),
});

/** Weights are told apart by so much when the least postage is sought, each taken as the lightest of its like. */
const LIKE_LB = 1 / 32;

/** The least any service asks, hardly below it. */
export function leastPostage(): (figures: ShellFigures, weightLb: number) => number {
  const known = new Map<readonly PostageFloor[], Map<number, number>>();
  return ({ postage }, weightLb) => {
    let byWeight = known.get(postage);
    if (!byWeight) known.set(postage, (byWeight = new Map<number, number>()));
    const like = Math.floor(weightLb / LIKE_LB);
    let minor = byWeight.get(like);
    if (minor === undefined) {
      minor = Infinity;
      for (const of of postage) minor = Math.min(minor, of(like * LIKE_LB));
      byWeight.set(like, minor);
    }
    return minor;
  };
}

/** A bundle's heights with one fill in the gap round it, in a scratch as long as they are. */
export function withGap(ceilings: ShockCeilings, gaps: Gaps, fill: FillStock | null, scratch: Float64Array): Float64Array {
  const heights = scratch.subarray(0, ceilings.heights.length);
  heights.set(ceilings.heights);
  if (fill) addGap(ceilings, gaps, fill, heights);
  return heights;
}
