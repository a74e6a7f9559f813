/** A set of candidates and what everybody costs with the best of them. */
export interface ChosenSet {
  /** Places of the candidates, rising. */
  readonly set: readonly number[];
  readonly total: number;
  /** No set of so many costs less than this. */
  readonly bound: number;
  /** Nothing was left untried: `total` is the least there is. */
  readonly exact: boolean;
}

/** Sets of up to so many are looked through; of larger ones there are too many, and what the exchanges find stands with its bound. */
const LOOKED_THROUGH = 4;
/** So many sets are looked into before what was found must do. */
const MOST_LOOKED_INTO = 20_000;

/**
 * The set of so many candidates with which everybody, each served by the best of the set, costs the least together. Greedy
 * first, then each of the set changed for another while that helps, then every set that a bound does not rule out; where those
 * are too many, what was found stands with the bound.
 *
 * What a set saves has ever smaller gains (it is submodular), so no set saves more than one in hand and the largest gains that
 * any may add to it.
 *
 * Source: Nemhauser, Wolsey, Fisher: An analysis of approximations for maximizing submodular set functions, 1978; from memory.
 *
 * @param costs what each costs with each candidate, by person; infinite where it does not do
 * @param without what each costs with none of the set
 * @param most how many there may be in the set
 * @param looks sets looked into at most
 */
export function bestSet(
  costs: readonly (readonly number[])[],
  without: readonly number[],
  most: number,
  looks = most <= LOOKED_THROUGH ? MOST_LOOKED_INTO : 0,
): ChosenSet {
  const count = costs[0]?.length ?? 0;
  const size = Math.min(most, count);
  const begin = without.reduce((sum, one) => sum + one, 0);
  const servedBy = (now: readonly number[], j: number): number[] => now.map((one, i) => Math.min(one, costs[i]![j]!));
  const gainOf = (now: readonly number[], j: number): number => {
    let gain = 0;
    for (let i = 0; i < now.length; i++) gain += Math.max(0, now[i]! - costs[i]![j]!);
    return gain;
  };
  /** The least that sets of so many more may cost, from those that stand behind a place in an order. */
  const boundFrom = (from: number, now: readonly number[], sum: number, more: number, within: readonly number[]): number =>
    sum -
    within
      .slice(from)
      .map((j) => gainOf(now, j))
      .sort((a, b) => b - a)
      .slice(0, more)
      .reduce((all, one) => all + one, 0);
  const totalOf = (now: readonly number[]): number => now.reduce((sum, one) => sum + one, 0);
  const serve = (set: readonly number[]): number[] => set.reduce(servedBy, [...without]);

  // greedy, then exchanges
  let best: number[] = [];
  let served = [...without];
  while (best.length < size) {
    let [pick, largest] = [-1, 0];
    for (let j = 0; j < count; j++) {
      const gain = best.includes(j) ? 0 : gainOf(served, j);
      if (gain > largest + 1e-9) [pick, largest] = [j, gain];
    }
    if (pick < 0) break;
    best.push(pick);
    served = servedBy(served, pick);
  }
  let total = totalOf(served);
  for (let better = true; better;) {
    better = false;
    for (let at = 0; at < best.length && !better; at++) {
      const rest = serve(best.filter((_, i) => i !== at));
      for (let j = 0; j < count; j++) {
        if (best.includes(j)) continue;
        const now = totalOf(rest) - gainOf(rest, j);
        if (now < total - 1e-9) {
          best = best.map((one, i) => (i === at ? j : one));
          total = now;
          better = true;
          break;
        }
      }
    }
  }

  // no set gains more than the largest gains beside this one
  const beside = boundFrom(
    0,
    serve(best),
    total,
    size,
    Array.from({ length: count }, (_, j) => j),
  );

  // what is left: sets in the order of what each candidate gains alone
  const alone = Array.from({ length: count }, (_, j) => gainOf(without, j));
  const order = alone.map((_, j) => j).sort((a, b) => alone[b]! - alone[a]! || a - b);
  let looked = 0;
  let cut = false;
  let least = total;
  let open = Infinity;
  const look = (from: number, set: readonly number[], now: readonly number[], sum: number): void => {
    if (set.length === size) return;
    if (looked >= looks) {
      cut = true;
      open = Math.min(open, boundFrom(from, now, sum, size - set.length, order));
      return;
    }
    looked++;
    const gains = order.slice(from).map((j, i) => ({ j, at: from + i, gain: gainOf(now, j) }));
    const sorted = gains.map(({ gain }) => gain).sort((a, b) => b - a);
    const upTo = sorted.slice(0, size - set.length).reduce((all, one) => all + one, 0);
    if (sum - upTo >= least - 1e-9) return;
    for (const { j, at, gain } of gains) {
      if (gain <= 1e-9) continue;
      const next = servedBy(now, j);
      const after = sum - gain;
      if (after < least - 1e-9) {
        least = after;
        best = [...set, j];
      }
      look(at + 1, [...set, j], next, after);
    }
  };
  look(0, [], without, begin);
  return { set: [...best].sort((a, b) => a - b), total: least, bound: cut ? Math.min(least, Math.max(open, beside)) : least, exact: !cut };
}
