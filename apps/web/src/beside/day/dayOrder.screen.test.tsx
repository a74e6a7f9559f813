import { screen, within } from '@testing-library/react';
import type { ShelfTag } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { leaveInHand } from '../../parcel/inHand.ts';
import { DayOrder } from './DayOrder.tsx';

const tag = (id: string, shipBy: string, state: string, more: Partial<ShelfTag> = {}): ShelfTag => ({
  id,
  code: id,
  title: `the ${id}`,
  tag: 'PB–OV',
  postcode: '40217',
  bin: null,
  shipBy,
  state,
  minutes: 12,
  tracking: null,
  ofSet: null,
  trouble: null,
  ...more,
});
const SHELF = [
  tag('urn', '2026-11-22', 'planned', { bin: 'A2' }),
  tag('jug', '2026-11-23', 'planned', { trouble: 'mendNest' }),
  tag('lamp', '2026-11-23', 'rated'),
  tag('bell', '2026-11-29', 'draft'),
  tag('gone', '2026-11-20', 'handedOver'),
];
const shown = (shelf = SHELF) =>
  draw(<DayOrder shelf={shelf} today="2026-11-23" />, { answer: (_, path) => (path === '/api/shelf' ? shelf : undefined) });
beforeEach(() => localStorage.clear());

test('can be read by a machine', async () => expect(await unreadable((await shown()).container)).toEqual([]));

test('what is due stands in order, each with what is next for it; what left is not asked for', async () => {
  await shown();
  const rows = screen.getAllByRole('listitem').map((row) => row.textContent);
  expect(rows).toHaveLength(3);
  expect(rows[0]).toMatch(/^A2the urn .*late.*pack it/);
  expect(rows[1]).toMatch(/mend its nest first/);
  expect(rows[2]).toMatch(/buy its label/);
  expect(screen.getByText(/3 to go, about 36 minutes .* 1 more are due later/)).toBeTruthy();
  expect(within(screen.getAllByRole('listitem')[1]!).getByRole('link').getAttribute('href')).toBe('/parcels/jug/nest');
});

test('a day with nothing due shows what comes next instead of nothing', async () => {
  await shown([tag('bell', '2026-11-29', 'draft')]);
  expect(screen.getByText(/Nothing is due today/)).toBeTruthy();
  expect(screen.getByRole('listitem').textContent).toMatch(/the bell/);
});

test('the one in hand is found where it was left, while it is still here', async () => {
  leaveInHand({ id: 'lamp', title: 'the lamp', href: '/parcels/lamp/send' });
  const first = await shown();
  expect(screen.getByRole('link', { name: /Go on: the lamp/ }).getAttribute('href')).toBe('/parcels/lamp/send');
  first.unmount();
  leaveInHand({ id: 'gone', title: 'the gone', href: '/parcels/gone/send' });
  await shown();
  expect(screen.queryByText(/Go on/)).toBeNull();
});

test.each(['not json', '{}', '{"id":"a","title":"a","href":"https://elsewhere"}'])(
  'what stands in the browser is not believed: %s',
  async (text) => {
    localStorage.setItem('inch-nest-in-hand', text);
    await shown();
    expect(screen.queryByText(/Go on/)).toBeNull();
  },
);
