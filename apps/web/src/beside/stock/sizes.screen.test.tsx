import { act, fireEvent, screen, within } from '@testing-library/react';
import { boxesToKeep, type BoxesToKeep } from '@inch-nest/core';
import type { PackedList, ShelfTag } from '@inch-nest/contracts';
import { box, finish, request, STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { searched } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { BoxesAnswer } from '../../workers/planner.protocol.ts';
import { SizesSheet } from './SizesSheet.tsx';

let answer: (heard: (done: number, of: number) => void) => Promise<BoxesAnswer>;
let asked: { parcels: number; most: number };
let stopped = 0;
jest.mock('../../parcel/planner.ts', () => ({
  planner: () => ({
    boxesToKeep: (parcels: unknown[], _: unknown, most: number, heard: (done: number, of: number) => void) => {
      asked = { parcels: parcels.length, most };
      return answer(heard);
    },
    stopReckoning: () => Promise.resolve(void stopped++),
  }),
}));

/** No small box: what is small goes in a large one. */
const LARGE = [box([12, 12, 12]), box([16, 14, 12])];
const parcel = (size: number) => {
  const plain = request({ lengthIn: size, widthIn: size, heightIn: size }, { stock: { boxes: LARGE } });
  return { request: plain, choice: searched(plain).recommended.choice };
};
const SIZES: BoxesToKeep = finish(boxesToKeep([parcel(4), parcel(4.5), parcel(5)], { boxes: LARGE }, 2));
const LIST: PackedList = { weeks: 4, parcels: [] };

const sheet = () =>
  draw(<SizesSheet shelf={[] as ShelfTag[]} />, { answer: (_, path) => (path === '/api/stock/packed' ? LIST : undefined) });
const ask = async () => {
  fireEvent.click(screen.getByRole('button', { name: 'Which boxes to keep?' }));
  for (let i = 0; i < 6; i++) await act(() => Promise.resolve());
};
beforeEach(() => {
  stopped = 0;
  answer = () => Promise.resolve({ kind: 'boxes', sizes: SIZES });
});

test('what to add, the best set and what each earned, by the week', async () => {
  const { container } = await sheet();
  await ask();
  expect(asked.most).toBe(STOCK.boxes.length);
  const [first] = within(screen.getByRole('list')).getAllByRole('listitem');
  expect(first!.textContent).toContain(`saves $${(SIZES.more[0]!.earnsMinor / 4 / 100).toFixed(2)} a week`);
  expect(screen.getByRole('heading', { name: 'The best 2 sizes' })).toBeTruthy();
  expect(screen.getAllByRole('row')).toHaveLength(1 + LARGE.length);
  // three parcels for two sizes: nobody should buy by that
  expect(screen.getByText(/So few parcels say little/)).toBeTruthy();
  expect(await unreadable(container)).toEqual([]);
});

test('it says how far it has come, and can be stopped', async () => {
  let end!: (said: BoxesAnswer) => void;
  answer = (heard) => {
    heard(7, 20);
    return new Promise((resolve) => (end = resolve));
  };
  await sheet();
  await ask();
  expect(screen.getByRole('status').textContent).toContain('Parcel 7 of 20');
  fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
  expect(stopped).toBe(1);
  await act(async () => {
    end({ kind: 'superseded' });
    await Promise.resolve();
  });
  expect(screen.getByRole('button', { name: 'Which boxes to keep?' })).toBeTruthy();
});

test('nothing was packed yet', async () => {
  answer = () => Promise.resolve({ kind: 'boxes', sizes: finish(boxesToKeep([], { boxes: [box([8, 8, 8])] })) });
  await sheet();
  await ask();
  expect(screen.getByText(/No parcel has a nest yet/)).toBeTruthy();
});

test('what goes wrong is said', async () => {
  answer = () => Promise.resolve({ kind: 'failed', message: 'the stockroom is empty' });
  await sheet();
  await ask();
  expect(screen.getByText(/the stockroom is empty/)).toBeTruthy();
});
