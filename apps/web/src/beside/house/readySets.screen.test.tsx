import { act, fireEvent, screen } from '@testing-library/react';
import { BEDDED_HOUSE, houseOfSet, READY_SETS, sidesOf, takeSides, type House, type Otherwise, type OtherwiseMade } from '@inch-nest/core';
import type { PackedList } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { OtherwiseAnswer } from '../../workers/planner.protocol.ts';
import { changesOfSet, ReadySets } from './ReadySets.tsx';

let answer: (ways: readonly Otherwise[], heard: (done: number, of: number) => void) => Promise<OtherwiseAnswer>;
let stopped = 0;
jest.mock('../../parcel/planner.ts', () => ({
  planner: () => ({
    packedOtherwise: (_: unknown, ways: readonly Otherwise[], heard: (done: number, of: number) => void) => answer(ways, heard),
    stopReckoning: () => Promise.resolve(void stopped++),
  }),
}));
const made = (key: string, part: Partial<OtherwiseMade> = {}): OtherwiseMade => ({
  key,
  parcels: 4,
  unfit: 0,
  moved: 4,
  costMinor: 340,
  expectedMinor: 300,
  minutes: 6,
  breaksNow: 0.04,
  breaks: 0.02,
  ...part,
});
const LIST: PackedList = { weeks: 4, parcels: [] };
const taken: House[] = [];
const sheet = (house: House = BEDDED_HOUSE) =>
  draw(<ReadySets house={house} effectOf={null} onTake={(next) => taken.push(next)} />, {
    answer: (_, path) => (path === '/api/stock/packed' ? LIST : undefined),
  });
const ask = async () => {
  fireEvent.click(screen.getByRole('button', { name: /Price them on the last parcels/ }));
  for (let i = 0; i < 6; i++) await act(() => Promise.resolve());
};
beforeEach(() => {
  taken.splice(0);
  stopped = 0;
  answer = (ways) => Promise.resolve({ kind: 'otherwise', made: ways.map(({ key }) => made(key)) });
});

test('a set says what it would change against today, and nothing else', () => {
  for (const set of READY_SETS) {
    const house = takeSides(BEDDED_HOUSE, { lid: 'level', care: 'save' });
    const changes = changesOfSet(set, house);
    const [now, then] = [sidesOf(house), sidesOf(houseOfSet(set, house))];
    expect(changes).toHaveLength(Object.keys(now).filter((key) => now[key as 'lid'] !== then[key as 'lid']).length);
    for (const { from, to } of changes) expect(from).not.toBe(to);
  }
  expect(changesOfSet(READY_SETS[1]!, BEDDED_HOUSE)).toContainEqual({
    asks: 'How is the piece held?',
    from: 'bedded: fill all round',
    to: 'floated: a snug box in a buffered one',
  });
});

test('each set but the one in hand is priced on the last parcels', async () => {
  const { container } = await sheet(houseOfSet(READY_SETS[0]!));
  let asked: readonly Otherwise[] = [];
  const plain = answer;
  answer = (ways, heard) => plain((asked = ways), heard);
  await ask();
  expect(asked.map(({ key }) => key)).toEqual(['floated', 'tightRoll', 'shelled']);
  // 3.40 over four parcels, six minutes over four, two in a hundred instead of four over four
  expect(screen.getAllByText(/\$0\.85 dearer a parcel, 1\.5 min longer, breaks 1 in 200 instead of 1 in 100/)).toHaveLength(3);
  expect(screen.getByText(/By 4 of the parcels packed over 4 weeks/)).toBeTruthy();
  expect(await unreadable(container)).toEqual([]);
});

test('a parcel that has no nest that way is said', async () => {
  answer = (ways) => Promise.resolve({ kind: 'otherwise', made: ways.map(({ key }) => made(key, { unfit: 1 })) });
  await sheet();
  await ask();
  expect(screen.getAllByText(/1 parcel has no nest that way/).length).toBeGreaterThan(0);
});

test('it says how far it has come, can be stopped, and says what went wrong', async () => {
  let end!: (said: OtherwiseAnswer) => void;
  answer = (_, heard) => {
    heard(30, 96);
    return new Promise((resolve) => (end = resolve));
  };
  await sheet();
  await ask();
  expect(screen.getByRole('progressbar').getAttribute('aria-valuenow')).toBe('31');
  fireEvent.click(screen.getByRole('button', { name: 'Stop' }));
  expect(stopped).toBe(1);
  await act(() => Promise.resolve(end({ kind: 'failed', message: 'the planning worker broke' })));
  expect(screen.getByText(/the planning worker broke/)).toBeTruthy();
});

test('taking a set hands over the house as it has it', async () => {
  await sheet();
  fireEvent.click(screen.getByRole('button', { name: /Tight roll/ }));
  expect(taken).toEqual([houseOfSet(READY_SETS[2]!)]);
});
