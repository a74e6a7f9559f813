import { act, fireEvent, screen, within } from '@testing-library/react';
import { stockAhead, stockValue, type StockAhead } from '@inch-nest/core';
import type { StockView, ToldMove } from '@inch-nest/contracts';
import { STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { MoveForm } from './MoveForm.tsx';
import { MovesSheet } from './MovesSheet.tsx';
import { OrderSheet } from './OrderSheet.tsx';

const TODAY = '2026-11-23';
const used = (kind: 'wrap' | 'box', key: string, amount: number, day: string) => ({
  kind,
  key,
  amount: -amount,
  why: 'used' as const,
  day,
  paidMinor: null,
  leadDays: null,
});
const AHEAD = stockAhead(
  STOCK,
  ['2026-11-03', '2026-11-10', '2026-11-17'].flatMap((day) => [used('wrap', 'smallBubble', 60, day), used('box', '8x8x8', 1, day)]),
  [
    { kind: 'box', key: '12x12x12', amount: 2 },
    { kind: 'wrap', key: 'smallBubble', amount: 50 },
  ],
  TODAY,
);
const VIEW: StockView = { today: TODAY, weeks: 4, ahead: AHEAD, valueMinor: stockValue(AHEAD), moves: [] };

describe('what to buy', () => {
  const sheet = (person = 'odile', came: (item: StockAhead) => void = () => undefined) =>
    draw(<OrderSheet stock={VIEW} weeks={4} onWeeks={() => undefined} onCame={came} />, { person });

  test('can be read by a machine', async () => {
    const { container } = await sheet();
    expect(await unreadable(container)).toEqual([]);
  });

  test('what is to be bought stands first, with how much of it and what that costs', async () => {
    await sheet();
    const [, first, ...rest] = screen.getAllByRole('row');
    // 60 a week: a week’s wait and four weeks are 300, 50 are free: two rolls of 175
    expect(first!.textContent).toContain('Small bubble');
    expect(first!.textContent).toContain('2 rolls, 350.0 ft²');
    expect(first!.className).toBe('out');
    expect(rest.map((row) => within(row).getByRole('rowheader').textContent)).toContain('12×12×12');
    expect(screen.getAllByText('1')[0]!.parentElement!.textContent).toContain('to buy, about $35.00');
  });

  test('what nothing goes of and nobody keeps is not listed', async () => {
    await sheet();
    expect(screen.queryByText('16×14×12')).toBeNull();
  });

  test('in metres for whoever reads metres', async () => {
    await sheet('tam');
    expect(screen.getAllByRole('row')[1]!.textContent).toContain('2 rolls, 32.52 m²');
  });

  test('a delivery is told of the row it stands in', async () => {
    const came: StockAhead[] = [];
    await sheet('odile', (item) => came.push(item));
    fireEvent.click(screen.getByRole('button', { name: 'Small bubble came' }));
    expect(came.map(({ key }) => key)).toEqual(['smallBubble']);
  });
});

describe('what came or went', () => {
  let told: ToldMove[];
  beforeEach(() => (told = []));
  const form = (item: string | null, person = 'odile') => draw(<MoveForm item={item} onTell={(move) => told.push(move)} />, { person });
  const type = (label: RegExp | string, text: string) => {
    const field = screen.getByLabelText(label);
    fireEvent.change(field, { target: { value: text } });
    fireEvent.blur(field);
  };

  test('a roll that came: how much, what it cost, from whom, how long it took', async () => {
    await form('wrap smallBubble');
    expect(screen.getByLabelText<HTMLInputElement>('How much, ft²').value).toBe('175');
    type('Paid for all of it', '18.40');
    type('From', ' Ropewalk Paper Store ');
    type('Days it took', '9');
    fireEvent.click(screen.getByRole('button', { name: 'It came' }));
    expect(told).toEqual([
      { kind: 'wrap', key: 'smallBubble', why: 'received', amount: 175, paidMinor: 1840, supplier: 'Ropewalk Paper Store', leadDays: 9 },
    ]);
  });

  test('what is spoiled goes, and asks for no price', async () => {
    await form('box 8x8x8');
    fireEvent.click(screen.getByText('Spoiled'));
    type('How much', '3');
    expect(screen.queryByLabelText('Paid for all of it')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'It is spoiled' }));
    expect(told).toMatchObject([{ kind: 'box', why: 'spoiled', amount: -3, paidMinor: null, supplier: null, leadDays: null }]);
  });

  test('typed in square metres it is kept in square feet', async () => {
    await form('wrap smallBubble', 'tam');
    type('How much, m²', '9.290304');
    fireEvent.click(screen.getByRole('button', { name: 'It came' }));
    // a square foot is 0.09290304 m², exactly
    expect(told[0]!.amount).toBeCloseTo(100, 9);
  });

  test('nothing is told before it is said of what', async () => {
    await form(null);
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'It came' }).disabled).toBe(true);
  });

  test('what is no amount stays with its reason, and nothing is told of it', async () => {
    await form('box 8x8x8');
    type('How much', 'some');
    expect(screen.getByText(/^✗/)).toBeTruthy();
  });
});

test('moves are listed with who told them, how much, and the parcel', async () => {
  const base = { at: '2026-11-22T09:30:00Z', personId: 'odile', parcel: null, paidMinor: null, supplier: null };
  const { container } = await draw(
    <MovesSheet
      moves={[
        { ...base, id: '1', kind: 'box', key: '8x8x8', why: 'received', amount: 25, paidMinor: 1550, supplier: 'Tidegate Board Mill' },
        { ...base, id: '2', kind: 'wrap', key: 'smallBubble', why: 'used', amount: -12.34, parcel: { id: 'p', code: 'SF86' } },
        { ...base, id: '3', kind: 'fill', key: 'gone', why: 'counted', amount: 4, personId: null },
      ]}
    />,
  );
  await act(() => Promise.resolve());
  const [, came, went, began] = screen.getAllByRole('row').map((row) => row.textContent);
  expect(came).toContain('came in from Tidegate Board Mill');
  expect(came).toContain('+25$15.50Odile Marsh');
  expect(went).toContain('used SF86');
  expect(went).toContain('−12.3 ft²');
  expect(began).toContain('as it began');
  expect(await unreadable(container)).toEqual([]);
});
