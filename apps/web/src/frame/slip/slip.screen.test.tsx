import { fireEvent, screen, within } from '@testing-library/react';
import { formatChance } from '@inch-nest/core';
import { point, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { Slip } from './Slip.tsx';

const JUG = request({ archetype: 'handledWare', hardPoints: [point('handle', 'right')] });
const shown = async (asked = JUG, by?: Parameters<typeof nestOf>[1], life = {}) => {
  const made = nestOf(asked, by);
  const drawn = await draw(<Slip parcel={parcelOf(asked, life)} nest={made.nest} />);
  return { ...made, ...drawn };
};
const money = (text: string) => Number(text.replace(/[^\d.]/g, ''));
const figureOf = (term: string | RegExp) => {
  const label = screen.getAllByText(term).find((one) => one.closest('dt'))!;
  return money(within(label.closest('div')!).getByText(/^−?\$/).textContent);
};

test('can be read by a machine', async () => {
  const { container } = await shown();
  expect(await unreadable(container)).toEqual([]);
});

test('the chance is that it breaks, with its range; the lines add up to the cost', async () => {
  const { nest } = await shown();
  expect(screen.getAllByText(formatChance(nest.plan!.chance)).length).toBeGreaterThan(0);
  expect(screen.getByText(/breaks on the way .* likely .* to .*\./)).toBeTruthy();
  const lines = [...document.querySelectorAll('.lines.money > div:not(.total) dd')].map((cell) => money(cell.textContent));
  expect(lines.reduce((sum, one) => sum + one, 0)).toBeCloseTo(figureOf('Cost'), 2);
});

test('what is put by is care times what is expected to be lost', async () => {
  const { nest } = await shown();
  expect(figureOf('Put by for breakage')).toBeCloseTo((nest.request.house.care * nest.plan!.riskMinor) / 100, 2);
});

test('on the recommended nest nothing stands as better that is only cheaper and riskier', async () => {
  const { nest } = await shown();
  const better = nest.changes.filter((change) => change.better);
  expect(screen.queryAllByText('Better still')).toHaveLength(better.length > 0 ? 1 : 0);
  for (const change of better) expect(change.expectedMinor).toBeLessThan(nest.plan!.expectedMinor);
});

test('a nest packed thin says what would be better; it is one press away', async () => {
  const asked = request({ archetype: 'compactCeramic' });
  const { nest, taken } = await shown(asked, (choice) => ({
    ...choice,
    layers: [{ material: 'largeBubble', turns: 1.5 }],
    box: '16x14x12',
  }));
  expect(nest.changes.some((change) => change.better)).toBe(true);
  const rows = document.querySelectorAll<HTMLElement>('.better-change');
  expect(rows.length).toBeGreaterThan(0);
  fireEvent.click(rows[0]!);
  expect(taken).toHaveLength(1);
});

test.each([
  ['after sealing', { sealed: true }],
  ['once it has left, sealed or not', { state: 'handedOver' }],
])('%s nothing is advised', async (_, life) => {
  await shown(JUG, (choice) => ({ ...choice, box: '16x14x12' }), life);
  expect(screen.queryByText('Better still')).toBeNull();
  expect(screen.queryByText(/No single change/)).toBeNull();
});

test('sending that costs more than it should says so, with the cheapest honest way', async () => {
  await shown(request({}, { soldMinor: 300 }));
  expect(screen.getByText(/^Sending costs \$.*the buyer paid \$15\.50 in all/)).toBeTruthy();
});

test('what is polished and bare is spoilt more often than it breaks, and both are said', async () => {
  await shown(request({ archetype: 'compactCeramic', finish: 'polished' }), (choice) => ({
    ...choice,
    layers: [{ material: 'largeBubble', turns: 2 }],
  }));
  expect(screen.getByText(/Spoilt, though whole: 1 in 50\./)).toBeTruthy();
});

test('where the ceiling makes a nest much dearer, the one it rules out is told and one press away', async () => {
  const made = nestOf(JUG);
  const found = made.nest.found as Extract<NonNullable<typeof made.nest.found>, { kind: 'planned' }>;
  const plan = made.nest.plan!;
  const ceiling = plan.chance;
  const dear = { ...plan, costMinor: 5013, nestCostMinor: 5013, expectedMinor: 5544 };
  const cheap = {
    ...plan,
    chance: ceiling * 1.3,
    costMinor: 3064,
    nestCostMinor: 3064,
    expectedMinor: 3645,
    choice: { ...plan.choice, box: 'flat' },
  };
  const nest = { ...made.nest, plan: dear, found: { ...found, ceiling, frontier: [cheap, dear] }, changes: [] };
  await draw(<Slip parcel={parcelOf(JUG)} nest={nest} />);
  const row = screen.getByRole('button', { name: /were it not for the ceiling of 1 in \d+/ });
  expect(row.textContent).toContain('−$19.49');
  expect(row.textContent).toContain(formatChance(cheap.chance));
  fireEvent.click(row);
  expect(made.taken).toEqual([cheap.choice]);
});
