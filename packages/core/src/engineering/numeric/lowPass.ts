/**
 * A signal with what swings faster than a cut-off taken out, without delay: a second-order Butterworth filter run forward and
 * then backward.
 *
 * Formula: bilinear transform of 1/(s² + √2·s + 1), pre-warped. Source: standard signal processing, from memory.
 *
 * @param samples evenly spaced
 * @param cutOff share of the sampling rate, above 0 and below a half: there the signal is halved, once by each run's 1/√2
 * @throws RangeError for a cut-off out of bounds
 */
export function lowPass(samples: readonly number[], cutOff: number): number[] {
  if (!(cutOff > 0 && cutOff < 0.5)) throw new RangeError(`cutOff must be above 0 and below 0.5, not ${cutOff}`);
  const warped = Math.tan(Math.PI * cutOff);
  const scale = 1 / (1 + Math.SQRT2 * warped + warped * warped);
  const [b0, b1] = [warped * warped * scale, 2 * warped * warped * scale];
  const [a1, a2] = [2 * (warped * warped - 1) * scale, (1 - Math.SQRT2 * warped + warped * warped) * scale];
  const run = (input: readonly number[]): number[] => {
    // as if it had been what it is at first for ever
    let [x1, x2, y1, y2] = Array<number>(4).fill(input[0] ?? 0) as [number, number, number, number];
    return input.map((x) => {
      const y = b0 * x + b1 * x1 + b0 * x2 - a1 * y1 - a2 * y2;
      [x2, x1, y2, y1] = [x1, x, y1, y];
      return y;
    });
  };
  return run(run(samples).reverse()).reverse();
}
