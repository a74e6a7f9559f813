import { act, fireEvent, screen } from '@testing-library/react';
import { ORDINARY_FILLS, ORDINARY_WRAPS, type Otherwise, type OtherwiseMade } from '@inch-nest/core';
import type { PackedList } from '@inch-nest/contracts';
import { STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { OtherwiseAnswer } from '../../workers/planner.protocol.ts';
import { MaterialsSheet, waysOf } from './MaterialsSheet.tsx';

let answer: (ways: readonly Otherwise[]) => Promise<OtherwiseAnswer>;
jest.mock('../../parcel/planner.ts', () => ({
  planner: () => ({
    packedOtherwise: (_: unknown, ways: readonly Otherwise[]) => answer(ways),
    stopReckoning: () => Promise.resolve(),
  }),
}));
const LIST: PackedList = { weeks: 4, parcels: [] };
const sheet = () => draw(<MaterialsSheet />, { answer: (_, path) => (path === '/api/stock/packed' ? LIST : undefined) });
const ask = async () => {
  fireEvent.click(screen.getByRole('button', { name: 'Which materials are worth it?' }));
  for (let i = 0; i < 6; i++) await act(() => Promise.resolve());
};
const made = (key: string, expectedMinor: number, part: Partial<OtherwiseMade> = {}): OtherwiseMade => ({
  key,
  parcels: 5,
  unfit: 0,
  moved: expectedMinor === 0 ? 0 : 3,
  costMinor: expectedMinor,
  expectedMinor,
  minutes: 0,
  breaksNow: 0.05,
  breaks: 0.05,
  ...part,
});

test('what is asked: every material here left out, every ordinary one that is not here put in', () => {
  const { here, absent } = waysOf(STOCK);
  expect(here.map(({ key }) => key)).toEqual([...STOCK.wraps, ...STOCK.fills].map(({ key }) => key));
  const all = [...Object.keys(ORDINARY_WRAPS), ...Object.keys(ORDINARY_FILLS)];
  expect(absent.map(({ key }) => key)).toEqual(all.filter((key) => !here.some((one) => one.key === key)));
});

test('what is missed most stands first; what no parcel took says so', async () => {
  const [first, second, third] = waysOf(STOCK).here;
  answer = () =>
    Promise.resolve({
      kind: 'otherwise',
      made: [made(first!.key, 0), made(second!.key, 450), made(third!.key, 0, { parcels: 0, unfit: 5 })],
    });
  const { container } = await sheet();
  await ask();
  const rows = screen.getAllByRole('row').slice(1);
  expect(rows.map((row) => row.textContent)).toEqual([
    expect.stringContaining('5 parcels have no nest that way'),
    expect.stringContaining('$0.90 more'),
    expect.stringContaining('no parcel would have gone otherwise'),
  ]);
  expect(await unreadable(container)).toEqual([]);
});

test('of what is not here the one that saves most stands first', async () => {
  answer = (ways) => Promise.resolve({ kind: 'otherwise', made: ways.map(({ key }, i) => made(key, i === 1 ? -620 : -20)) });
  await sheet();
  fireEvent.click(screen.getByText('With one that is not here'));
  await ask();
  expect(screen.getAllByRole('row')[1]!.textContent).toContain('$1.24 less');
});

test('with no parcel packed there is nothing to go by', async () => {
  answer = (ways) => Promise.resolve({ kind: 'otherwise', made: ways.map(({ key }) => made(key, 0, { parcels: 0 })) });
  await sheet();
  await ask();
  expect(screen.getByText(/nothing to go by/)).toBeTruthy();
});
