import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { CutOrder, Stockroom } from '@inch-nest/core';
import { unreadable } from '../../../../tests/screens/axe.ts';
import { draw, SHOP } from '../../../../tests/screens/shop.tsx';
import { fromOffcuts } from './FromOffcuts.tsx';
import { CutFromThem } from './CutFromThem.tsx';

const BOARD = SHOP.stock.linerBoard!;
const caliper = BOARD.board.caliperIn;
const pads = (count: number): CutOrder => ({ kind: 'pads', inside: [12.25, 10.25, 8], count, caliper });
const stock: Pick<Stockroom, 'linerBoard' | 'offcuts'> = {
  linerBoard: BOARD,
  offcuts: [
    { lengthIn: 18, widthIn: 10, count: 1 },
    { lengthIn: 9, widthIn: 8, count: 2 },
  ],
};
const used = (count: number) => fromOffcuts([{ order: pads(count), times: 1 }], stock)!;

/** As the server answers. */
const KEPT = { verdicts: [{ path: 'stock/offcuts', kind: 'kept', revision: 8 }], whole: { ...SHOP, revision: 8 } };

test('it is said which offcut will do, and what needs a new sheet', async () => {
  const { container } = await draw(<CutFromThem used={used(2)} />);
  expect(screen.getAllByRole('listitem').map((line) => line.textContent)).toEqual([
    'Pad, 12 in × 10 in: of an offcut, 18 in × 10 in',
    'Pad, 12 in × 10 in: no offcut is large enough, cut it from a new sheet',
  ]);
  expect(await unreadable(container)).toEqual([]);
});

test('once it is cut, what is left of the offcut is noted in its place, and can be taken back', async () => {
  const kept: unknown[] = [];
  await draw(<CutFromThem used={used(1)} />, {
    answer: (method, path, body) => (method === 'PATCH' && path === '/api/shop/kept' ? (kept.push(body), KEPT) : null),
  });
  fireEvent.click(screen.getByRole('button', { name: 'It is cut so: note what is left' }));
  expect(screen.getByRole('status').textContent).toContain('what is left is noted');
  expect(screen.getByRole('button', { name: 'Take it back' })).toBeTruthy();
  await waitFor(() => expect(kept).toHaveLength(1));
  expect(kept).toMatchObject([
    {
      changes: [
        {
          path: 'stock/offcuts',
          value: [
            { lengthIn: 9, widthIn: 8, count: 2 },
            { lengthIn: 10, widthIn: 6, count: 1 },
          ],
        },
      ],
    },
  ]);
});

test('of another board no offcut will do, and of none nothing is said', () => {
  expect(fromOffcuts([{ order: { ...pads(1), caliper: caliper * 2 } as CutOrder, times: 1 }], stock)).toBeNull();
  expect(fromOffcuts([{ order: pads(1), times: 1 }], { ...stock, offcuts: [] })).toBeNull();
  expect(fromOffcuts([{ order: { kind: 'core', inside: [9, 4, 4], diameter: 3, wall: 0.06 }, times: 1 }], stock)).toBeNull();
});
