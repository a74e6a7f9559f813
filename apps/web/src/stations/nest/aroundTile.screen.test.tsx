import { fireEvent, screen } from '@testing-library/react';
import { renderToStaticMarkup } from 'react-dom/server';
import { planBundles, type PlanChoice } from '@inch-nest/core';
import { box, request, STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { NestDrawing } from '../../drawings/NestDrawing.tsx';
import { openingSteps } from '../../server/papers/openingSteps.ts';
import { changeWords } from '../../words/changeWords.ts';
import { woundWords } from '../../words/wrapWords.ts';
import { AroundTile } from './AroundTile.tsx';

const six = request(
  { count: 6, archetype: 'blownGlass', lengthIn: 3, widthIn: 3, heightIn: 4, weightLb: 0.5 },
  { stock: { boxes: [box([20, 16, 14])] } },
);
const ROUND = { material: 'largeBubble', turns: 1 } as const;
const tile = async (by: Partial<PlanChoice> = {}) => {
  const { nest, taken } = nestOf(six, (choice) => ({ ...choice, box: '20x16x14', ...by }));
  const drawn = await draw(<AroundTile plan={nest.plan!} nest={nest} />);
  return { ...drawn, nest, taken };
};

test('several go in one by one until somebody takes a wrap round them all, and may be so again', async () => {
  const { container, taken, unmount } = await tile();
  expect(await unreadable(container)).toEqual([]);
  expect(screen.queryByRole('button', { name: /turns round them/ })).toBeNull();
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Wrapped together' }));
  fireEvent.click(screen.getByText('Large bubble'));
  expect(taken.at(-1)).toMatchObject({ around: ROUND, baseGapIn: null });
  unmount();
  const again = await tile({ around: ROUND });
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Wrapped together' }));
  fireEvent.click(screen.getByText('nothing: they go in one by one'));
  expect(again.taken.at(-1)!.around).toBeNull();
});

test('its turns go by halves, never to none, and what is torn is told', async () => {
  const { taken, nest, unmount } = await tile({ around: ROUND });
  const { around } = nest.plan!;
  expect(screen.getByText(/1 piece .+ long; they go in as one/)).toBeTruthy();
  const buttons = screen.getAllByRole('button').filter((one) => /turns round them/.test(one.getAttribute('aria-label') ?? ''));
  expect(buttons).toHaveLength(2);
  fireEvent.click(buttons[1]!);
  expect(taken.at(-1)!.around).toEqual({ ...ROUND, turns: 1.5 });
  fireEvent.click(buttons[0]!);
  expect(taken.at(-1)!.around).toEqual({ ...ROUND, turns: 0.5 });
  expect(around!.lengthIn).toBeGreaterThan(0);
  unmount();
  const least = await tile({ around: { ...ROUND, turns: 0.5 } });
  const [less] = screen.getAllByRole('button').filter((one) => /turns round them/.test(one.getAttribute('aria-label') ?? ''));
  fireEvent.click(less!);
  expect(least.taken.at(-1)!.around!.turns).toBe(0.5);
});

test('card goes round nothing, and what is out is not offered', async () => {
  const wraps = [
    ...STOCK.wraps.map((wrap) => (wrap.key === 'smallBubble' ? { ...wrap, onHandFt2: 0 } : wrap)),
    { ...STOCK.wraps[0]!, key: 'card', name: 'Backing card', stiff: true },
  ];
  const { nest } = nestOf({ ...six, stock: { ...six.stock, wraps } }, (choice) => ({ ...choice, box: '20x16x14' }));
  await draw(<AroundTile plan={nest.plan!} nest={nest} />);
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Wrapped together' }));
  const offered = [...document.querySelectorAll('.ant-select-item-option-content')].map(({ textContent }) => textContent);
  expect(offered).toContain('Large bubble');
  expect(offered.filter((one) => /card|Small bubble/.test(one ?? ''))).toEqual([]);
});

// the ring is as thick as its turns, outside every bundle, in both sections
test('it is drawn to scale round all of them, unwound first when the box is opened, and taken off as one change', () => {
  const { nest } = nestOf(six, (choice) => ({ ...choice, box: '20x16x14', around: ROUND }));
  const plan = nest.plan!;
  const markup = renderToStaticMarkup(
    <NestDrawing shows={['above', 'front']} plan={plan} width={766} leastGapIn={2} pull={null} write={(inches) => inches.toFixed(1)} />,
  );
  const [k] = [...markup.matchAll(/data-scale="([\d.]+)"/g)].map((match) => Number(match[1]));
  const rings = [...markup.matchAll(/data-part="around"[^>]*? width="([\d.]+)" height="([\d.]+)"/g)];
  expect(rings.map(([, width, height]) => [Number(width) / k!, Number(height) / k!])).toEqual([
    [expect.closeTo(plan.block.sizeIn[0], 6), expect.closeTo(plan.block.sizeIn[1], 6)],
    [expect.closeTo(plan.block.sizeIn[0], 6), expect.closeTo(plan.block.sizeIn[2], 6)],
  ]);
  const { at } = planBundles(plan)[0].block;
  expect(Math.min(...at.map(([x]) => x))).toBeCloseTo(plan.around!.thicknessIn, 9);
  expect(openingSteps(plan)).toContain(
    'Lift the whole out with both hands and unwind the large bubble that holds them together: 6 bundles come apart.',
  );
  expect(changeWords({ kind: 'unwound' }, { request: six, choice: null })).toBe('Without the wrap that holds them together');
});

describe('three different ones', () => {
  const [piece] = six.order.pieces;
  const pieces = [4, 5, 6].map((heightIn, at) => ({ ...piece!, id: `00000000-0000-4000-8000-00000000001${at}`, count: 1, heightIn }));
  const three = { ...six, order: { ...six.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
  const some = nestOf(three, (choice) => ({
    ...choice,
    box: '20x16x14',
    stand: { along: 0, parts: [0, 1, 2] },
    around: { ...ROUND, of: [0, 1] },
  }));

  test('which of them are wrapped together is ticked by their letters; never one alone', async () => {
    const { container } = await draw(<AroundTile plan={some.nest.plan!} nest={some.nest} />);
    expect(await unreadable(container)).toEqual([]);
    const ticks = ['A', 'B', 'C'].map((name) => screen.getByRole('checkbox', { name }));
    expect(ticks.map((one) => (one as HTMLInputElement).checked)).toEqual([true, true, false]);
    fireEvent.click(ticks[2]!);
    expect(some.taken.at(-1)!.around).toEqual(ROUND);
    const before = some.taken.length;
    fireEvent.click(ticks[0]!);
    expect(some.taken).toHaveLength(before);
  });

  test('it is drawn round those two alone, and the buyer lifts them out as one', () => {
    const plan = some.nest.plan!;
    const markup = renderToStaticMarkup(
      <NestDrawing shows={['above', 'front']} plan={plan} width={766} leastGapIn={2} pull={null} write={(inches) => inches.toFixed(1)} />,
    );
    const [k] = [...markup.matchAll(/data-scale="([\d.]+)"/g)].map((match) => Number(match[1]));
    const [ring] = [...markup.matchAll(/data-part="around"[^>]*? width="([\d.]+)" height="([\d.]+)"/g)];
    const two = planBundles(plan).slice(0, 2);
    const thick = 2 * plan.around!.thicknessIn;
    expect(Number(ring![1]) / k!).toBeCloseTo(two[0]!.bundleIn[0] + two[1]!.bundleIn[0] + thick, 6);
    expect(Number(ring![2]) / k!).toBeCloseTo(Math.max(...two.map(({ bundleIn }) => bundleIn[1])) + thick, 6);
    expect(woundWords(plan)).toBe('A and B');
    const steps = openingSteps(plan);
    expect(steps).toContain(
      'Lift out 3 bundles, one after the other: C, A and B as one. Unwind the large bubble that holds A and B together.',
    );
  });
});
