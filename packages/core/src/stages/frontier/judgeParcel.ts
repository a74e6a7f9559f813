import type { Minor } from '../../units/index.ts';
import { shockChance, type Journey } from '../../engineering/journey/shockChance.ts';
import type { House } from '../../house/House.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { costLines, lossMinor, minutesOf } from './costOf.ts';
import { breakingChance, CAUSES, causesWith, expectedShare, spoilingChance, type Cause } from './causes.ts';
import { quietCauses, type Way } from './quietCauses.ts';
import type { CostLine, PlanChoice, PlanOption } from './PlanOption.ts';
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
  const known = new Map<string, readonly Cause[]>();
  const causesOn = (way: Way): readonly Cause[] => {
    const key = `${way.zone} ${way.handlingFactor} ${way.crushFactor}`;
    let causes = known.get(key);
    if (!causes) {
      const shock = journey ? shockCauses(journey(weighed.grossLb, way.zone, way.handlingFactor)) : [];
      known.set(key, (causes = [...shock, ...quiet(way)]));
    }
    return causes;
  };
  return (carried, baseGapIn = null) => {
    const rated = { weighed, ...carried };
    const causes = causesOn(carried.quote);
    const lines = costLines(rated, house);
    const costMinor = lines.reduce((sum, line) => sum + line.amountMinor, 0);
    const nestCostMinor =
      costMinor - lines.filter(({ key }) => CHOSEN_AFTERWARDS.has(key)).reduce((sum, line) => sum + line.amountMinor, 0);
    const loss = lossMinor(rated, house);
    const riskMinor = expectedLossMinor(rated, loss, causes, house);
    return {
      rated,
      choice: choiceOf(rated, baseGapIn),
      causes,
      chance: breakingChance(causes, house.kappa.value),
      spoils: spoilingChance(causes, house.kappa.value),
      costLines: lines,
      costMinor,
      nestCostMinor,
      lossMinor: loss,
      riskMinor,
      expectedMinor: nestCostMinor + house.care * riskMinor,
      minutes: minutesOf(rated),
    };
  };
}

/** Shock of all that goes in a parcel; of several alike each may go by itself. */
function shockCauses(journey: Journey): Cause[] {
  const any = shockChance(journey);
  const causes = causesWith([['shock', any]]);
  if ((journey.pieces ?? 1) === 1 || !(any > 0)) return causes;
  const each = shockChance({ ...journey, pieces: 1 });
  return causes.map((cause) => ({ ...cause, shareLost: each / any }));
}

/**
 * What is expected to be lost. Where one of several breaks, its own worth goes, and the postage and the trouble of the whole
 * parcel.
 */
function expectedLossMinor(rated: RatedParcel, loss: Minor, causes: readonly Cause[], { kappa }: House): Minor {
  const { piece } = rated.weighed.filled.stowed.wrapped;
  const ofWorth = expectedShare(causes, kappa.value);
  if (piece.stacks.length === 1) return loss * ofWorth;
  const ofParcel = expectedShare(
    causes.map((cause) => ({ ...cause, shareLost: CAUSES[cause.key].shareLost })),
    kappa.value,
  );
  return piece.replacementMinor * ofWorth + (loss - piece.replacementMinor) * ofParcel;
}

/** Cover and signature are chosen for a nest that stands; they have no say in which nest it is. */
const CHOSEN_AFTERWARDS: ReadonlySet<CostLine['key']> = new Set(['cover', 'signature']);

function choiceOf({ weighed, quote, coverAdded, signature }: RatedParcel, baseGapIn: number | null): PlanChoice {
  const { stowed, fill, innerFill } = weighed.filled;
  return {
    ...stowed.wrapped.piece.added,
    layers: stowed.wrapped.layers.map((layer) => ({
      material: layer.stock.key,
      turns: layer.turns,
      ...(layer.doubled ? { doubled: layer.doubled.face } : {}),
      ...layer.placing,
    })),
    orientation: stowed.orientation,
    ...(stowed.layout.count > 1 ? { grid: stowed.layout.grid } : {}),
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
