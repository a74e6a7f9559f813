import type { BenchPhase, BenchStep, StepAmount } from './BenchStep.ts';
import { BENCH_TEST_RULES, type BenchTestKey } from './benchTests.ts';

/** A step before it has its phase and picture. */
export type Part = Omit<BenchStep, 'phase' | 'picture'> & { readonly shows?: Partial<BenchStep['picture']>; readonly opens?: BenchPhase };

/** Something to do. */
export const act = (key: string, title: string, says: string, minutes: number, amounts: readonly StepAmount[] = []): Part => ({
  key,
  kind: 'do',
  title,
  says,
  minutes,
  amounts,
  records: null,
  test: null,
});
/** Something to note down. */
export const record = (
  key: string,
  records: BenchStep['records'],
  title: string,
  says: string,
  minutes: number,
  opens?: BenchPhase,
): Part => ({
  ...act(key, title, says, minutes),
  kind: 'record',
  records,
  ...(opens ? { opens } : {}),
});
/** Parts of which the first begins a phase. */
export const opening = (opens: BenchPhase, [first, ...rest]: readonly Part[]): Part[] => (first ? [{ ...first, opens }, ...rest] : []);
/** A test that must pass. */
export const test = (key: BenchTestKey, minutes = 0): Part => {
  const { name, passes, remedies } = BENCH_TEST_RULES[key];
  return {
    key: `test:${key}`,
    kind: 'test',
    title: name,
    says: passes,
    minutes,
    amounts: [],
    records: null,
    test: { key, passes, remedies },
  };
};

/** The same with a capital letter first. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
/** The same within a sentence. */
export const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);
