import { fireEvent, screen } from '@testing-library/react';
import { QUESTIONS } from '@inch-nest/core';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { QuestionSides } from './QuestionSides.tsx';

const marks = QUESTIONS.find((question) => question.key === 'marks')!;
let taken: string[];
beforeEach(() => (taken = []));
const open = (side: string | null, question = marks) =>
  draw(
    <QuestionSides
      question={question}
      taken={side}
      isOpen
      onOpen={() => {}}
      effectOf={() => undefined}
      onTake={(key) => taken.push(key)}
    />,
  );

test('a side that moves no figure can be taken like any other, and says what it does', async () => {
  const { container } = await open('none');
  expect(await unreadable(container)).toEqual([]);
  expect(screen.getByRole('button', { name: 'none' }).getAttribute('aria-pressed')).toBe('true');
  fireEvent.click(screen.getByRole('button', { name: 'fragile marks' }));
  expect(taken).toEqual(['fragile']);
  expect(screen.getByText(/a sheet of marks among the papers/)).toBeTruthy();
});

test('what nobody has said is said so', async () => {
  await open(null);
  expect(screen.getByText('not said yet: nothing is asked for')).toBeTruthy();
});

test.each(QUESTIONS.map((question) => [question.key, question] as const))('%s: every side is a button', async (_, question) => {
  await open(null, question);
  for (const { name } of question.sides) expect(screen.getByRole('button', { name })).toBeTruthy();
});
