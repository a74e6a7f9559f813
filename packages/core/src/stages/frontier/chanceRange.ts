import { anyOfSeveral } from '../../engineering/journey/commonDrops.ts';
import { shockChance, type Journey } from '../../engineering/journey/shockChance.ts';
import { digamma, trigamma } from '../../engineering/numeric/digamma.ts';
import type { House } from '../../house/House.ts';
import { breakingExposure, causesWith } from './causes.ts';
import type { PlanOption } from './PlanOption.ts';
import { shockJourney } from './shockJourney.ts';

/** The chance of breaking with its 90% interval. */
export interface ChanceRange {
  readonly low: number;
  readonly median: number;
  readonly high: number;
}

/** Standard deviations on either side that hold 90%. */
const Z90 = 1.6448536269514722;

/**
 * How sure the chance of breaking is: both of what the shop has learned (κ) and of the kind's own strength.
 *
 * Formula: of ln H, with H = −ln(1 − P), the median is `ln H + ψ(shape) − ln(shape)` and half of the 90% interval
 * `1.645·√(ψ′(shape) + (ε·σᵤ)²)`; shape is κ's (3 at first: −0.176 and 0.395), ε = −d ln H / d ln G over ±σᵤ, own
 * height going with the strength.
 *
 * Source: moments of the logarithm of a gamma variable, Abramowitz & Stegun 6.3 and 6.4; σᵤ is judgement.
 */
export function chanceRange({ rated, causes }: Pick<PlanOption, 'rated' | 'causes'>, { kappa }: House): ChanceRange {
  const { weighed, quote } = rated;
  const exposure = breakingExposure(causes) * kappa.value;
  if (!(exposure > 0)) return { low: 0, median: 0, high: 0 };
  const { bundles } = weighed.filled.stowed;
  const unsure = bundles.map(({ wrapped }) => wrapped.piece.archetype.fragility?.medianSpread ?? 0);
  const journeys = bundles.map((_, at) => {
    const journey = unsure[at]! > 0 || bundles.length > 1 ? shockJourney(weighed.filled, at) : null;
    return journey && journey(weighed.grossLb, quote.zone, quote.handlingFactor);
  });
  let half = trigamma(kappa.shape);
  const others = causes.filter(({ key }) => key !== 'shock');
  // each kind's strength is unsure by itself
  journeys.forEach((way, at) => {
    if (!way || !(unsure[at]! > 0)) return;
    const logAt = (factor: number): number => {
      const moved = { ...way, criticalG: way.criticalG * factor, ownHeightIn: way.ownHeightIn * factor };
      const shock = shockChanceOf(journeys.map((one, i) => (i === at ? moved : one)));
      return Math.log(breakingExposure([...causesWith([['shock', shock]]), ...others]));
    };
    half += ((logAt(Math.exp(-unsure[at]!)) - logAt(Math.exp(unsure[at]!))) / 2) ** 2;
  });
  const middle = Math.log(exposure) + digamma(kappa.shape) - Math.log(kappa.shape);
  const at = (z: number) => -Math.expm1(-Math.exp(middle + z * Math.sqrt(half)));
  return { low: at(-Z90), median: at(0), high: at(Z90) };
}

/** That shock breaks any of them. */
function shockChanceOf(journeys: readonly (Journey | null)[]): number {
  const some = journeys.filter((journey) => journey !== null);
  const chances = some.map(shockChance);
  return some.length === 1 ? chances[0]! : anyOfSeveral(some, chances);
}
