import { fireEvent, screen, within } from '@testing-library/react';
import { BOARD_GRADES, derivePlan, writePlanDocument } from '@inch-nest/core';
import { box, point, request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { FaultBanner } from './FaultBanner.tsx';
import { TogetherTile } from './TogetherTile.tsx';

const faults = async (asked: ReturnType<typeof request>, by: Parameters<typeof nestOf>[1]) => {
  const { nest } = nestOf(asked, by);
  await draw(<FaultBanner plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} />);
  return nest;
};

test('less bedding than the house wishes is said without alarm, with what keeping it would cost and bring', async () => {
  const by = (choice: Parameters<NonNullable<Parameters<typeof nestOf>[1]>>[0]) => ({
    ...choice,
    box: '10x10x10',
    newDepthIn: null,
    fill: 'mouldedFill',
  });
  await faults(request(), by);
  expect(screen.getByText(/Less bedding than wished/)).toBeTruthy();
  expect(screen.getByText(/the house wishes 2 in/)).toBeTruthy();
  expect(screen.getByText(/keeps it: 1 in [\d,]+ becomes 1 in [\d,]+, (costs|saves) \$/)).toBeTruthy();
  expect(screen.getByRole('alert').className).toContain('mind');
});

test('a gap into which nothing goes would rattle: the fill and the room it wants are named', async () => {
  await faults(request(), (choice) => ({ ...choice, box: '12x12x12', baseGapIn: 0.4, fill: 'mouldedFill' }));
  expect(screen.getByText(/It would rattle: nothing goes into the gap below\./)).toBeTruthy();
  expect(screen.getByText(/moulded loose fill wants 3\/4 in/)).toBeTruthy();
});

test('large bubble next to a bare handle does not follow it', async () => {
  const asked = request({ archetype: 'handledWare', hardPoints: [point('handle', 'right')] });
  await faults(asked, (choice) => ({
    ...choice,
    guards: {},
    layers: [{ material: 'largeBubble', turns: 3 }],
    box: '16x14x12',
    fill: 'mouldedFill',
  }));
  expect(screen.getByText('Large bubble does not follow the handle.')).toBeTruthy();
});

test('a box that is too small is taken as it was chosen, and says what must give so that it does', async () => {
  const asked = request({ lengthIn: 7, widthIn: 7, heightIn: 7 });
  const { nest, taken } = nestOf(asked, (choice) => ({
    ...choice,
    box: '8x8x8',
    newDepthIn: null,
    layers: [{ material: 'largeBubble', turns: 3 }],
  }));
  await draw(<FaultBanner plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} />);
  const offered = screen.getByRole('list', { name: 'What must give' });
  const fewer = within(offered).getByRole('button', { name: /less turns? of large bubble|turn less of large bubble|No large bubble/ });
  fireEvent.click(fewer);
  expect(taken.at(-1)!.box).toBe('8x8x8');
  expect(taken.at(-1)!.layers[0]?.turns ?? 0).toBeLessThan(3);
  // and it goes in then
  const derived = derivePlan(asked, taken.at(-1)!);
  expect(derived.kind === 'plan' && writePlanDocument(derived.option, asked.house).faults.map(({ kind }) => kind)).not.toContain(
    'tooSmall',
  );
});

test('with no service in reach the nest stands, and every lack of every service is said', async () => {
  const asked = request(
    { archetype: 'resinWood', lengthIn: 66, widthIn: 5, heightIn: 4, weightLb: 7 },
    { stock: { boxes: [box([72, 10, 10], { board: BOARD_GRADES.heavyDouble })] } },
  );
  const { nest } = nestOf(asked);
  await draw(<FaultBanner plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} />);
  expect(screen.getByText(/the price is agreed by hand/)).toBeTruthy();
  expect(screen.getByText(/Nearest: Ground of Ambry Ground would take it, were it .* shorter/)).toBeTruthy();
  expect(screen.getByText(/long, at most 48 in; length and girth .* at most 108 in/)).toBeTruthy();
  expect(screen.getByRole('alert').className).toContain('mind');
});

test('a box of which none is left asks to be fetched', async () => {
  const asked = request({}, { stock: { boxes: [box([12, 12, 12]), box([10, 10, 10], { onHand: 0 })] } });
  await faults(asked, (choice) => ({ ...choice, box: '10x10x10' }));
  expect(screen.getByText('None left of that box.')).toBeTruthy();
});

test('how several stand together is said with how much room it takes, and another way is taken with a press', async () => {
  const set = request({ count: 6, lengthIn: 3, widthIn: 3, heightIn: 5, weightLb: 0.6 });
  const { nest, taken } = nestOf(set, (choice) => ({ ...choice, box: '16x14x12', grid: [3, 2, 1] }));
  await draw(<TogetherTile plan={nest.plan!} nest={nest} />);
  expect(screen.getByText('6 bundles')).toBeTruthy();
  expect(screen.getByRole('group', { name: 'How they stand' }).textContent).toMatch(/3 × 2.*wraps touching; together/);
  const field = screen.getByRole('combobox', { name: 'How they stand' });
  fireEvent.mouseDown(field);
  const others = (await screen.findAllByRole('option')).filter((one) => one.textContent !== '3 × 2, one layer');
  expect(others.length).toBeGreaterThan(1);
  fireEvent.keyDown(field, { key: 'ArrowDown', keyCode: 40 });
  fireEvent.keyDown(field, { key: 'Enter', keyCode: 13 });
  const grid = taken.at(-1)!.grid!;
  expect(grid).not.toEqual([3, 2, 1]);
  expect(grid[0] * grid[1] * grid[2]).toBeGreaterThanOrEqual(6);
});

test('bare glass in one wrap is refused with its remedy', async () => {
  const set = request({ archetype: 'blownGlass', count: 6, stackOf: 6, lengthIn: 3, widthIn: 3, heightIn: 1, weightLb: 0.4 });
  await faults(set, (choice) => ({ ...choice, box: '16x14x12' }));
  expect(screen.getByText('Bare pieces in one wrap.')).toBeTruthy();
  expect(screen.getByText(/6 would lie against each other with nothing between: wrap each by itself/)).toBeTruthy();
});
