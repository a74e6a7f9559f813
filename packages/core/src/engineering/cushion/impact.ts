/** Standard gravity in inches per second squared, exact: 9.80665 m/s². */
export const GRAVITY_IN_PER_S2 = 9.80665 / 0.0254;

/**
 * Speed at which something strikes the ground after a free fall.
 *
 * Formula: `v = √(2gh)`. Source: exact mathematics of a fall without air.
 *
 * @param dropHeightIn above 0
 * @returns inches per second
 */
export const impactVelocityInPerS = (dropHeightIn: number): number => Math.sqrt(2 * GRAVITY_IN_PER_S2 * dropHeightIn);

/**
 * Velocity change of a half-sine shock pulse.
 *
 * Formula: `ΔV = (2/π)·A·τ`. Source: exact integral of a half sine.
 *
 * @param peakG multiples of gravity
 * @param durationS of the pulse, seconds
 * @returns inches per second
 */
export const halfSineVelocityInPerS = (peakG: number, durationS: number): number => (2 / Math.PI) * peakG * GRAVITY_IN_PER_S2 * durationS;
