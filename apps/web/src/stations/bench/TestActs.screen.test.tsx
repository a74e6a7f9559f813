import { fireEvent, screen } from '@testing-library/react';
import { BENCH_TEST_RULES, type TestState } from '@inch-nest/core';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { TestActs } from './TestActs.tsx';

const said: string[] = [];
beforeEach(() => said.splice(0));
const shake = { key: 'shake' as const, passes: BENCH_TEST_RULES.shake.passes, remedies: BENCH_TEST_RULES.shake.remedies };
const acts = (state: TestState) =>
  draw(
    <TestActs
      test={shake}
      state={state}
      onPass={() => said.push('passed')}
      onFail={() => said.push('failed')}
      onRemedy={(remedy) => said.push(remedy.says)}
      onSkip={(reason) => said.push(`skipped: ${reason}`)}
    />,
  );

test('a test not done yet passes, fails, or is skipped with a reason and never without', async () => {
  await acts('untried');
  fireEvent.click(screen.getByRole('button', { name: 'It passes' }));
  fireEvent.click(screen.getByRole('button', { name: 'It fails' }));
  fireEvent.click(screen.getByRole('button', { name: 'Skip it …' }));
  const skip = screen.getByRole<HTMLButtonElement>('button', { name: 'Skip it' });
  expect(skip.disabled).toBe(true);
  fireEvent.change(screen.getByLabelText('Why it is skipped'), { target: { value: '  the lid is glued ' } });
  fireEvent.click(skip);
  expect(said).toEqual(['passed', 'failed', 'skipped: the lid is glued']);
});

test('a failed one offers its remedies and nothing else', async () => {
  await acts('failed');
  expect(screen.queryByRole('button', { name: 'It passes' })).toBeNull();
  expect(screen.getAllByRole('button')).toHaveLength(shake.remedies.length);
  fireEvent.click(screen.getAllByRole('button')[0]!);
  expect(said).toEqual([shake.remedies[0]!.says]);
});

test('put right it must pass: it is not skipped any more', async () => {
  await acts('remedied');
  expect(screen.getByRole('status').textContent).toBe('Put right: now it must pass.');
  expect(screen.queryByRole('button', { name: 'Skip it …' })).toBeNull();
});
