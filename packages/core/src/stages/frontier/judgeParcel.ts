import type { Minor } from '../../units/index.ts';
import { anyOfSeveral } from '../../engineering/journey/commonDrops.ts';
import { shockChance, type Journey } from '../../engineering/journey/shockChance.ts';
import type { House } from '../../house/House.ts';
import type { RatedParcel } from '../rate/RatedParcel.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import { countOfAll } from '../box/blockOf.ts';
import { aroundChoice } from '../box/around.ts';
import { layersOn } from '../fill/faceLayers.ts';
import type { LyingBundle } from '../box/StowedBox.ts';
import { piecesIn } from '../box/stowInBox.ts';
import { worthOfAll, worthSharesOf } from '../item/worthOfAll.ts';
import { costLines, lossMinor, minutesOf } from './costOf.ts';
import {
  breakingChance,
  CAUSES,
  causesWith,
  expectedShare,
  joinedHappenings,
  spoilingChance,
  together,
  type Cause,
  type Happening,
} from './causes.ts';
import { quietCauses, type Way } from './quietCauses.ts';
import type { BundleChoice, CostLine, PlanChoice, PlanOption } from './PlanOption.ts';
import { shockJourney } from './shockJourney.ts';

/** Judges what one weighed parcel comes to on one carriage after the other. */
export type Judge = (carried: Omit<RatedParcel, 'weighed'>, baseGapIn?: number | null) => PlanOption;

/**
 * How one weighed parcel may fail, what it costs and what is to be expected, whichever way it goes: what its
 * ways share is worked out once.
 */
