import { shockChance } from '../../engineering/journey/shockChance.ts';
import type { House } from '../../house/House.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import { costLines, lossMinor, minutesOf } from './costOf.ts';
import { quietCauses } from './quietCauses.ts';
import type { Cause, PlanChoice, PlanOption } from './PlanOption.ts';
import { shockJourney } from './shockJourney.ts';

/** Shares already known to the caller, so that a search need not work them out again. */
export interface Known {
  readonly quiet?: readonly Cause[];
  readonly shock?: number;
  readonly costMinor?: number;
}

/** Judges one rated parcel: how it may fail, what it costs, what is to be expected. */
export function judgePlan(rated: RatedParcel, baseGapIn: number | null, house: House, known: Known = {}): PlanOption {
  const { weighed, quote } = rated;
  const shock = known.shock ?? shockOn(weighed, quote);
  const causes = [
    ...(shock > 0 ? [{ key: 'shock' as const, chance: shock, shareLost: 1 }] : []),
    ...(known.quiet ?? quietCauses(weighed, house)),
  ];
  const lines = costLines(rated, house);
  const costMinor = lines.reduce((sum, line) => sum + line.amountMinor, 0);
  const loss = lossMinor(rated, house);
  return {
    rated,
    choice: choiceOf(rated, baseGapIn),
    causes,
    chance: combinedChance(causes, house.kappa.value),
    costLines: lines,
    costMinor,
    lossMinor: loss,
    expectedMinor: costMinor + house.care * loss * expectedShare(causes, house.kappa.value),
    minutes: minutesOf(rated),
  };
}

function shockOn({ filled, grossLb }: RatedParcel['weighed'], { zone, handlingFactor }: RatedParcel['quote']): number {
  const journey = shockJourney(filled)?.(grossLb, zone, handlingFactor);
  return journey ? shockChance(journey) : 0;
}

/** Chance that at least one cause strikes: `1 − Π(1 − Pᵢ)^κ`. */
export const combinedChance = (causes: readonly Cause[], kappa: number): number =>
  -Math.expm1(kappa * causes.reduce((sum, cause) => sum + Math.log1p(-Math.min(cause.chance, 1 - 1e-12)), 0));

/** Share of the value expected to go: `Σ Pᵢ·shareᵢ`, each Pᵢ raised by κ. */
export const expectedShare = (causes: readonly Cause[], kappa: number): number =>
  causes.reduce((sum, cause) => sum + cause.shareLost * -Math.expm1(kappa * Math.log1p(-Math.min(cause.chance, 1 - 1e-12))), 0);

function choiceOf({ weighed, quote, coverAdded, signature }: RatedParcel, baseGapIn: number | null): PlanChoice {
  const { stowed, fill, innerFill } = weighed.filled;
  return {
    layers: stowed.wrapped.layers.map((layer) => ({
      material: layer.stock.key,
      turns: layer.turns,
      ...(layer.doubled ? { doubled: layer.doubled.face } : {}),
    })),
    orientation: stowed.orientation,
    inner: stowed.inner && { box: stowed.inner.box.key, fill: innerFill!.key },
    box: stowed.shell.box.key,
    newDepthIn: stowed.shell.newDepthIn,
    liner: stowed.shell.liner,
    fill: fill && fill.key,
    baseGapIn,
    divider: stowed.divider,
    service: quote.service,
    coverAdded,
    signature,
  };
}
