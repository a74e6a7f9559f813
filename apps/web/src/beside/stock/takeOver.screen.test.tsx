import { act, fireEvent, screen } from '@testing-library/react';
import type { Stockroom } from '@inch-nest/core';
import { writeStockCsv } from '@inch-nest/formats';
import { STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { TakeOver } from './TakeOver.tsx';

let taken: Partial<Stockroom>[];
beforeEach(() => (taken = []));
const sheet = () => draw(<TakeOver kind="fills" stock={STOCK} onTake={(part) => taken.push(part)} />);
const paste = (text: string) => {
  fireEvent.click(screen.getByRole('button', { name: /Paste/ }));
  fireEvent.change(screen.getByRole('textbox'), { target: { value: text } });
  fireEvent.click(screen.getByRole('button', { name: 'What would it change?' }));
};
const [first, ...others] = STOCK.fills;
const dearer = { ...first!, minorPerFt3: first!.minorPerFt3 + 40 };

test('what is pasted is told before it is kept; nothing is kept until it is taken over', async () => {
  const { container } = await sheet();
  paste(writeStockCsv('fills', [dearer, ...others]));
  expect(screen.getByText(/nothing is kept yet/)).toBeTruthy();
  expect(screen.getByText(new RegExp(`^${first!.name}: .* → `))).toBeTruthy();
  expect(taken).toEqual([]);
  expect(await unreadable(container)).toEqual([]);
  fireEvent.click(screen.getByRole('button', { name: 'Take it over' }));
  expect(taken).toEqual([{ fills: [dearer, ...others] }]);
  expect(screen.queryByText(/nothing is kept yet/)).toBeNull();
});

test('rows that are not listed would go, and that is said', async () => {
  await sheet();
  paste(writeStockCsv('fills', [first!]));
  expect(screen.getByText(/No longer kept, since/).textContent).toContain(others.map(({ name }) => name).join(', '));
  fireEvent.click(screen.getByRole('button', { name: 'Leave it as it is' }));
  expect(taken).toEqual([]);
});

test('the same list changes nothing and cannot be taken', async () => {
  await sheet();
  paste(writeStockCsv('fills', STOCK.fills));
  expect(screen.getByText(/It changes nothing/)).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Take it over' }).disabled).toBe(true);
});

test('what is wrong is told by line and column, and what was pasted stays', async () => {
  await sheet();
  const wrong = writeStockCsv('fills', STOCK.fills).replace(first!.key, '=A1');
  paste(wrong);
  expect(screen.getByRole('alert').textContent).toMatch(/fills\.csv:2:key: a formula stands here/);
  expect(screen.getByRole<HTMLTextAreaElement>('textbox').value).toBe(wrong);
});

test('a file is read the same way; one that is too large is not', async () => {
  await sheet();
  const input = screen.getByLabelText('A CSV file of fills');
  const large = new File(['x'], 'large.csv');
  Object.defineProperty(large, 'size', { value: 3_000_000 });
  fireEvent.change(input, { target: { files: [large] } });
  expect(screen.getByRole('alert').textContent).toContain('larger than 2 MB');
  const file = new File([], 'fills.csv');
  file.text = () => Promise.resolve(writeStockCsv('fills', [dearer, ...others]));
  fireEvent.change(input, { target: { files: [file] } });
  for (let i = 0; i < 3; i++) await act(() => Promise.resolve());
  expect(screen.getByText(/nothing is kept yet/)).toBeTruthy();
});
