import { fireEvent, screen, within } from '@testing-library/react';
import { askHands, type HandsQuestion } from '@inch-nest/core';
import { practiceRequest, type HandsView, type Practice, type ShelfTag } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { searched } from '../../../../../tests/screens/bench.ts';
import { draw, SHOP } from '../../../../../tests/screens/shop.tsx';
import { Hands } from './Hands.tsx';

jest.mock('next/navigation', () => ({ usePathname: () => '/hands', useRouter: () => ({ push: () => undefined }) }));

const asked = practiceRequest('crock', SHOP);
const QUESTIONS: HandsQuestion[] = askHands(asked, searched(asked).recommended.choice);
const PRACTICE: Practice = { title: 'Stoneware crock', sizeIn: [9, 8, 8], weightLb: 7, kind: 'Dense pottery', questions: QUESTIONS };
const VIEW: HandsView = {
  days: 90,
  found: [{ personId: 'tam', name: 'Tam', tests: [{ test: 'feel', parcels: 12, failed: 3 }] }],
};

const practise = async () => {
  const drawn = await draw(<Hands shelf={[] as ShelfTag[]} view={VIEW} />, {
    answer: (_, path) => (path.startsWith('/api/hands') ? PRACTICE : undefined),
  });
  fireEvent.click(screen.getByRole('button', { name: 'Stoneware crock' }));
  await screen.findByRole('heading', { level: 2, name: /1 of/ });
  return drawn;
};
const answers = () => within(screen.getByRole('region', { name: 'Stoneware crock' })).getAllByRole('listitem');
/** Takes one of the answers of a question and goes on. */
const take = (at: number) => {
  fireEvent.click(within(answers()[at]!).getByRole('button'));
  fireEvent.click(screen.getByRole('button', { name: /Next question|How it went/ }));
};
const plannedAt = ({ answers: all }: HandsQuestion) => all.findIndex(({ verdict }) => verdict === 'asPlanned');

test('nothing is said before an answer, every answer is judged after it, and one answer is all there is', async () => {
  const { container } = await practise();
  expect(container.textContent).not.toMatch(/1 in \d+ breaks/);
  expect(await unreadable(container)).toEqual([]);
  const first = QUESTIONS[0]!;
  const wrong = first.answers.findIndex(({ verdict }) => verdict === 'riskier' || verdict === 'dearer' || verdict === 'cannot');
  fireEvent.click(within(answers()[wrong]!).getByRole('button'));
  expect(answers().map((one) => /[✓✗]/.test(one.textContent))).toEqual(first.answers.map(() => true));
  expect(answers()[wrong]!.textContent).toContain('✗');
  expect(answers()[plannedAt(first)]!.textContent).toContain('✓ As the nest has it');
  fireEvent.click(within(answers()[plannedAt(first)]!).getByRole('button'));
  expect(within(answers()[wrong]!).getByRole('button').getAttribute('aria-pressed')).toBe('true');
  expect(await unreadable(container)).toEqual([]);
});

test('whoever packs as the nest does hears so in the end, and may go on or begin again', async () => {
  await practise();
  for (const question of QUESTIONS) take(plannedAt(question));
  expect(screen.getByRole('heading', { name: `${QUESTIONS.length} of ${QUESTIONS.length} as a good packer would` })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'This one again' }));
  expect(screen.getByText(`1 of ${QUESTIONS.length}`)).toBeTruthy();
});

test('what tests found stands by person and test', async () => {
  await practise();
  const row = screen.getByRole('row', { name: /Feel/ });
  expect(within(row).getByRole('cell').textContent).toBe('3 of 12');
});
