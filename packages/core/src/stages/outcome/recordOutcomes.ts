import { gammaQuantile } from '../../engineering/numeric/gamma.ts';
import { robustMean } from '../../engineering/numeric/robustMean.ts';
import type { Calibration, GroupKappa, Outcome } from './Outcome.ts';

/** Prior of κ: Gamma(3, 3), mean 1. */
const PRIOR = { shape: 3, rate: 3 };
/** No word for so long is arrived. Common practice, no source. */
const SILENT_DAYS = 21;
/** A group speaks for itself from this many parcels; judgement. */
const ENOUGH = 20;

/** Counts for learning: arrived, silent for three weeks, or broken; returned, refused and lost say nothing of breakage. */
const counts = ({ fate, daysSince }: Outcome): boolean =>
  fate === 'arrived' || fate === 'broken' || (fate === 'underWay' && daysSince >= SILENT_DAYS);

/** Exposure of a parcel: H = −ln(1 − P). */
export const exposureOf = (chance: number): number => -Math.log1p(-Math.min(Math.max(chance, 0), 1 - 1e-12));

/**
 * What a shop's parcels teach: κ as the posterior of a Gamma prior, weight and minutes as robust means.
 *
 * Formula: exposure H = −ln(1 − P) per parcel; κ ~ Gamma(3 + broken, 3 + ΣH), with its mean and the
 * interval that holds 90%.
 *
 * Source: conjugate gamma prior for a Poisson rate, any textbook of Bayesian statistics; the prior is
 * judgement.
 */
export function recordOutcomes(outcomes: readonly Outcome[]): Calibration {
  const known = outcomes.filter(counts);
  const ratios = (of: (one: Outcome) => number | null) => outcomes.map(of).filter((ratio) => ratio !== null);
  return {
    kappa: kappaOf(known),
    broken: brokenOf(known),
    exposure: exposureSum(known),
    byCause: byGroup(known, (one) => one.cause),
    byMethod: byGroup(known, (one) => one.method),
    weightRatio: robustMean(ratios((one) => one.weightRatio)) ?? 1,
    minutesRatio: robustMean(ratios((one) => one.minutesRatio)) ?? 1,
  };
}

const brokenOf = (outcomes: readonly Outcome[]): number => outcomes.filter((one) => one.fate === 'broken').length;
const exposureSum = (outcomes: readonly Outcome[]): number => outcomes.reduce((sum, one) => sum + exposureOf(one.modelChance), 0);

function kappaOf(outcomes: readonly Outcome[]): Calibration['kappa'] {
  const shape = PRIOR.shape + brokenOf(outcomes);
  const rate = PRIOR.rate + exposureSum(outcomes);
  return { shape, value: shape / rate, low: gammaQuantile(0.05, shape) / rate, high: gammaQuantile(0.95, shape) / rate };
}

function byGroup(outcomes: readonly Outcome[], of: (one: Outcome) => string): GroupKappa[] {
  return [...new Set(outcomes.map(of))].flatMap((group) => {
    const own = outcomes.filter((one) => of(one) === group);
    return own.length >= ENOUGH ? [{ group, parcels: own.length, kappa: kappaOf(own) }] : [];
  });
}
