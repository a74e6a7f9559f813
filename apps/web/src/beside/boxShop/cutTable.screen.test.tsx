import { useState } from 'react';
import { fireEvent, screen, waitFor, within } from '@testing-library/react';
import { cutOf, type CutKind, type CutOrder } from '@inch-nest/core';
import { cutRequest } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw, keeping, SHOP } from '../../../../../tests/screens/shop.tsx';
import { sumsOf } from './cutFigures.ts';
import { COLLAR_FIELDS, CUT_KINDS, figureAt, forBox, ofKind, withFigure } from './cutKinds.ts';
import { CutTable } from './CutTable.tsx';

const KINDS = Object.keys(CUT_KINDS) as CutKind[];
const LOWER: CutOrder = { kind: 'lower', box: [16, 12, 12], newDepth: 9, caliper: 0.156 };

let orders: CutOrder[];
function Table({ first }: { first: CutOrder }) {
  const [order, setOrder] = useState(first);
  orders.push(order);
  return <CutTable order={order} onChange={setOrder} />;
}
const drawn = (first: CutOrder, person = 'odile') => {
  orders = [];
  return draw(<Table first={first} />, { person });
};
const type = (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
};
const figure = (says: string) => within(screen.getByText(says).closest('div')!).getByRole('definition').textContent;

test.each(KINDS)('%s: begins as an order that holds and can be cut; every figure it asks for is one it has', (kind) => {
  const order = CUT_KINDS[kind].begin([14, 11, 9], 0.156);
  expect(cutRequest.safeParse(order).success).toBe(true);
  expect(cutOf(order).parts.length).toBeGreaterThan(0);
  const fields = [...CUT_KINDS[kind].fields, ...(kind === 'collar' ? COLLAR_FIELDS.run : [])];
  for (const { path, least, most } of fields) {
    const value = figureAt(order, path);
    expect([path, value >= least && value <= most]).toEqual([path, true]);
    expect(figureAt(withFigure(order, path, value + 1), path)).toBe(value + 1);
  }
  // from any kind to any other the box stays the same
  for (const other of KINDS) expect(cutOf(ofKind(other, order, 0.156)).parts.length).toBeGreaterThan(0);
  for (const box of SHOP.stock.boxes) expect(typeof sumsOf(forBox(order, box), SHOP.stock.linerBoard, SHOP.house)).not.toBe('string');
});

test('a box cut down: slit, trim and flaps as the handbook of the box has them, figures typed in either measure', async () => {
  await drawn(LOWER);
  // style 0201: flaps of half the width; slit and trim what comes off the depth
  expect([figure('slit each corner by'), figure('flaps'), figure('trim off each flap')]).toEqual(['3 in', '6 in', '3 in']);
  expect(figure('inside afterwards')).toBe('16 × 12 × 9 in');
  expect(figure('bears on end')).toMatch(/^as much as before/);
  type('New depth', '20 cm');
  expect(orders.at(-1)).toMatchObject({ newDepth: expect.closeTo(20 / 2.54, 9) as number });
  // the other person reads centimetres
  const metric = await drawn(LOWER, 'tam');
  expect(within(metric.container).getByText('slit each corner by').nextSibling!.textContent).toBe('7.6 cm');
});

test('what cannot be cut says which figure, and the drawing goes; mended it is there again', async () => {
  const { container } = await drawn(LOWER);
  type('New depth', '14');
  expect(screen.getByRole('alert').textContent).toBe('That cannot be cut: the new depth must be above 0 and below 12, not 14.');
  expect(container.querySelector('.cut-figures')).toBeNull();
  type('New depth', '10');
  expect(figure('slit each corner by')).toBe('2 in');
  type('New depth', 'a lot');
  expect(screen.getByText(/^✗ /)).toBeTruthy();
  expect(orders.at(-1)).toMatchObject({ newDepth: 10 });
});

test('a second wall bears half as much again; a shorter box less, by the root of its round', () => {
  const bears = (order: CutOrder) => {
    const sums = sumsOf(order, SHOP.stock.linerBoard, SHOP.house);
    if (typeof sums === 'string') throw new Error(sums);
    return sums.bearsLbf!;
  };
  const liner = bears({ kind: 'liner', inside: [16, 12, 12], caliper: 0.156, faces: ['bottom', 'top', 'left', 'right', 'front', 'back'] });
  expect(liner.after / liner.before!).toBeCloseTo(1.5, 12);
  const shorter = bears({ kind: 'shorten', box: [16, 12, 12], side: 'length', new: 12, caliper: 0.156 });
  // McKee: the root of the perimeter of the outside
  expect(shorter.after / shorter.before!).toBeCloseTo(Math.sqrt((12 + 12 + 0.624) / (16 + 12 + 0.624)), 9);
});

test('cost is the sheet with a tenth of scrap and the minutes at the house’s hour', () => {
  const sums = sumsOf({ kind: 'cross', inside: [12, 9], height: 3, caliper: 0.156 }, SHOP.stock.linerBoard, { labourMinorPerHour: 1800 });
  if (typeof sums === 'string') throw new Error(sums);
  const strip = 15 - (0.156 * 12) / 9;
  expect(sums.boardFt2).toBeCloseTo((2 * strip * 3) / 144, 9);
  expect(sums.costMinor).toBeCloseTo(sums.boardFt2 * 1.1 * 14 + 2 * 30, 6);
});

test.each(KINDS)('%s can be read by a machine, and its papers are at the link', async (kind) => {
  const { container } = await drawn(CUT_KINDS[kind].begin([14, 11, 9], 0.156));
  expect(await unreadable(container)).toEqual([]);
  const links = [...container.querySelectorAll('.cut-acts a')].map(
    (link) => new URL(link.getAttribute('href')!, 'http://shop').searchParams,
  );
  expect(links.map((asked) => asked.get('as'))).toEqual(['pdf', 'svg', 'dxf']);
  for (const asked of links) expect(JSON.parse(asked.get('order')!)).toMatchObject({ kind });
});

test('a folded box joins the boxes on hand, and its board leaves the sheets; without board it says so', async () => {
  const folding: CutOrder = { kind: 'wrapAround', inside: [20, 10, 5], caliper: 0.156 };
  const { sent, answer } = keeping();
  await draw(<CutTable order={folding} onChange={() => undefined} />, { answer });
  fireEvent.click(screen.getByRole('button', { name: /^It is folded/ }));
  if (!SHOP.stock.linerBoard) throw new Error('the sample has sheet board');
  await waitFor(() => expect(sent.map(({ path }) => path)).toEqual(expect.arrayContaining([expect.stringMatching(/^boxes\/folded-/)])));
  expect(sent.some(({ path }) => path.startsWith('stock/linerBoard'))).toBe(true);
  expect(screen.getByText(/20×10×5, folded here: 1 on hand/)).toBeTruthy();
});
