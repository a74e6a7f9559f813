import { screen, waitFor } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import type { BoxedWay } from '../../workers/planner.protocol.ts';
import { OneOrTwo } from './OneOrTwo.tsx';

const asked: unknown[] = [];
beforeEach(() => asked.splice(0));
const box = (at: number) => ({ pieces: [at], box: `box ${at}`, service: 'Ground', grossLb: 2 + at });
const way = {
  parts: [box(0), box(1)],
  costMinor: 5690,
  chance: 1 / 68,
  expectedMinor: 5979,
  minutes: 25,
  postageMinor: 4000,
} as unknown as BoxedWay;
jest.mock('../../parcel/planner.ts', () => ({
  planner: () => ({
    oneOrTwo: (of: unknown) => {
      asked.push(of);
      return Promise.resolve({ kind: 'boxes', together: null, splits: [way], every: true });
    },
  }),
}));

const one = request();
const of = { ...one, order: { ...one.order, pieces: [one.order.pieces[0]!, { ...one.order.pieces[0]!, id: 'second', title: 'shade' }] } };
const both = { ...of, pieceIds: of.order.pieces.map(({ id }) => id) };
const drawn = (faults: readonly { kind: string }[], life: object = {}) =>
  draw(<OneOrTwo parcel={parcelOf(both, life)} nest={{ request: both, plan: { faults }, searching: false } as unknown as NestUse} />);

test('what no service takes in one box is compared in two without being asked, and it says what one box lacks', async () => {
  await drawn([{ kind: 'byHand' }]);
  await waitFor(() => expect(screen.getByText('No service takes them all in one box.')).toBeTruthy());
  expect(asked).toEqual([both]);
  expect(screen.getByRole('button', { name: 'Send in two boxes: A and B' })).toBeTruthy();
});

test('what goes in one box is compared when somebody asks; what is sealed stays as it is', async () => {
  await drawn([]);
  expect(asked).toEqual([]);
  await drawn([{ kind: 'byHand' }], { sealed: true });
  expect(asked).toEqual([]);
});
