import { fireEvent, screen } from '@testing-library/react';
import type { Offcut } from '@inch-nest/core';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw, SHOP } from '../../../../../tests/screens/shop.tsx';
import { OffcutTable } from './OffcutTable.tsx';

const kept: (readonly Offcut[])[] = [];
beforeEach(() => kept.splice(0));
const TWO: readonly Offcut[] = [
  { lengthIn: 24, widthIn: 12, count: 1 },
  { lengthIn: 9, widthIn: 8, count: 4 },
];
const shown = (offcuts: readonly Offcut[], person = 'odile', onHandFt2 = 60) =>
  draw(<OffcutTable offcuts={offcuts} sheet={{ ...SHOP.stock.linerBoard!, onHandFt2 }} onChange={(next) => kept.push(next)} />, { person });
const type = (label: string | RegExp, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
};

test('one more is noted by its size, the longer side first', async () => {
  const { container } = await shown(TWO);
  type('Size of one more offcut', '6 x 16 1/2');
  expect(kept).toEqual([[...TWO, { lengthIn: 16.5, widthIn: 6, count: 1 }]]);
  expect(await unreadable(container)).toEqual([]);
});

test('in centimetres for who reads centimetres', async () => {
  await shown([], 'tam');
  type('Size of one more offcut', '30 x 20');
  expect(kept[0]![0]!.lengthIn).toBeCloseTo(30 / 2.54, 9);
});

test('how many, another size, and gone', async () => {
  await shown(TWO);
  type(/^How many of 9 in/, '3');
  type('Size of offcut 1', '20 x 12');
  fireEvent.click(screen.getByRole('button', { name: 'No more of 24 in × 12 in' }));
  expect(kept).toEqual([[TWO[0], { ...TWO[1], count: 3 }], [{ lengthIn: 20, widthIn: 12, count: 1 }, TWO[1]], [TWO[1]]]);
});

test.each([
  ['three sides', '6 x 16 x 2', /two sides, like/],
  ['a side of nothing', '0 x 4', /./],
])('%s are no offcut, and nothing is kept', async (_, text, says) => {
  await shown(TWO);
  type('Size of one more offcut', text);
  expect(screen.getByText(/^✗/).textContent).toMatch(says);
  expect(kept).toEqual([]);
});

test('more in offcuts than there is board asks to be counted', async () => {
  await shown(TWO, 'odile', 2);
  expect(screen.getByText(/count the board again/)).toBeTruthy();
});
