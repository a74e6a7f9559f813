/**
 * Reads a chance as people say it: `1 in 200`, `200` (one in so many), `2%` or `3 in 100`.
 *
 * @returns the chance between nothing and certainty, or null where it is none
 */
export function parseChance(text: string): number | null {
  const plain = text.trim().toLowerCase().replaceAll(',', '');
  const percent = /^(\d+(?:\.\d+)?)\s*%$/.exec(plain);
  const of = /^(\d+(?:\.\d+)?)\s*(?:in|of|\/)\s*(\d+(?:\.\d+)?)$/.exec(plain);
  const one = /^(\d+(?:\.\d+)?)$/.exec(plain);
  const chance = percent
    ? Number(percent[1]) / 100
    : of
      ? Number(of[1]) / Number(of[2])
      : one && Number(one[1]) > 1
        ? 1 / Number(one[1])
        : NaN;
  return chance > 0 && chance <= 1 ? chance : null;
}
