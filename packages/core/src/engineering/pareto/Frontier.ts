/** One point: what it costs, how likely it fails, and what it stands for. */
export interface FrontierPoint<T> {
  readonly cost: number;
  readonly chance: number;
  readonly of: T;
}

/** The points not beaten on both axes, kept while points arrive in any order. */
export interface Frontier<T> {
  /** True when a kept point is no dearer and no likelier to fail than this one. */
  beats(cost: number, chance: number): boolean;
  /** Keeps the point unless it is beaten, and drops those it beats. */
  add(point: FrontierPoint<T>): void;
  /** From cheapest to dearest; chances fall strictly. */
  points(): readonly FrontierPoint<T>[];
}

/**
 * An empty frontier.
 *
 * @param prefers whether of two points equal on both axes the new one takes the place of the kept one; the first stays
 *   where nothing is said
 */
export function createFrontier<T>(prefers: (added: T, kept: T) => boolean = () => false): Frontier<T> {
  const kept: FrontierPoint<T>[] = [];
  /** Index of the first kept point dearer than `cost`. */
  const firstDearer = (cost: number): number => {
    let low = 0;
    let high = kept.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (kept[middle]!.cost <= cost) low = middle + 1;
      else high = middle;
    }
    return low;
  };
  const beats = (cost: number, chance: number): boolean => {
    const at = firstDearer(cost);
    return at > 0 && kept[at - 1]!.chance <= chance;
  };
  return {
    beats,
    add(point) {
      const at = firstDearer(point.cost) - 1;
      const level = kept[at];
      if (level && level.cost === point.cost && level.chance === point.chance) {
        if (prefers(point.of, level.of)) kept[at] = point;
        return;
      }
      if (beats(point.cost, point.chance)) return;
      let from = firstDearer(point.cost);
      while (from > 0 && kept[from - 1]!.cost === point.cost) from--;
      let to = from;
      while (to < kept.length && kept[to]!.chance >= point.chance) to++;
      kept.splice(from, to - from, point);
    },
    points: () => kept,
  };
}
