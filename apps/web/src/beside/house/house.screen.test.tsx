import { fireEvent, screen } from '@testing-library/react';
import { BEDDED_HOUSE, type House } from '@inch-nest/core';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { HouseFigures } from './HouseFigures.tsx';
import { ModelConstants } from './ModelConstants.tsx';

const CARE = 'Care: how many times its loss a broken piece counts';
const BEDDING = 'Least bedding round a bundle';
let kept: Partial<House>[];
beforeEach(() => (kept = []));
const figures = (house: House = BEDDED_HOUSE, person = 'odile') =>
  draw(<HouseFigures house={house} onChange={(part) => kept.push(part)} />, { person });
const type = (label: string, text: string) => {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
};

test('the figures of the house and of the model can be read by a machine', async () => {
  const first = await figures();
  expect(await unreadable(first.container)).toEqual([]);
  first.unmount();
  const second = await draw(<ModelConstants />);
  expect(await unreadable(second.container)).toEqual([]);
});

test('each says where it comes from; none is marked while it is the default', async () => {
  await figures();
  const rows = screen.getAllByRole('listitem');
  expect(rows.filter((row) => row.className === 'own')).toEqual([]);
  expect(screen.queryByText(/● changed/)).toBeNull();
  expect(screen.getAllByText(/common practice, no source/).length).toBeGreaterThan(0);
  expect(screen.queryByRole('button', { name: 'All back to the default' })).toBeNull();
});

test('a changed one is marked, says the default, and goes back by itself or with the others', async () => {
  await figures({ ...BEDDED_HOUSE, care: 7, leastGapIn: 3 });
  expect(screen.getAllByText(/● changed; default/)).toHaveLength(2);
  fireEvent.click(screen.getByRole('button', { name: `Back to the default: ${CARE}` }));
  fireEvent.click(screen.getByRole('button', { name: 'All back to the default' }));
  expect(kept).toEqual([{ care: BEDDED_HOUSE.care }, { care: BEDDED_HOUSE.care, leastGapIn: BEDDED_HOUSE.leastGapIn }]);
});

test.each(['-1', '1000', 'a lot'])('care of “%s” is refused in its place', async (wrong) => {
  await figures();
  type(CARE, wrong);
  expect(screen.getByText(/^✗/)).toBeTruthy();
  expect(kept).toEqual([]);
});

test('bedding is told in the person’s own units', async () => {
  await figures(BEDDED_HOUSE, 'tam');
  type(BEDDING, '7.62');
  expect(kept).toEqual([{ leastGapIn: expect.closeTo(3, 6) as number }]);
});

test('an amount from which a signature is wanted: never until one is written, and never again when it is wiped out', async () => {
  const asked = 'The venue wants a signature from a sale of';
  const { unmount } = await figures({ ...BEDDED_HOUSE, signatureFromMinor: null });
  type(asked, '750');
  unmount();
  await figures({ ...BEDDED_HOUSE, signatureFromMinor: 75_000 });
  type(asked, '');
  expect(kept).toEqual([{ signatureFromMinor: 75_000 }, { signatureFromMinor: null }]);
});

test('a test the bench makes besides is ticked and unticked, the others stay', async () => {
  const { unmount } = await figures({ ...BEDDED_HOUSE, extraTests: ['bounce'] });
  fireEvent.click(screen.getByRole('checkbox', { name: /lifts the box by its taped seam/ }));
  unmount();
  await figures({ ...BEDDED_HOUSE, extraTests: ['bounce', 'tapeLoad'] });
  fireEvent.click(screen.getByRole('checkbox', { name: /bounces the box/ }));
  expect(kept).toEqual([{ extraTests: ['bounce', 'tapeLoad'] }, { extraTests: ['tapeLoad'] }]);
});
