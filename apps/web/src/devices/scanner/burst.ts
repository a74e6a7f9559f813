/** Keys closer together than this come from a machine, not from a hand; milliseconds. */
export const BURST_MS = 35;
/** Fewer signs than this are no code. */
const LEAST_SIGNS = 4;

/** A key as a burst is made of them. */
export interface BurstKey {
  readonly key: string;
  /** Milliseconds, on any clock. */
  readonly at: number;
}

/** What a run of keys was. */
export type Burst = { readonly kind: 'scan'; readonly code: string } | { readonly kind: 'hand' };

/**
 * Tells a scanner from a hand: a run of signs, each within 35 ms of the one before it, long enough to be a
 * code. Whoever types a letter and Enter types it slower than that.
 */
export function readBurst(keys: readonly BurstKey[]): Burst {
  const signs = keys.filter(({ key }) => key.length === 1);
  const quick = signs.every((sign, i) => i === 0 || sign.at - signs[i - 1]!.at < BURST_MS);
  return quick && signs.length >= LEAST_SIGNS ? { kind: 'scan', code: signs.map(({ key }) => key).join('') } : { kind: 'hand' };
}