export function judgeParcel(weighed: WeighedParcel, house: House): Judge {
  const layers = layersOn(weighed.filled);
  const quiet = quietCauses(weighed, house, layers);
  const { bundles } = weighed.filled.stowed;
  const worthShares = worthSharesOf(piecesIn(weighed.filled.stowed));
  const wholeOrNothing = bundles.map(({ wrapped }) => wrapped.piece.goesWhole);
  const journeys = bundles.map((_, at) => shockJourney(weighed.filled, at, layers));
  const known = new Map<string, Happening>();
  const knownShock = new Map<string, Happening>();
  const shockOn = ({ zone, handlingFactor }: Way): Happening => {
    const key = `${zone} ${handlingFactor}`;
    const found =
      knownShock.get(key) ??
      shockOf(
        journeys.map((journey) => journey && journey(weighed.grossLb, zone, handlingFactor)),
        worthShares,
        wholeOrNothing,
      );
    knownShock.set(key, found);
    return found;
  };
  const happeningOn = (way: Way): Happening => {
    const key = `${way.zone} ${way.handlingFactor} ${way.crushFactor}`;
    let happening = known.get(key);
    if (!happening) {
      known.set(key, (happening = joinedHappenings([shockOn(way), quiet(way)])));
    }
    return happening;
  };
  return (carried, baseGapIn = null) => {
    const rated = { weighed, ...carried };
    const { parcel: causes, each } = happeningOn(carried.quote);
    const lines = costLines(rated, house);
    const costMinor = lines.reduce((sum, line) => sum + line.amountMinor, 0);
    const nestCostMinor = withoutCover(costMinor, lines);
    const loss = lossMinor(rated, house);
    const riskMinor = expectedLossMinor(rated, loss, causes, house) + besideMinor(rated, each, house);
    return {
      rated,
      choice: choiceOf(rated, baseGapIn),
      causes,
      bundleCauses: each,
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

/** What of a cost is neither cover nor signature. */
const withoutCover = (costMinor: number, lines: readonly CostLine[]): number =>
  costMinor - lines.filter(({ key }) => CHOSEN_AFTERWARDS.has(key)).reduce((sum, line) => sum + line.amountMinor, 0);

/** Cost of a nest without cover and signature: what it expects to cost is never less. */
export function nestCostOf(rated: RatedParcel, house: House): number {
  const lines = costLines(rated, house);
  return withoutCover(
    lines.reduce((sum, line) => sum + line.amountMinor, 0),
    lines,
  );
}

/** Shock of all that goes in a parcel; of several each may go by itself. */
export function shockOf(
  journeys: readonly (Journey | null)[],
  worthShares: readonly number[],
  wholeOrNothing: readonly boolean[],
): Happening {
  const each = journeys.map((journey, at) => (journey ? shockCauses(journey, wholeOrNothing[at]!) : []));
  if (each.length === 1) return { parcel: each[0]!, each };
  const chances = each.map(([cause]) => cause?.chance ?? 0);
  const struck = journeys.flatMap((journey, at) => (journey ? [{ journey, chance: chances[at]! }] : []));
  const any = anyOfSeveral(
    struck.map(({ journey }) => journey),
    struck.map(({ chance }) => chance),
  );
  const [shock] = together('shock', any, chances, worthShares).parcel;
  // of several alike not all go where one does
  const lost = each.reduce((sum, [cause], at) => sum + (cause ? cause.chance * cause.shareLost * worthShares[at]! : 0), 0);
  return { parcel: shock ? [{ ...shock, shareLost: lost / any }] : [], each };
}

/** Shock of one bundle; of several alike each may go by itself, unless with one of them all of it goes. */
function shockCauses(journey: Journey, wholeOrNothing: boolean): Cause[] {
  const any = shockChance(journey);
  const causes = causesWith([['shock', any]]);
  if ((journey.pieces ?? 1) === 1 || !(any > 0) || wholeOrNothing) return causes;
  const each = shockChance({ ...journey, pieces: 1 });
  return causes.map((cause) => ({ ...cause, shareLost: each / any }));
}

/**
 * What is expected to be lost. Where one of several breaks, its own worth goes, or that of all where it is whole or nothing, and
 * the postage and the trouble of the whole parcel.
 */
function expectedLossMinor({ weighed }: RatedParcel, loss: Minor, causes: readonly Cause[], { kappa }: House): Minor {
  const { stowed } = weighed.filled;
  const ofWorth = expectedShare(causes, kappa.value);
  if (countOfAll(stowed) === 1) return loss * ofWorth;
  const ofParcel = expectedShare(
    causes.map((cause) => ({ ...cause, shareLost: CAUSES[cause.key].shareLost })),
    kappa.value,
  );
  const worth = worthOfAll(piecesIn(stowed));
  return worth * ofWorth + (loss - worth) * ofParcel;
}

/**
 * What else is worth nothing with one of the bundles broken, as expected: each by itself, so that what two of them take with them
 * counts twice where both break, which is at most the product of their chances.
 */
const besideMinor = ({ weighed }: RatedParcel, each: Happening['each'], { kappa }: House): Minor =>
  weighed.filled.stowed.bundles.reduce(
    (sum, { wrapped }, at) =>
      sum + (wrapped.piece.besideMinor > 0 ? wrapped.piece.besideMinor * breakingChance(each[at]!, kappa.value) : 0),
    0,
  );

/** Cover and signature are chosen for a nest that stands; they have no say in which nest it is. */
const CHOSEN_AFTERWARDS: ReadonlySet<CostLine['key']> = new Set(['cover', 'signature']);

function choiceOf({ weighed, quote, coverAdded, signature }: RatedParcel, baseGapIn: number | null): PlanChoice {
  const { stowed, fill, fillApart, innerFill } = weighed.filled;
  const [first, ...others] = stowed.bundles;
  return {
    ...bundleChoiceOf(first),
    ...(others.length > 0 ? { others: others.map(bundleChoiceOf), stand: stowed.stand } : {}),
    inner: stowed.inner && { box: stowed.inner.box.key, fill: innerFill!.key },
    box: stowed.shell.box.key,
    newDepthIn: stowed.shell.newDepthIn,
    ...(stowed.shell.shortened === null ? {} : { shortened: stowed.shell.shortened }),
    ...(stowed.shell.crossIn === null ? {} : { crossIn: stowed.shell.crossIn }),
    liner: stowed.shell.liner,
    fill: fill && fill.key,
    ...(Object.keys(fillApart).length > 0
      ? { fillApart: Object.fromEntries(Object.entries(fillApart).map(([place, one]) => [place, one.key])) }
      : {}),
    baseGapIn,
    board: stowed.board,
    ...(stowed.around ? { around: aroundChoice(stowed.around) } : {}),
    ...(stowed.shared ? { shared: { of: stowed.shared.of, box: stowed.shared.box.key, fill: stowed.shared.fill.key } } : {}),
    ...(stowed.tubes ? { tubes: true } : {}),
    ...(stowed.cells ? { cells: true } : {}),
    ...(stowed.folds.length > 0 ? { between: stowed.folds.map(({ pair, material, folds }) => ({ pair, material, folds })) } : {}),
    service: quote.service,
    coverAdded,
    signature,
  };
}

const bundleChoiceOf = ({ wrapped, orientation, layout }: LyingBundle): BundleChoice => ({
  ...wrapped.piece.added,
  layers: wrapped.layers.map((layer) => ({
    material: layer.stock.key,
    turns: layer.turns,
    ...(layer.doubled ? { doubled: layer.doubled.face } : {}),
    ...layer.placing,
  })),
  orientation,
  ...(wrapped.boxed ? { boxed: { box: wrapped.boxed.box.key, fill: wrapped.boxed.fill.key } } : {}),
  ...(layout.count > 1 ? { grid: layout.grid } : {}),
});
