import { act, fireEvent, screen, within } from '@testing-library/react';
import type { PlanRequest } from '@inch-nest/core';
import { parcelOf, searched } from '../../../../../tests/screens/bench.ts';
import { draw, SHOP } from '../../../../../tests/screens/shop.tsx';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { BoxFits } from './BoxFits.tsx';

const asked: PlanRequest[] = [];
const found = searched(request());
const [fill] = SHOP.stock.fills;
/** Whatever is asked, it takes five units of the fill. */
const recommended = { ...found.recommended, uses: [{ kind: 'fill', key: fill!.key, amount: 5 * fill!.unitFt3 }] };
jest.mock('../../parcel/planner.ts', () => ({
  planner: () => ({ search: (of: PlanRequest) => (asked.push(of), Promise.resolve({ ...found, recommended })) }),
}));
beforeEach(() => asked.splice(0));

const [box] = SHOP.stock.boxes.filter(({ onHand }) => onHand > 0);
const { view } = parcelOf(request());
const shown = () =>
  draw(<BoxFits box={box!} onClose={() => undefined} />, {
    answer: (_, path) =>
      path === '/api/shelf'
        ? [{ id: view.id, title: 'Stoneware crock', state: 'planned' }]
        : path.startsWith('/api/parcels/')
          ? { ...view, reserved: [] }
          : null,
  });
const done = () => screen.findByText(/still to be packed would do/);
const choose = async (label: string, name: string) => {
  fireEvent.mouseDown(screen.getByRole('combobox', { name: label }));
  await act(async () => fireEvent.click(await screen.findByTitle(name)));
};

test('the box in the hand is pinned, and the whole stockroom beside it', async () => {
  await shown();
  await done();
  expect(asked).toHaveLength(1);
  expect(asked[0]!.locks.box).toBe(box!.key);
  expect(asked[0]!.stock.fills).toEqual(SHOP.stock.fills);
});

test('with a fill in the hand there is no other and no more of it; what it lacks is told', async () => {
  await shown();
  await done();
  await choose('Fills in the hand', fill!.name);
  await done();
  expect(asked.at(-1)!.stock.fills).toEqual([{ ...fill, onHandFt3: 6 * fill!.unitFt3 }]);
  const amount = screen.getByLabelText(new RegExp(`^${fill!.name}: how many`));
  fireEvent.change(amount, { target: { value: '0.5' } });
  fireEvent.blur(amount);
  const piece = (await screen.findByText('Stoneware crock')).closest('li')!;
  await within(piece).findByText(/^no: it takes 5 .*, and half an? .* is in the hand$/);
  expect(asked.at(-1)!.stock.fills[0]!.onHandFt3).toBeCloseTo(fill!.unitFt3 / 2, 9);
});
