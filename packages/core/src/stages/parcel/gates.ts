import { BENCH_TEST_RULES, type BenchTestKey } from '../bench/benchTests.ts';
import type { ParcelLife } from './ParcelLife.ts';

/**
 * What stands in the way of sealing; an empty list lets it through.
 *
 * @param due the tests this nest must pass
 */
export function sealGate({ tests, sealed }: ParcelLife, due: readonly BenchTestKey[]): string[] {
  const problems = due.flatMap((test) => {
    const state = tests[test];
    const name = BENCH_TEST_RULES[test].name.toLowerCase();
    if (state === 'failed') return [`the ${name} test failed: put it right and do it again`];
    if (state === 'remedied') return [`the ${name} test must pass after the remedy`];
    return state === 'untried' ? [`the ${name} test is not done: do it, or skip it with a reason`] : [];
  });
  return sealed ? ['it is sealed already'] : problems;
}

/**
 * What stands in the way of buying a label: a reading later than the last change of content, and a rate
 * for that weight, size and card version.
 *
 * @param cardVersion the version of the rated card that is in force
 */
export function buyGate({ weighing, weighingStale, rate, rateStale, label }: ParcelLife, cardVersion: number): string[] {
  const problems: string[] = [];
  if (!weighing || weighingStale) problems.push('weigh it: nothing was weighed since its content last changed');
  if (!rate) problems.push('no service is chosen');
  else if (rateStale || (weighing && rate.weightLb !== weighing.weightLb) || rate.cardVersion !== cardVersion)
    problems.push('the price is for other figures: rate it again');
  if (label) problems.push('a label is bought already');
  return problems;
}

/** What stands in the way of handing the parcel over. */
export function handOverGate({ label, tagMatched }: ParcelLife): string[] {
  if (!label) return ['it has no label'];
  return [
    ...(label.atRisk ? ['the label is at risk: void it or show that weight, size and address are unchanged'] : []),
    ...(tagMatched ? [] : ['the tag is not matched to the label']),
  ];
}
