/** A source of chance that starts the same for the same seed. */
export interface SeededRandom {
  /** Uniform on [0, 1). */
  uniform(): number;
  /** Standard normal. */
  normal(): number;
}

/**
 * Small seeded generator (mulberry32) with normals by the polar method. Not for secrets.
 *
 * @param seed any whole number
 */
export function seededRandom(seed: number): SeededRandom {
  let state = seed >>> 0;
  let spare: number | null = null;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const normal = (): number => {
    if (spare !== null) {
      const kept = spare;
      spare = null;
      return kept;
    }
    for (;;) {
      const u = 2 * uniform() - 1;
      const v = 2 * uniform() - 1;
      const s = u * u + v * v;
      if (s === 0 || s >= 1) continue;
      const scale = Math.sqrt((-2 * Math.log(s)) / s);
      spare = v * scale;
      return u * scale;
    }
  };
  return { uniform, normal };
}
