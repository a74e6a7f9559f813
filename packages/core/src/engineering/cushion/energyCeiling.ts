import { energyDensityPsi, type CushionCurve } from './cushionCurve.ts';

const LOWEST_PSI = 1e-4;
const HIGHEST_PSI = 1e6;
const RATIO = 1.01;
const PER_LOG = 1 / Math.log(RATIO);
const CELLS = Math.ceil(Math.log(HIGHEST_PSI / LOWEST_PSI) * PER_LOG);
const LOG_LOWEST = Math.log(LOWEST_PSI);
const SAFE = 1 + 1e-9;

/** Never below the energy per volume at a stress given by its logarithm, and at most about 2% above it: one table look-up. */
export type EnergyCeiling = (logStressPsi: number) => number;

/**
 * A quick upper bound of `energyDensityPsi` for searches: its value at the end of a narrow cell of
 * stress, since energy rises with stress. One table for each curve.
 */
export function energyCeiling(curve: CushionCurve): EnergyCeiling {
  const made = known.get(curve);
  if (made) return made;
  const table = Float64Array.from({ length: CELLS + 1 }, (_, i) => energyDensityPsi(curve, LOWEST_PSI * RATIO ** (i + 1)) * SAFE);
  const ceiling: EnergyCeiling = (logStressPsi) => {
    const cell = (logStressPsi - LOG_LOWEST) * PER_LOG;
    return cell < 0 ? table[0]! : cell < CELLS ? table[cell | 0]! : energyDensityPsi(curve, Math.exp(logStressPsi)) * SAFE;
  };
  known.set(curve, ceiling);
  return ceiling;
}

const known = new WeakMap<CushionCurve, EnergyCeiling>();

/** The most energy per stress that any of some curves takes over a range of stresses, given by their logarithms. */
export type ForceCeiling = (logLeastPsi: number, logMostPsi: number) => number;

/**
 * Upper bound of g(σ) = ε(σ)/σ over a range of stresses and over several curves at once, so that
 * A·ε(F/A) = F·g(F/A) is bounded over a range of areas.
 *
 * g rises to its only peak at σ = a·e and falls beyond, so that its
 * largest value on a range lies at an end or at a peak within.
 */
export function forceCeiling(curves: readonly CushionCurve[]): ForceCeiling {
  const key = JSON.stringify(curves);
  const made = knownForces.get(key) ?? makeForceCeiling(curves);
  knownForces.set(key, made);
  return made;
}

const knownForces = new Map<string, ForceCeiling>();

function makeForceCeiling(curves: readonly CushionCurve[]): ForceCeiling {
  const peaks = curves.map((curve) => curve.a * Math.E);
  const logPeaks = peaks.map(Math.log);
  const tops = curves.map((curve, i) => (energyDensityPsi(curve, peaks[i]!) / peaks[i]!) * SAFE);
  const most = (stressPsi: number) => Math.max(...curves.map((curve) => energyDensityPsi(curve, stressPsi) / stressPsi));
  const table = Float64Array.from({ length: CELLS + 1 }, (_, i) => {
    const [from, to] = [LOWEST_PSI * RATIO ** i, LOWEST_PSI * RATIO ** (i + 1)];
    return Math.max(most(from), most(to), ...tops.filter((_top, k) => peaks[k]! > from && peaks[k]! < to)) * SAFE;
  });
  const at = (logStressPsi: number): number => {
    const cell = (logStressPsi - LOG_LOWEST) * PER_LOG;
    return cell < 0 ? table[0]! : table[Math.min(CELLS, cell | 0)]!;
  };
  return (logLeast, logMost) => {
    let top = Math.max(at(logLeast), at(logMost));
    for (let i = 0; i < logPeaks.length; i++) if (logPeaks[i]! > logLeast && logPeaks[i]! < logMost && tops[i]! > top) top = tops[i]!;
    return top;
  };
}
