import { fireEvent, screen } from '@testing-library/react';
import { renderToStaticMarkup } from 'react-dom/server';
import { derivePlan, type PlanChoice } from '@inch-nest/core';
import { box, request, STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { NestDrawing } from '../../drawings/NestDrawing.tsx';
import { openingSteps } from '../../server/papers/openingSteps.ts';
import { changeWords } from '../../words/changeWords.ts';
import { faultWords } from '../../words/faultWords.ts';
import { wrapWords } from '../../words/wrapWords.ts';
import { writersFor } from '../../words/writers.ts';
import { LayerTiles } from './LayerTiles.tsx';

// A pane of glass that may lie in an envelope of the shop's own before it goes into its box.
const pane = request(
  { archetype: 'glazedFlat', title: 'pane', lengthIn: 6, widthIn: 4, heightIn: 0.2, weightLb: 0.5, hardPoints: [] },
  {
    stock: {
      boxes: [
        ...STOCK.boxes,
        box([9, 6, 1.5], { key: 'padded', name: '9×6, padded envelope', style: 'padded', priceMinor: 38 }),
        box([5, 3, 1], { key: 'small', name: '5×3, padded envelope', style: 'padded', priceMinor: 20 }),
      ],
    },
  },
);
const LARGE = { material: 'largeBubble', turns: 1 };
const PADDED = { material: 'padded', turns: 1 };
const nestWith = (...layers: PlanChoice['layers']) => nestOf(pane, (choice) => ({ ...choice, inner: null, box: '12x12x12', layers }));
const tiles = async (...layers: PlanChoice['layers']) => {
  const { nest, taken } = nestWith(...layers);
  const drawn = await draw(<LayerTiles plan={nest.plan!} nest={nest} choice={nest.choice!} />);
  return { ...drawn, taken };
};
const open = () => fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Another layer' }));

test('among what may be added stands an envelope that takes it, and none that is too small', async () => {
  const { taken } = await tiles(LARGE);
  open();
  expect(screen.queryByText('5×3, padded envelope')).toBeNull();
  fireEvent.click(screen.getByText('9×6, padded envelope'));
  expect(taken.at(-1)!.layers).toEqual([LARGE, PADDED]);
});

// a turn of large bubble is 7/16 in thick, the padding 3/20: 6 + 7/8 + 3/10 in, and so on
test('it has no turns, no half of one and no face doubled; − takes it away, and no second goes round it', async () => {
  const { container, taken } = await tiles(LARGE, PADDED);
  expect(await unreadable(container)).toEqual([]);
  const tile = screen.getByRole('group', { name: '9×6, padded envelope' });
  expect(tile.textContent).toMatch(/1 envelope.*closed along its flap; then 7 3\/16 × 5 3\/16 × 1 3\/8 in/);
  expect(tile.querySelector('details')).toBeNull();
  expect(screen.queryByRole('button', { name: /More the 9×6/ })).toBeNull();
  open();
  expect(screen.queryAllByText(/padded envelope/)).toHaveLength(1);
  fireEvent.click(screen.getByRole('button', { name: 'Without the 9×6, padded envelope' }));
  expect(taken.at(-1)!.layers).toEqual([LARGE]);
});

describe('how it is told', () => {
  const { nest } = nestWith(LARGE, PADDED);
  const plan = nest.plan!;
  const write = writersFor('imperial', 'USD');

  test('in the words of the wrap, of a change and of the opening card', () => {
    expect(wrapWords(plan, 'none')).toBe('1 large bubble, in the 9×6, padded envelope');
    const change = (turns: number) => changeWords({ kind: 'turns', material: 'padded', turns }, nest);
    expect([change(1), change(0)]).toEqual(['In the 9×6, padded envelope', 'Without the 9×6, padded envelope']);
    const steps = openingSteps(plan).join('\n');
    expect(steps).toMatch(/Slide it out of the 9×6, padded envelope; .*\n.*Unwind 1 turn of large bubble/);
  });

  test('too thick for it, the fault says so', () => {
    const derived = derivePlan(pane, { ...nest.choice!, layers: [{ ...LARGE, turns: 3 }, PADDED] });
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    const thick = nestWith({ ...LARGE, turns: 3 }, PADDED).nest.plan!;
    const words = faultWords(thick.faults[0]!, thick, write);
    expect(words.title).toBe('pane: it does not go into its envelope.');
    expect(words.says).toMatch(/^The bundle is 1 3\/8 in too deep: a larger envelope or a turn less\.$/);
  });

  test('drawn as one more layer, and named in the legend', () => {
    const markup = renderToStaticMarkup(
      <NestDrawing shows={['above', 'front']} plan={plan} width={766} leastGapIn={2} pull={null} write={(inches) => inches.toFixed(1)} />,
    );
    expect(markup).toContain('>Envelope<');
    expect(markup).toContain('1 turn of large bubble, the 9×6, padded envelope');
  });
});
