/** Share cut off at each end; judgement. */
const TRIM = 0.1;

/**
 * Trimmed mean: the mean without the tenth at each end, so that a slip of the scale does not count.
 *
 * @returns null for no numbers
 */
export function robustMean(numbers: readonly number[]): number | null {
  if (numbers.length === 0) return null;
  const sorted = [...numbers].sort((a, b) => a - b);
  const cut = Math.floor(sorted.length * TRIM);
  const kept = sorted.slice(cut, sorted.length - cut);
  return kept.reduce((sum, number) => sum + number, 0) / kept.length;
}
