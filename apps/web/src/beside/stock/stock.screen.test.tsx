import { fireEvent, screen, within } from '@testing-library/react';
import { ORDINARY_FILLS, ORDINARY_WRAPS, type BoxStock, type FillStock, type WrapStock } from '@inch-nest/core';
import { box } from '../../../../../packages/core/tests/sampleRequest.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { BoxTable } from './BoxTable.tsx';
import { FillTable, WrapTable } from './MaterialTables.tsx';

const type = (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
};
const shown = (label: string) => screen.getByLabelText<HTMLInputElement>(label).value;

describe('boxes', () => {
  const CUBE = box([12, 12, 12]);
  const FLAT = box([16, 14, 12], { measuredOutsideIn: [16.5, 14.5, 13] });
  let kept: BoxStock[][];
  const table = (person = 'odile', boxes = [CUBE, FLAT]) =>
    draw(<BoxTable boxes={boxes} onChange={(next) => kept.push([...next])} />, { person });
  beforeEach(() => (kept = []));

  test('can be read by a machine', async () => {
    const { container } = await table();
    expect(await unreadable(container)).toEqual([]);
  });

  test('a count moves its own box alone', async () => {
    await table();
    type('12×12×12 on hand', '9');
    expect(kept).toEqual([[{ ...CUBE, onHand: 9 }, FLAT]]);
  });

  test('another inside takes its name along and forgets the outside that was measured', async () => {
    await table();
    type('Inside of 16×14×12', '16 x 14 x 10');
    expect(kept).toEqual([[CUBE, { ...FLAT, insideIn: [16, 14, 10], name: '16×14×10', measuredOutsideIn: null }]]);
  });

  test('an outside is measured, and emptied again where nobody knows it', async () => {
    await table();
    type('Built outside of 16×14×12', '');
    expect(kept).toEqual([[CUBE, { ...FLAT, measuredOutsideIn: null }]]);
    // slotted, one wall of 5/32 in on either side and two more above and below for the flaps
    expect(screen.getByLabelText<HTMLInputElement>('Built outside of 12×12×12').placeholder).toContain('≈');
  });

  test.each(['12 x 12', 'large', '12 x 12 x 500', '0 x 4 x 4'])('an inside of “%s” stays in its place with its reason', async (wrong) => {
    await table();
    type('Inside of 12×12×12', wrong);
    expect(screen.getByText(/^✗/)).toBeTruthy();
    expect(shown('Inside of 12×12×12')).toBe(wrong);
    expect(kept).toEqual([]);
  });

  test('in centimetres they are shown and typed in centimetres, and kept in inches', async () => {
    await table('tam');
    // 12 in is 30.48 cm, exactly (1959)
    expect(shown('Inside of 12×12×12')).toMatch(/^30\.5 × 30\.5 × 30\.5/);
    type('Inside of 12×12×12', '25.4 x 25.4 x 50.8');
    expect(kept[0]![0]!.insideIn.map((side) => Number(side.toFixed(6)))).toEqual([10, 10, 20]);
  });

  test('what is no longer kept goes, and a new one has a key of its own', async () => {
    await table();
    fireEvent.click(screen.getByRole('button', { name: 'No longer keep 12×12×12' }));
    fireEvent.click(screen.getByRole('button', { name: /Another box/ }));
    expect(kept[0]).toEqual([FLAT]);
    expect(kept[1]).toHaveLength(3);
    expect(new Set(kept[1]!.map(({ key }) => key)).size).toBe(3);
    expect(kept[1]![2]!.onHand).toBe(0);
  });

  test('one that is out is marked', async () => {
    await table('odile', [CUBE, { ...FLAT, onHand: 0 }]);
    expect(screen.getAllByRole('row').map((row) => row.className)).toEqual(['', '', 'out']);
  });
});

describe('wraps and fills', () => {
  const BUBBLE: WrapStock = { ...ORDINARY_WRAPS.smallBubble, onHandFt2: 100 };
  const MOULDED: FillStock = { ...ORDINARY_FILLS.mouldedFill, onHandFt3: 20 };
  let wraps: WrapStock[][];
  let fills: FillStock[][];
  beforeEach(() => ([wraps, fills] = [[], []]));
  const wrapTable = (person = 'odile') => draw(<WrapTable wraps={[BUBBLE]} onChange={(next) => wraps.push([...next])} />, { person });
  const fillTable = (person = 'odile') => draw(<FillTable fills={[MOULDED]} onChange={(next) => fills.push([...next])} />, { person });

  test('can be read by a machine', async () => {
    const first = await wrapTable();
    expect(await unreadable(first.container)).toEqual([]);
    first.unmount();
    const second = await fillTable();
    expect(await unreadable(second.container)).toEqual([]);
  });

  test('what is left is counted in square and cubic feet, or in square metres and litres', async () => {
    const { unmount } = await wrapTable('tam');
    const head = screen.getAllByRole('columnheader').map((cell) => cell.textContent);
    expect(head).toContain('Left, m²');
    // a square foot is 0.09290304 square metres, exactly
    fireEvent.change(screen.getByLabelText(`What is left of ${BUBBLE.name}`), { target: { value: '18.580608' } });
    fireEvent.blur(screen.getByLabelText(`What is left of ${BUBBLE.name}`));
    expect(wraps[0]![0]!.onHandFt2).toBeCloseTo(200, 6);
    unmount();
    await fillTable('odile');
    expect(screen.getAllByRole('columnheader').map((cell) => cell.textContent)).toContain('Left, ft³');
  });

  test('a new one is offered only where it is not kept yet', async () => {
    await wrapTable();
    fireEvent.mouseDown(within(screen.getByRole('combobox', { name: /Another/ }).parentElement!).getByRole('combobox'));
    const offered = screen.getAllByRole('option').map((option) => option.textContent);
    expect(offered).not.toContain(BUBBLE.name);
    expect(offered.length).toBeGreaterThan(0);
  });
});
