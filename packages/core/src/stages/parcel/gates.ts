import { BENCH_TEST_RULES, type BenchTestKey } from '../bench/benchTests.ts';
import type { ParcelLife } from './ParcelLife.ts';
import { testState } from './recordParcel.ts';

/** A test that one bundle must pass, and the letters it bears. */
export interface BundleTest {
  readonly test: BenchTestKey;
  readonly bundleId: string | undefined;
  readonly letters: string;
}

/**
 * What stands in the way of sealing; an empty list lets it through.
 *
 * @param due the tests this nest must pass
 * @param ofBundles those that each of several different bundles must pass by itself
 */
export function sealGate(life: ParcelLife, due: readonly BenchTestKey[], ofBundles: readonly BundleTest[] = []): string[] {
  const { sealed } = life;
  const all = [...due.map((test): BundleTest => ({ test, bundleId: undefined, letters: '' })), ...ofBundles];
  const problems = all.flatMap(({ test, bundleId, letters }) => {
    const state = testState(life, test, bundleId);
    const name = `${BENCH_TEST_RULES[test].name.toLowerCase()}${letters && ` (${letters})`}`;
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
