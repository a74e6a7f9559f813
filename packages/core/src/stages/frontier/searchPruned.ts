import { hasBoard } from '../box/makeShell.ts';
import { gapsIn, stow } from '../box/stowInBox.ts';
import { fillVoids } from '../fill/fillVoids.ts';
import { priceCarriage, type Carriage } from '../rate/rateParcel.ts';
import { weighParcel } from '../weight/weighParcel.ts';
import { judgeParcel } from './judgeParcel.ts';
import { everyBare, everyBoxed, fillFinder, looksAtBoxed, shellFinder, type PlanSpace } from './PlanSpace.ts';
import type { PlanOption } from './PlanOption.ts';
import { planFloors } from './planFloors.ts';
import type { Filled, Floor, OpenShell, PlanFloors, Stowed } from './Floors.ts';
import type { Held } from '../box/stowInBox.ts';
import type { Shell } from '../box/StowedBox.ts';
import { packer, shellFigurer, type ShellFigures } from './searchFigures.ts';
import { ceilingOfAll } from './recommend.ts';
import { startTrace, type TraceProgress, type Trace, type Traced } from './Trace.ts';

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
 * worked out in order of its expected cost, after a few seeds; all of this first among a few bundles from all over the list,
 * so that most of the others fall out early. Nothing else is ever skipped.
 *
 * @param than only a plan to recommend instead of this one is looked for, no frontier
 */
export function* searchPruned(space: PlanSpace, than: PlanOption | null = null): Generator<TraceProgress, Traced> {
  const trace = startTrace(space.house, ceilingOfAll(space.pieces, space.house), than);
  if (space.wraps.length === 0 || space.carriages.length === 0) return trace.found();
  const floors = planFloors(space);
  const stow = stower(space, floors, trace);
  const judge = judgeOnce(space, floors, trace);
  const [few, rest] = sampleOf(everyBare(space));
  for (const some of [few, rest]) yield* searchAmong(judge, floors, trace, yield* stow(made(some)));
  if (looksAtBoxed(space, trace.isBelowCeiling())) {
    const boxed = everyBoxed(space);
    // where everything goes into an inner box nothing is known yet that could rule any of it out
    const parts = trace.frontier.points().length > 0 ? [boxed] : sampleOf([...boxed]);
    for (const some of parts) yield* searchAmong(judge, floors, trace, yield* stow(some));
  }
  return trace.found();
}

/** One bundle of so many is searched first, and no fewer than the least: what is found among them rules out most of the others early. */
const SAMPLE = { oneOf: 32, least: 24 };
/** Steps of it fall evenly however a list repeats itself. */
const GOLDEN = (Math.sqrt(5) - 1) / 2;

/** A few from all over a list, and the others. */
function sampleOf<One>(all: readonly One[]): [few: One[], rest: One[]] {
  const share = Math.max(1 / SAMPLE.oneOf, SAMPLE.least / all.length);
  const few: One[] = [];
  const rest: One[] = [];
  all.forEach((one, i) => ((i * GOLDEN) % 1 < share ? few : rest).push(one));
  return [few, rest];
}

function* made(makers: readonly (() => Held)[]): Generator<Held> {
  for (const make of makers) yield make();
}

/** Works out the few that look best, each at another price of breakage, in the fillings that look best. */
function* judgeSeeds(judge: JudgeOnce, floors: PlanFloors, trace: Trace, stowed: readonly Stowed[]): Generator<TraceProgress, void> {
  for (const seed of pickSeeds(stowed)) {
    for (const { filled } of pickSeeds(fillings(floors, trace, seed))) judge(filled);
    yield trace.progress();
  }
}

/** Works out a filled shell unless that was done before. */
type JudgeOnce = (filled: Filled) => void;

function judgeOnce(space: PlanSpace, floors: PlanFloors, trace: Trace): JudgeOnce {
  const done = new Map<Held, Set<string>>();
  return (filled) => {
    const { packed, figures } = filled.stowed;
    const { box, newDepthIn, shortened, crossIn, liner } = figures.shell;
    const key = [
      box.key,
      newDepthIn,
      shortened?.side,
      shortened?.newIn,
      crossIn,
      liner,
      hasBoard(figures.shell),
      packed.innerFill?.key,
      filled.fill?.key,
    ].join();
    const known = done.get(packed.held) ?? new Set<string>();
    done.set(packed.held, known);
    if (known.has(key)) return;
    known.add(key);
    const floorOf = floors.fine(filled, trace.rulesOut);
    if (floorOf) priceAndJudge(space, trace, filled, floorOf);
  };
}

