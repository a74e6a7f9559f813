import { shockChance } from '../../engineering/journey/shockChance.ts';
import type { FillStock } from '../../engineering/materials/stock.ts';
import { stow } from '../box/stowInBox.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { priceCarriage, type Carriage } from '../rate/rateParcel.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { judgePlan } from './judgePlan.ts';
import { everyHeld, fillsFor, innerFillsFor, shellFinder, type PlanSpace } from './PlanSpace.ts';
import { planFloors, type Filled, type Floor, type PlanFloors, type Stowed } from './planFloors.ts';
import { quietCauses } from './quietCauses.ts';
import { packer, shellFigurer } from './searchFigures.ts';
import { shockJourney } from './shockJourney.ts';
import { startTrace, type SearchProgress, type Trace, type Traced } from './Trace.ts';

const BREATHE_EVERY = 64;

/** What a certain breakage is taken to cost when the first few plans are picked, so that each end of the frontier stands early. */
const SEED_LOSSES_MINOR = Array.from({ length: 14 }, (_, i) => 10 ** (3 + 0.5 * i));

/** A filled shell with its coarse floor. */
interface FilledFloor extends Floor {
  readonly filled: Filled;
}

/**
 * The same frontier and the same best plan as `searchEvery`, without working out what cannot be on it.
 *
 * Every bundle in every shell gets a floor of cost (materials, labour, the least postage) and of chance
 * (board and bundle; shock as a lower sum over slices of the fragility, with ceilings on what any fill
 * takes). Whatever a kept plan beats even at its floors, and whose expected cost at its floors is no better
 * than the best, falls out: by shell, then by fill, then by carriage with finer slices. What is left is
 * worked out in order of its expected cost, after a few seeds. Nothing else is ever skipped.
 */
export function* searchPruned(space: PlanSpace): Generator<SearchProgress, Traced> {
  const trace = startTrace();
  if (space.bundles.length === 0 || space.carriages.length === 0) return trace.found();
  const floors = planFloors(space);
  const stowed = yield* everyStowed(space, floors, trace);
  const seeds = pickSeeds(stowed);
  const judged = new Map<Stowed, Set<FillStock | null>>();
  const judge = (filled: Filled) => {
    const fills = judged.get(filled.stowed) ?? new Set();
    judged.set(filled.stowed, fills);
    if (!fills.has(filled.fill)) priceAndJudge(space, trace, filled, floors.fine(filled));
    fills.add(filled.fill);
  };
  for (const seed of seeds) {
    const best = pickSeeds(fillings(space, floors, trace, seed));
    for (const { filled } of best) judge(filled);
    yield trace.progress();
  }
  const filled: FilledFloor[] = [];
  let batch = 0;
  for (const one of stowed) {
    if (beaten(trace, one)) continue;
    filled.push(...fillings(space, floors, trace, one));
    if (++batch % BREATHE_EVERY === 0) yield trace.progress();
  }
  for (const { filled: seed } of pickSeeds(filled)) judge(seed);
  for (const one of filled.filter((each) => !beaten(trace, each)).sort((a, b) => a.expectedMinor - b.expectedMinor)) {
    if (beaten(trace, one)) continue;
    judge(one.filled);
    if (++batch % (BREATHE_EVERY / 8) === 0) yield trace.progress();
  }
  return trace.found();
}

function* everyStowed(space: PlanSpace, floors: PlanFloors, trace: Trace): Generator<SearchProgress, Stowed[]> {
  const shellsOf = shellFinder(space);
  const pack = packer(space);
  const figure = shellFigurer(space);
  const all: Stowed[] = [];
  let batch = 0;
  for (const held of everyHeld(space)) {
    const shells = shellsOf(held);
    if (shells.length === 0) continue;
    for (const innerFill of innerFillsFor(space, held)) {
      const packed = pack(held, innerFill);
      for (const shell of shells) {
        if (++batch % BREATHE_EVERY === 0) yield trace.progress();
        const { length } = fillsFor(space, shell);
        trace.considered += length * space.carriages.length;
        const stowed = length > 0 ? floors.stowed(packed, figure(shell)) : null;
        if (stowed) all.push(stowed);
        else trace.uncertified++;
      }
    }
  }
  return all;
}

/** The few that look best, each at another price of breakage. */
function pickSeeds<One extends Floor>(all: readonly One[]): Set<One> {
  const seeds = new Set<One>();
  for (const lossMinor of SEED_LOSSES_MINOR) {
    let best: One | null = null;
    let least = Infinity;
    for (const one of all) {
      const score = one.costMinor + lossMinor * one.chance;
      if (score < least) [best, least] = [one, score];
    }
    if (best) seeds.add(best);
  }
  return seeds;
}

/** True when a kept plan is better in both ways than anything with this floor, and the best one expects less. */
const beaten = (trace: Trace, { costMinor, chance, expectedMinor }: Floor): boolean =>
  expectedMinor > trace.leastMinor && trace.frontier.beats(costMinor, chance);

/** Every filling of one stowed bundle that its floor does not rule out. */
function fillings(space: PlanSpace, floors: PlanFloors, trace: Trace, stowed: Stowed): FilledFloor[] {
  const found: FilledFloor[] = [];
  for (const fill of fillsFor(space, stowed.figures.shell)) {
    const filled = floors.filled(stowed, fill);
    const floor = filled && floors.coarse(filled);
    if (filled && floor && !beaten(trace, floor)) found.push({ filled, ...floor });
  }
  return found;
}

/** Prices and judges a filled shell on the carriages that its fine floors do not rule out. */
function priceAndJudge(
  { house, carriages, tapes }: PlanSpace,
  trace: Trace,
  { stowed, fill }: Filled,
  fine: ReturnType<PlanFloors['fine']>,
): void {
  const left: { floor: Floor; carriage: Carriage }[] = [];
  carriages.forEach((carriage, i) => {
    if (beaten(trace, fine(i, false))) return;
    const floor = fine(i, true);
    if (!beaten(trace, floor)) left.push({ floor, carriage });
  });
  if (left.length === 0) return;
  const { packed, figures } = stowed;
  const weighed = weighParcel(fillVoids(stow(packed.held, figures.shell), fill, packed.innerFill, house), tapes, house);
  const quiet = quietCauses(weighed, house);
  const journey = shockJourney(weighed.filled);
  const shocks = new Map<string, number>();
  for (const { floor, carriage } of left) {
    if (beaten(trace, floor)) continue;
    const quote = priceCarriage(weighed, carriage);
    if (typeof quote === 'function') continue;
    const key = `${quote.zone} ${quote.handlingFactor}`;
    let shock = shocks.get(key);
    if (shock === undefined) {
      shocks.set(key, (shock = journey ? shockChance(journey(weighed.grossLb, quote.zone, quote.handlingFactor)) : 0));
    }
    trace.keep(
      judgePlan({ weighed, quote, coverAdded: carriage.coverAdded, signature: carriage.signature }, null, house, { quiet, shock }),
    );
  }
}
