import { derivePlan, nextBestChanges, planParcel, type ChosenPlan, type PlanRequest } from '@inch-nest/core';
import { box, request, STOCK } from '../packages/core/tests/sampleRequest.ts';

// The planner's figures, as ratios within this one run: machines differ, ratios travel.

const PIECES = Array.from({ length: 5 }, (_, i) => ({ lengthIn: 4 + i, widthIn: 4 + (i % 3), heightIn: 5, weightLb: 1 + 0.7 * i }));
const ROUNDS = 3;

type Planned = Extract<ChosenPlan, { kind: 'planned' }>;

function search(asked: PlanRequest, every = false): Planned {
  const steps = planParcel(asked, every);
  let step = steps.next();
  while (!step.done) step = steps.next();
  if (step.value.kind === 'noPlan') throw new Error(step.value.reasons.join('; '));
  return step.value;
}

/** Median time of one call, ms, after a call that warms up. */
function time(work: () => unknown): number {
  work();
  const times = Array.from({ length: ROUNDS }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  });
  return times.sort((a, b) => a - b)[Math.floor(ROUNDS / 2)]!;
}

const median = (numbers: number[]): number => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;

/** Boxes between 8 and 18 in, however many. */
const boxes = (count: number) =>
  Array.from({ length: count }, (_, i) =>
    box([8 + ((i * 7) % 11), 8 + ((i * 5) % 9), 8 + ((i * 3) % 7)], { key: `box-${i}`, priceMinor: 60 + ((i * 37) % 200) }),
  );
const stocked = (count: number, facts = PIECES[0]!) => request(facts, { stock: { boxes: boxes(count) } });

const rows: [what: string, figure: string][] = [];
const report = (what: string, figure: string) => {
  rows.push([what, figure]);
  console.log(`${what.padEnd(66)} ${figure}`);
};

console.log(
  `stockroom: ${STOCK.wraps.length} wraps, ${STOCK.fills.length} fills, 1 service, inner boxes allowed; ${PIECES.length} pieces, median\n`,
);

const compared = PIECES.map((facts) => {
  const asked = stocked(10, facts);
  const [pruned, every] = [search(asked), search(asked, true)];
  const same =
    JSON.stringify(pruned.frontier.map((option) => [option.costMinor, option.chance])) ===
    JSON.stringify(every.frontier.map((option) => [option.costMinor, option.chance]));
  return {
    same,
    evaluated: every.evaluated / pruned.evaluated,
    faster: time(() => search(asked, true)) / time(() => search(asked)),
    least: pruned.evaluated / pruned.frontier.length,
  };
});
report('frontier of the pruned search equals the exhaustive one', compared.every((one) => one.same) ? 'yes' : 'NO');
report('plans evaluated, exhaustive over pruned', median(compared.map((one) => one.evaluated)).toFixed(1));
report('time, exhaustive over pruned', median(compared.map((one) => one.faster)).toFixed(1));
report('plans evaluated over plans on the frontier (1 is the least possible)', median(compared.map((one) => one.least)).toFixed(1));

const growth = [10, 20, 40].map((count) => ({ count, ms: time(() => search(stocked(count))) }));
for (const { count, ms } of growth) report(`time with ${count} boxes over time with 10`, (ms / growth[0]!.ms).toFixed(1));

const asked = stocked(20);
const { choice } = search(asked).recommended;
const whole = time(() => search(asked));
report('a search over a hand change with its causes', (whole / time(() => derivePlan(asked, choice))).toFixed(0));
report(
  'next best changes over a hand change',
  (time(() => nextBestChanges(asked, choice)) / time(() => derivePlan(asked, choice))).toFixed(1),
);

const before = process.memoryUsage().heapUsed;
for (let i = 0; i < 2000; i++) derivePlan(asked, choice);
globalThis.gc?.();
report('heap after 2,000 hand changes over before', (process.memoryUsage().heapUsed / before).toFixed(2));
