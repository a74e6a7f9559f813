/**
 * The curve constants from the lowest point of a published cushion curve.
 *
 * Formula: with the lowest point (s₀, G₀), `a = G₀·s₀ / e` and `b = t / (h·s₀)`, since
 * G·s = a·exp(b·s·h/t) gives the least G at s₀ = t/(b·h).
 *
 * Source: follows from the stress–energy form of Burgess 1990 (form from memory).
 *
 * @param best static stress at the lowest point (psi), the least peak acceleration there (g), the drop
 *   height (in) and cushion thickness (in) of the curve
 * @returns `a` in psi·g, `b` in 1/psi
 * @throws RangeError when any of them is not a finite number above zero
 * @example curveFromBestPoint({ staticStressPsi: 0.5, leastG: 50, dropHeightIn: 24, thicknessIn: 2 })
 */
export function curveFromBestPoint(best: { staticStressPsi: number; leastG: number; dropHeightIn: number; thicknessIn: number }): {
  a: number;
  b: number;
} {
  for (const [name, value] of Object.entries(best)) {
    if (!(Number.isFinite(value) && value > 0)) throw new RangeError(`${name} must be above 0, not ${value}`);
  }
  return {
    a: (best.leastG * best.staticStressPsi) / Math.E,
    b: best.thicknessIn / (best.dropHeightIn * best.staticStressPsi),
  };
}
