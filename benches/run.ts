import {
  alikeChance,
  boxesToKeep,
  derivePlan,
  nextBestChanges,
  planCount,
  planParcel,
  type ChosenPlan,
  type PlanRequest,
} from '@inch-nest/core';
import { PIECES, several, stocked } from './stockrooms.ts';

// The planner's figures within this one run: machines differ, ratios travel. Milliseconds are printed beside
// them for whoever wonders, and are checked nowhere.

type Planned = Extract<ChosenPlan, { kind: 'planned' }>;

function search(asked: PlanRequest, every = false): ChosenPlan {
  const steps = planParcel(asked, every);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}

function searchPlanned(asked: PlanRequest, every = false): Planned {
  const chosen = search(asked, every);
  if (chosen.kind === 'noPlan') throw new Error(chosen.reasons.join('; '));
  return chosen;
}

/** Milliseconds of one call. */
function time(work: () => unknown): number {
  const start = performance.now();
  work();
  return performance.now() - start;
}

const median = (numbers: readonly number[]): number => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;

/** Median of several calls after one that warms up. */
function steady(work: () => unknown, rounds = 5): number {
  work();
  return median(Array.from({ length: rounds }, () => time(work)));
}

const report = (what: string, figure: string) => console.log(`${what.padEnd(76)} ${figure}`);
const figures = ({ frontier }: Planned) => JSON.stringify(frontier.map((option) => [option.nestCostMinor, alikeChance(option.chance)]));

console.log('Stockroom: 6 wraps, 8 fills, 12 services, a box in a box and cutting down allowed.\n');
for (const facts of PIECES.slice(0, 4)) search(stocked(20, facts));

const small = stocked(8, { lengthIn: 5.5, widthIn: 5, heightIn: 5 });
const count = planCount(small);
const pruned = searchPlanned(small);
const prunedMs = steady(() => search(small), 3);
let every!: Planned;
const everyMs = time(() => (every = searchPlanned(small, true)));
report(`8 boxes, a bowl of 5.5 × 5 × 5 in: plans there are`, count.toLocaleString('en'));
report('  frontier and best plan equal to the exhaustive ones', figures(pruned) === figures(every) ? 'yes' : 'NO');
report('  time, exhaustive over pruned', (everyMs / prunedMs).toFixed(0));
report('  plans worked out, exhaustive over pruned', (every.evaluated / pruned.evaluated).toFixed(0));
report('  plans any exact search must work out: those on the frontier', String(pruned.frontier.length));
report('  plans the pruned search worked out, over that', (pruned.evaluated / pruned.frontier.length).toFixed(1));

const searchAll = () => PIECES.map((facts) => time(() => search(stocked(60, facts))));
searchAll(); // a shop's planner has been running for a while
const times = searchAll();
report(
  '60 boxes, twenty pieces, planner warm: median search, over the exhaustive one above',
  `1/${(everyMs / median(times)).toFixed(0)}  (${median(times).toFixed(0)} ms)`,
);

const growth = [10, 20, 40, 80, 160].map((boxes) => ({
  boxes,
  ms: median(PIECES.slice(0, 5).map((facts) => steady(() => search(stocked(boxes, facts)), 1))),
}));
for (const { boxes, ms } of growth)
  report(`${boxes} boxes: time over that with 10 (quadratic would be ${(boxes / 10) ** 2})`, (ms / growth[0]!.ms).toFixed(1));

const asked = stocked(60);
const { choice } = searchPlanned(asked).recommended;
const whole = steady(() => search(asked), 3);
const hand = steady(() => derivePlan(asked, choice), 50);
/** As many as a screen tells. */
const TOLD = 12;
const changes = steady(() => nextBestChanges(asked, choice, TOLD), 50);
report('a hand change with its causes, as a share of a search', `1/${(whole / hand).toFixed(0)}  (${hand.toFixed(2)} ms)`);
report('its dozen next best changes, over a hand change', `${(changes / hand).toFixed(0)}  (${changes.toFixed(1)} ms)`);

/** Milliseconds until a first nest can be shown, and until the best is known. */
function answered(of: PlanRequest): { readonly first: number; readonly best: number } {
  const start = performance.now();
  const steps = planParcel(of);
  let first = Infinity;
  for (let step = steps.next(); !step.done; step = steps.next())
    if (first === Infinity && step.value.soFar().kind === 'planned') first = performance.now() - start;
  return { first, best: performance.now() - start };
}
for (const count of [6, 12]) {
  const of = several(count);
  answered(of);
  const all = Array.from({ length: 3 }, () => answered(of));
  const [first, best] = [median(all.map((one) => one.first)), median(all.map((one) => one.best))];
  report(
    `${count} different pieces, the demo’s stockroom: first nest, and best, over a search for one`,
    `1/${(whole / first).toFixed(1)}, ${(best / whole).toFixed(1)}  (${first.toFixed(0)} ms, ${best.toFixed(0)} ms)`,
  );
}

const packed = PIECES.flatMap((facts) => {
  const each = stocked(20, facts);
  const chosen = search(each);
  return chosen.kind === 'planned' ? [{ request: each, choice: chosen.recommended.choice }] : [];
});
const sizes = () => {
  const steps = boxesToKeep(packed, asked.stock);
  let step = steps.next();
  while (!step.done) step = steps.next();
};
const keep = steady(sizes, 2) / packed.length;
report('which boxes to keep: one parcel in every size, over a hand change', `${(keep / hand).toFixed(0)}  (${keep.toFixed(0)} ms)`);

globalThis.gc?.();
const before = process.memoryUsage().heapUsed;
search(asked);
report('heap right after a search of 60 boxes, MB above before', ((process.memoryUsage().heapUsed - before) / 1e6).toFixed(0));
for (let i = 0; i < 10_000; i++) derivePlan(asked, choice);
globalThis.gc?.();
report('heap after 10,000 plans over before', (process.memoryUsage().heapUsed / before).toFixed(2));
