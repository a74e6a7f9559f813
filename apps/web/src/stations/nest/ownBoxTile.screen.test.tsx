import { fireEvent, screen } from '@testing-library/react';
import { renderToStaticMarkup } from 'react-dom/server';
import { derivePlan, nextBestChanges, planBundles, planOfBundle, writeBenchSteps, type PlanChoice } from '@inch-nest/core';
import { box, request, STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { NestDrawing } from '../../drawings/NestDrawing.tsx';
import { nestView, VIEW_AXES } from '../../drawings/nestGeometry.ts';
import { peeledParts } from '../../drawings/peeledParts.ts';
import { StepDrawing } from '../../drawings/StepDrawing.tsx';
import { nestInHandOf } from '../../parcel/bundleInHand.ts';
import { openingSteps } from '../../server/papers/openingSteps.ts';
import { changeWords } from '../../words/changeWords.ts';
import { faultWords } from '../../words/faultWords.ts';
import { writersFor } from '../../words/writers.ts';
import { wrapWords } from '../../words/wrapWords.ts';
import { OwnBoxTile } from './OwnBoxTile.tsx';

const one = request(
  { archetype: 'blownGlass', lengthIn: 3, widthIn: 3, heightIn: 4, weightLb: 0.5, ownBoxIn: [6, 6, 7] },
  { stock: { boxes: [box([6, 6, 7]), box([5, 5, 5]), box([8, 8, 8], { onHand: 0 }), box([20, 16, 14])] } },
);
const [piece] = one.order.pieces;
const pieces = [0, 1].map((at) => ({
  ...piece!,
  id: `00000000-0000-4000-8000-00000000001${at}`,
  title: ['jar', 'lid'][at]!,
  ownBoxIn: at === 0 ? piece!.ownBoxIn : null,
}));
const two = { ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
const LAYERS = [{ material: 'largeBubble', turns: 1 }];
const SMALL = { box: '6x6x7', fill: STOCK.fills[1]!.key };
const LID: NonNullable<PlanChoice['others']>[number] = { layers: LAYERS, orientation: [0, 1, 2] };
const nestWith = (by: Partial<PlanChoice> = {}) =>
  nestOf(two, (choice) => ({
    ...choice,
    box: '20x16x14',
    inner: null,
    layers: LAYERS,
    orientation: [0, 1, 2],
    others: [LID],
    stand: { along: 0, parts: [0, 1] },
    ...by,
  }));
const tile = async (at: number, by: Partial<PlanChoice> = {}) => {
  const { nest, taken } = nestWith(by);
  const inHand = nestInHandOf(nest, at);
  const drawn = await draw(<OwnBoxTile plan={inHand.plan!} nest={inHand} choice={inHand.choice!} whole={nest} />);
  return { ...drawn, nest, taken };
};
const open = () => fireEvent.mouseDown(screen.getByRole('combobox', { name: 'A box of its own' }));

test('none until somebody takes one; it is offered what it goes into and the one it came in, with a fill that goes in', async () => {
  const { container, taken } = await tile(0);
  expect(await unreadable(container)).toEqual([]);
  open();
  // 3.9 × 3.9 × 4.9 goes into neither 5 × 5 × 5 snugly and upright nor into what none is left of
  expect(screen.getAllByRole('option').length).toBeGreaterThan(0);
  expect(screen.queryByText(/8×8×8/)).toBeNull();
  expect(screen.getByText('the one it came in')).toBeTruthy();
  fireEvent.click(screen.getByText('6×6×7 · 5 left'));
  expect(taken.at(-1)).toMatchObject({ boxed: { box: '6x6x7' }, baseGapIn: null });
  expect(taken.at(-1)!.others![0]!.boxed).toBeUndefined();
});

test('the second has one of its own; not that of the first', async () => {
  const { taken } = await tile(1, { boxed: SMALL });
  open();
  expect(screen.queryByText('the one it came in')).toBeNull();
  fireEvent.click(screen.getByText('6×6×7 · 5 left'));
  expect(taken.at(-1)).toMatchObject({ boxed: SMALL, others: [{ boxed: { box: '6x6x7' } }] });
});

test('its fill is changed and it is taken out again', async () => {
  const { taken } = await tile(0, { boxed: SMALL });
  expect(screen.getByText(/3 7\/8 × 3 7\/8 × 4 7\/8 in goes into 6 × 6 × 7 in/)).toBeTruthy();
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Fill of its own box' }));
  fireEvent.click(screen.getByText(`${STOCK.fills[0]!.name} inside`));
  expect(taken.at(-1)!.boxed).toEqual({ box: '6x6x7', fill: STOCK.fills[0]!.key });
  open();
  fireEvent.click(screen.getByText('none: it goes in as it is wrapped'));
  expect(taken.at(-1)!.boxed).toBeNull();
});

function stepsOf(choice: PlanChoice) {
  const derived = derivePlan(two, choice);
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writeBenchSteps(derived.option, two.house);
}

describe('how it is drawn and told', () => {
  const { nest } = nestWith({ boxed: SMALL });
  const plan = nest.plan!;

  test.each(['above', 'front', 'side'] as const)('from %s: its box to scale round its wraps, the other without one', (name) => {
    const [across, up] = VIEW_AXES[name];
    const { own, layers } = nestView(plan, name);
    const size = ({ w, h }: { w: number; h: number }) => [w, h];
    expect(size(own!.outside)).toEqual([across, up].map((axis): unknown => expect.closeTo(plan.bundleIn[axis], 9)));
    expect(size(own!.inside)).toEqual([across, up].map((axis) => [6, 6, 7][axis]));
    expect(size(layers[0]!)).toEqual([across, up].map((axis): unknown => expect.closeTo(plan.boxed!.withinIn[axis], 9)));
    expect(nestView(plan, name, 1).own).toBeNull();
    const markup = renderToStaticMarkup(
      <NestDrawing
        shows={name === 'side' ? ['front', 'side'] : ['above', 'front']}
        plan={plan}
        width={766}
        leastGapIn={2}
        pull={null}
        write={(inches) => inches.toFixed(1)}
      />,
    );
    // in each of the two sections that are shown
    expect(markup.match(/data-part="own-box"/g)).toHaveLength(2);
  });

  test('peeled apart its fill and its box come after its wraps, and only where it is in hand', () => {
    const kinds = peeledParts(plan).map(({ kind, key }) => `${kind} ${key}`);
    expect(kinds.indexOf('innerBox own-6x6x7')).toBe(kinds.indexOf(`fill fill-own-${SMALL.fill}`) + 1);
    expect(kinds.indexOf('layer largeBubble')).toBeLessThan(kinds.indexOf('innerBox own-6x6x7'));
    expect(peeledParts(plan, planOfBundle(plan, 1)).some(({ kind }) => kind === 'innerBox')).toBe(false);
  });

  test('a step at its box shows it in its box; one before does not', () => {
    const steps = stepsOf(nest.choice!);
    const drawn = (title: string) => {
      const step = steps.find((each) => each.title === title)!;
      return renderToStaticMarkup(
        <StepDrawing plan={plan} picture={step.picture} bundle={0} width={420} write={(inches) => inches.toFixed(1)} />,
      );
    };
    expect(drawn('A, close its box')).toContain('own-box');
    expect(drawn('A, close its box')).toContain('the bundle in its own box');
    expect(drawn('A, feel')).not.toContain('own-box');
  });

  test('in words: at the nest, on the opening card, as a change and as a fault', () => {
    expect(wrapWords(plan, 'no wrap')).toBe('A: 1 large bubble, in 6×6×7 of its own; B: 1 large bubble');
    expect(openingSteps(plan)).toContain(
      'A, jar: open its box the same way and lift it out. Unwind 1 turn of large bubble; the tape peels off.',
    );
    expect(openingSteps(plan).join()).not.toContain('B, lid: open its box');
    const said = nextBestChanges(two, nest.choice!).map(({ change }) => changeWords(change, { request: two, choice: nest.choice }));
    expect(said).toContain('jar: without a box of its own');
    const tight = nestWith({ boxed: { box: '5x5x5', fill: SMALL.fill }, layers: [{ material: 'largeBubble', turns: 2 }] }).nest.plan!;
    const { title } = faultWords(tight.faults[0]!, tight, writersFor('imperial', 'USD'));
    expect(title).toBe('jar: it does not go into its own box.');
    expect(planBundles(tight)[0].boxed!.key).toBe('5x5x5');
  });
});
