import type { CushionCurve } from '../cushion/cushionCurve.ts';

/** One drop as a cushion curve sees it: energy per unit volume, psi, and G times static stress, psi. */
export interface CurvePoint {
  readonly energyPsi: number;
  readonly stressPsi: number;
}

/** The point that a drop makes: s·h/t, and G·s. @param staticPsi weight over area; height and thickness in inches */
export const curvePoint = (staticPsi: number, heightIn: number, thicknessIn: number, peakG: number): CurvePoint => ({
  energyPsi: (staticPsi * heightIn) / thicknessIn,
  stressPsi: peakG * staticPsi,
});

export type FitOrWhy = { readonly curve: CushionCurve; readonly used: number } | { readonly whyNot: string };

const MOST_ROUNDS = 20;

/**
 * The curve through measured points: least squares of ln(G·s) = ln a + b·ε over those in the working range, b·ε at least 1,
 * which depends on b and is found again until it stands.
 *
 * Source: least squares are exact mathematics; the form of the curve as in the model (Burgess 1990; Daum 2006, from memory).
 *
 * @returns with p = 1 and how many points were used; or why not
 */
export function fitCurve(points: readonly CurvePoint[]): FitOrWhy {
  if (points.length < 2) return { whyNot: 'one drop is one point: two at least, of different energy, make a curve' };
  let used = points;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const line = leastSquares(used);
    if (!line) return { whyNot: 'all drops have the same energy: drop from other heights, or on another thickness' };
    if (!(line.b > 0)) return { whyNot: 'more energy made no harder landing: these drops are below the working range, or mixed up' };
    const within = points.filter(({ energyPsi }) => line.b * energyPsi >= 1);
    if (within.length < 2) return { whyNot: 'fewer than two drops reach the working range: drop from higher, or on less' };
    if (within.length === used.length && within.every((point) => used.includes(point)))
      return { curve: { a: Math.exp(line.lnA), b: line.b, p: 1 }, used: used.length };
    used = within;
  }
  return { whyNot: 'the drops do not agree on where the working range begins' };
}

function leastSquares(points: readonly CurvePoint[]): { lnA: number; b: number } | null {
  const n = points.length;
  const mean = (of: (point: CurvePoint) => number) => points.reduce((sum, point) => sum + of(point), 0) / n;
  const [x, y] = [mean(({ energyPsi }) => energyPsi), mean(({ stressPsi }) => Math.log(stressPsi))];
  const spread = points.reduce((sum, { energyPsi }) => sum + (energyPsi - x) ** 2, 0);
  if (!(spread > 1e-12 * x * x)) return null;
  const b = points.reduce((sum, { energyPsi, stressPsi }) => sum + (energyPsi - x) * (Math.log(stressPsi) - y), 0) / spread;
  return { b, lnA: y - b * x };
}
