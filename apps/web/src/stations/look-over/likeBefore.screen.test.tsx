import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { TemplateView } from '@inch-nest/contracts';
import { CHOICE, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { LikeBefore } from './LikeBefore.tsx';

const ASKED = request();
const SET: TemplateView = { id: 'set', kind: 'template', name: 'lamp and stand', pieces: 2, boxes: 2, arrived: null, choice: CHOICE };
const BOWL: TemplateView = { id: 'bowl', kind: 'parcel', name: 'bowl', pieces: 1, boxes: 1, arrived: 'damaged', choice: CHOICE };

const shown = async (list: readonly TemplateView[], set: readonly object[] = []) => {
  const sent: unknown[] = [];
  const parcel = parcelOf(ASKED);
  const made = nestOf(ASKED);
  const drawn = await draw(<LikeBefore parcel={{ ...parcel, view: { ...parcel.view, set: set as never } }} nest={made.nest} />, {
    answer: (method, path, body) => {
      if (!path.endsWith('/templates')) return undefined;
      if (method !== 'GET') sent.push([method, body]);
      return method === 'PUT' ? parcel.view : list;
    },
  });
  return { ...made, ...drawn, sent };
};

test('can be read by a machine', async () => {
  const { container } = await shown([SET, BOWL]);
  await screen.findByText('lamp and stand');
  expect(await unreadable(container)).toEqual([]);
});

test('what goes in two boxes says so, and how an earlier one arrived', async () => {
  await shown([SET, BOWL]);
  expect((await screen.findByText('lamp and stand')).closest('li')!.textContent).toMatch(/2 pieces in two boxes · the shop’s template/);
  expect(screen.getByText('bowl').closest('li')!.textContent).toMatch(/arrived broken/);
});

test('a template taken is asked of the server first, then its nest is in hand, and it says into how many boxes', async () => {
  const { taken, sent } = await shown([SET]);
  fireEvent.click(await screen.findByRole('button', { name: 'Pack it so' }));
  await waitFor(() => expect(screen.getByRole('status').textContent).toBe('Packed as lamp and stand, in two boxes.'));
  expect(sent).toMatchObject([['PUT', { templateId: 'set', personId: 'odile' }]]);
  expect(taken).toEqual([CHOICE]);
});

test('an earlier parcel’s nest needs no server', async () => {
  const { taken, sent } = await shown([BOWL]);
  fireEvent.click(await screen.findByRole('button', { name: 'Pack it so' }));
  await waitFor(() => expect(taken).toEqual([CHOICE]));
  expect(sent).toEqual([]);
});

test('one of a set is kept with the others, and it says so', async () => {
  await shown([], [{ id: 'parcel' }, { id: 'other' }]);
  expect(screen.getByLabelText(/Keep all of this sale, box by box, as/)).toBeTruthy();
});