/** Works out what the floors do not rule out of some stowed bundles. */
function* searchAmong(judge: JudgeOnce, floors: PlanFloors, trace: Trace, stowed: readonly Stowed[]): Generator<TraceProgress, void> {
  yield* judgeSeeds(judge, floors, trace, stowed);
  const filled: FilledFloor[] = [];
  let batch = 0;
  for (const one of stowed) {
    if (trace.rulesOut(one)) continue;
    filled.push(...fillings(floors, trace, one));
    if (++batch % BREATHE_EVERY === 0) yield trace.progress();
  }
  for (const { filled: seed } of pickSeeds(filled)) judge(seed);
  for (const one of filled.filter((each) => !trace.rulesOut(each)).sort((a, b) => a.expectedMinor - b.expectedMinor)) {
    if (trace.rulesOut(one)) continue;
    judge(one.filled);
    if (++batch % (BREATHE_EVERY / 8) === 0) yield trace.progress();
  }
}

/** Stows bundles in every shell that takes them, all but those in an inner box with which nothing can be gained. */
function stower(space: PlanSpace, floors: PlanFloors, trace: Trace) {
  const shellsOf = shellFinder(space);
  const find = fillFinder(space);
  const pack = packer(space);
  const figure = shellFigurer(space);
  const known = new Map<readonly Shell[], readonly ShellFigures[]>();
  const figuresOf = (shells: readonly Shell[]) => {
    const found = known.get(shells) ?? shells.map(figure);
    known.set(shells, found);
    return found;
  };
  return function* (helds: Iterable<Held>): Generator<TraceProgress, Stowed[]> {
    const all: Stowed[] = [];
    let batch = 0;
    for (const held of helds) {
      const shells = shellsOf(held);
      if (shells.length === 0) continue;
      const innerFills = find.inner(held);
      const open = figuresOf(shells)
        .map((figures): OpenShell => {
          const gaps = gapsIn(held, figures.shell);
          return { figures, gaps, fills: find.outer(held, figures.shell, gaps) };
        })
        .filter(({ fills }) => fills.length > 0);
      const fillings = open.reduce((sum, { fills }) => sum + fills.length, 0);
      if (fillings === 0 || innerFills.length === 0) continue;
      trace.considered += fillings * innerFills.length * space.carriages.length;
      if (held.inner && trace.frontier.points().length > 0) {
        if (++batch % BREATHE_EVERY === 0) yield trace.progress();
        const { packed, extraLb } = pack.withAny(held);
        const floor = floors.round(packed, extraLb, figuresOf(shells));
        if (!floor || trace.rulesOut(floor)) continue;
      }
      for (const innerFill of innerFills) {
        const packed = pack(held, innerFill);
        for (const one of open) {
          if (++batch % BREATHE_EVERY === 0) yield trace.progress();
          const stowed = floors.stowed(packed, one, trace.rulesOut);
          if (stowed !== null && stowed !== 'beaten') all.push(stowed);
        }
      }
    }
    return all;
  };
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

/** Every filling of one stowed bundle that its floor does not rule out. */
function fillings(floors: PlanFloors, trace: Trace, stowed: Stowed): FilledFloor[] {
  const found: FilledFloor[] = [];
  for (const fill of stowed.fills) {
    const filled = floors.filled(stowed, fill, trace.rulesOut);
    const floor = filled && floors.coarse(filled, trace.rulesOut);
    if (filled && floor) found.push({ filled, ...floor });
  }
  return found;
}

/** Prices and judges a filled shell on the carriages that its fine floors do not rule out. */
function priceAndJudge(
  { house, carriages, tapes }: PlanSpace,
  trace: Trace,
  { stowed, fill }: Filled,
  floorOf: (carriage: number) => Floor,
): void {
  const left: { floor: Floor; carriage: Carriage }[] = [];
  carriages.forEach((carriage, i) => {
    const floor = floorOf(i);
    if (!trace.rulesOut(floor)) left.push({ floor, carriage });
  });
  if (left.length === 0) return;
  const { packed, figures } = stowed;
  const weighed = weighParcel(fillVoids(stow(packed.held, figures.shell), fill, packed.innerFill, house), tapes, house);
  const judge = judgeParcel(weighed, house);
  for (const { floor, carriage } of left) {
    if (trace.rulesOut(floor)) continue;
    const quote = priceCarriage(weighed, carriage);
    if (typeof quote !== 'function') trace.keep(judge({ quote, coverAdded: carriage.coverAdded, signature: carriage.signature }));
  }
}
