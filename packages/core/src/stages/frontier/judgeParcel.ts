import { shockChance } from '../../engineering/journey/shockChance.ts';
import type { House } from '../../house/House.ts';
import type { Quote } from '../../engineering/tariff/Quote.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { costLines, lossMinor, minutesOf } from './costOf.ts';
import { quietCauses } from './quietCauses.ts';
import type { Cause } from './causes.ts';
import type { PlanChoice, PlanOption } from './PlanOption.ts';
import { shockJourney } from './shockJourney.ts';

/** Judges what one weighed parcel comes to on one carriage after the other. */
export type Judge = (carried: Omit<RatedParcel, 'weighed'>, baseGapIn?: number | null) => PlanOption;

/**
 * How one weighed parcel may fail, what it costs and what is to be expected, whichever way it goes: what its
 * ways share is worked out once.
 */
export function judgeParcel(weighed: WeighedParcel, house: House): Judge {
  const quiet = quietCauses(weighed, house);
  const journey = shockJourney(weighed.filled);
  const shocks = new Map<string, number>();
  const shockOn = ({ zone, handlingFactor }: Quote): number => {
    if (!journey) return 0;
    const key = `${zone} ${handlingFactor}`;
    const shock = shocks.get(key) ?? shockChance(journey(weighed.grossLb, zone, handlingFactor));
    shocks.set(key, shock);
    return shock;
  };
  return (carried, baseGapIn = null) => {
    const rated = { weighed, ...carried };
    const shock = shockOn(carried.quote);
    const causes = [...(shock > 0 ? [{ key: 'shock' as const, chance: shock, shareLost: 1 }] : []), ...quiet];
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
  };
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
      ...layer.placing,
    })),
    orientation: stowed.orientation,
    inner: stowed.inner && { box: stowed.inner.box.key, fill: innerFill!.key },
    box: stowed.shell.box.key,
    newDepthIn: stowed.shell.newDepthIn,
    liner: stowed.shell.liner,
    fill: fill && fill.key,
    baseGapIn,
    board: stowed.board,
    service: quote.service,
    coverAdded,
    signature,
  };
}
