import { screen, waitFor } from '@testing-library/react';
import type { PlanRequest } from '@inch-nest/core';
import type { SearchAnswer } from '@inch-nest/contracts';
import { request } from '../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf, searched } from '../../../../tests/screens/bench.ts';
import { draw } from '../../../../tests/screens/shop.tsx';
import { useNest } from './useNest.ts';
import type { ParcelUse } from './useParcel.ts';

const asked: string[] = [];
const answers: { search: SearchAnswer | null } = { search: null };
jest.mock('./planner.ts', () => ({
  planner: () => ({
    search: (of: PlanRequest) => {
      asked.push(`search ${of.order.pieces.length}`);
      return Promise.resolve(answers.search);
    },
    evaluate: () => {
      asked.push('evaluate');
      return new Promise(() => {});
    },
  }),
}));
beforeEach(() => {
  asked.splice(0);
  answers.search = searched(SAMPLE);
});

const SAMPLE = request();
/** A parcel whose recommended nest was kept. */
const kept = (life: object): ParcelUse => {
  const { recommended } = searched(SAMPLE);
  const parcel = parcelOf(SAMPLE, life);
  const plan = { document: recommended, at: null };
  return { ...parcel, view: { ...parcel.view, nest: { ...parcel.view.nest, choice: recommended.choice, plan } as never } };
};
function Shown({ parcel }: { parcel: ParcelUse }) {
  const { found, plan, searching, worked, impossible } = useNest(parcel);
  return <p>{[found?.kind ?? 'nothing found', plan ? 'a nest' : 'no nest', searching, worked !== null, impossible.length].join(' ')}</p>;
}

test('a nest that may still change is searched beside what was kept, and worked out', async () => {
  await draw(<Shown parcel={kept({})} />);
  await waitFor(() => expect(screen.getByText('planned a nest false false 0')).toBeTruthy());
  expect(asked).toEqual(['search 1', 'evaluate']);
});

test.each([
  ['sealed', { sealed: true }],
  ['on its way, though nobody ticked a seal', { state: 'handedOver' }],
])('what is %s keeps its figures, and nothing is reckoned for it', async (_, life) => {
  await draw(<Shown parcel={kept(life)} />);
  expect(screen.getByText('nothing found a nest false true 0')).toBeTruthy();
  expect(asked).toEqual([]);
});

test('one that was sealed under older figures is worked out anew', async () => {
  const parcel = kept({ sealed: true });
  const plan = { ...parcel.view.nest.plan!, document: { ...parcel.view.nest.plan!.document, format: 1 } };
  await draw(<Shown parcel={{ ...parcel, view: { ...parcel.view, nest: { ...parcel.view.nest, plan } as never } }} />);
  await waitFor(() => expect(asked).toContain('search 1'));
});
