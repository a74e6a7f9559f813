import type { Slices } from '../../engineering/journey/shockFloor.ts';
import type { PostageFloor } from '../../engineering/tariff/postageFloor.ts';
import type { ShellFigures } from './searchFigures.ts';

/** Of one drop, slice by slice, worked out over and over: the chance that it breaks on the other faces, and on all. */
export interface Scratch {
  readonly others: Float64Array;
  readonly all: Float64Array;
  /** Where the heights of each face begin. */
  readonly starts: Int32Array;
}
/** A struck bundle has six faces at most. */
const MOST_FACES = 6;
export const scratchFor = ({ ends }: Slices): Scratch => ({
  others: new Float64Array(ends.length),
  all: new Float64Array(ends.length),
  starts: new Int32Array(MOST_FACES),
});

/** Weights are told apart by so much when the least postage is sought, each taken as the lightest of its like. */
const LIKE_LB = 1 / 32;

/**
 * The least that any of some services asks, hardly below it.
 *
 * @param services by their places
 */
export function leastPostage(services: ReadonlySet<number>): (figures: ShellFigures, weightLb: number) => number {
  const known = new Map<readonly PostageFloor[], Map<number, number>>();
  return ({ postage }, weightLb) => {
    let byWeight = known.get(postage);
    if (!byWeight) known.set(postage, (byWeight = new Map<number, number>()));
    const like = Math.floor(weightLb / LIKE_LB);
    let minor = byWeight.get(like);
    if (minor === undefined) {
      minor = Infinity;
      for (const service of services) minor = Math.min(minor, postage[service]!(like * LIKE_LB));
      byWeight.set(like, minor);
    }
    return minor;
  };
}

/** Shock floors by drops and handling, each worked out once. */
export function eachOnce<Shock>(work: (drops: number, handling: number) => Shock): (drops: number, handling: number) => Shock {
  const ways: number[] = [];
  const known: Shock[] = [];
  return (drops, handling) => {
    for (let i = 0; i < known.length; i++) if (ways[2 * i] === drops && ways[2 * i + 1] === handling) return known[i]!;
    const shock = work(drops, handling);
    ways.push(drops, handling);
    known.push(shock);
    return shock;
  };
}
