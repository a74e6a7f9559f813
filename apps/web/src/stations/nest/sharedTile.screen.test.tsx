import { fireEvent, screen } from '@testing-library/react';
import { renderToStaticMarkup } from 'react-dom/server';
import { derivePlan, nextBestChanges, planOfBundle, tearList, writeBenchSteps, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import { box, request, STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { landedView } from '../../drawings/landingGeometry.ts';
import { NestDrawing } from '../../drawings/NestDrawing.tsx';
import { nestView, VIEW_AXES } from '../../drawings/nestGeometry.ts';
import { peeledParts } from '../../drawings/peeledParts.ts';
import { StepDrawing } from '../../drawings/StepDrawing.tsx';
import { openingSteps } from '../../server/papers/openingSteps.ts';
import { changeWords } from '../../words/changeWords.ts';
import { faultWords } from '../../words/faultWords.ts';
import { wrapWords } from '../../words/wrapWords.ts';
import { writersFor } from '../../words/writers.ts';
import { AroundTile } from './AroundTile.tsx';
import { SharedTile } from './SharedTile.tsx';

// Three bundles: a jar and its lid light, a base of iron.
const TUBE = box([36, 7, 7], { style: 'tube' });
const one = request(
  { archetype: 'blownGlass', lengthIn: 3, widthIn: 3, heightIn: 4, weightLb: 2, ownBoxIn: null, hardPoints: [] },
  { stock: { boxes: [box([10, 6, 7]), box([5, 5, 5]), box([8, 8, 8], { onHand: 0 }), box([12, 9, 9]), box([24, 18, 16]), TUBE] } },
);
const [piece] = one.order.pieces;
const pieces = [0, 1, 2].map((at) => ({
  ...piece!,
  id: `00000000-0000-4000-8000-00000000001${at}`,
  title: ['jar', 'lid', 'base'][at]!,
  ...(at === 2 ? { archetype: 'rigidMetal' as const, weightLb: 6 } : {}),
}));
const three = { ...one, order: { ...one.order, pieces }, pieceIds: pieces.map(({ id }) => id) };
const LAYERS = [{ material: 'largeBubble', turns: 1 }];
const FILL = STOCK.fills[1]!.key;
const SHARED = { of: [0, 1], box: '10x6x7', fill: FILL };
const OTHER: NonNullable<PlanChoice['others']>[number] = { layers: LAYERS, orientation: [0, 1, 2] };
const nestWith = (by: Partial<PlanChoice> = {}) =>
  nestOf(three, (choice) => ({
    ...choice,
    box: '24x18x16',
    inner: null,
    layers: LAYERS,
    orientation: [0, 1, 2],
    others: [OTHER, OTHER],
    stand: { along: 0, parts: [0, 1, 2] },
    ...by,
  }));
const tile = async (by: Partial<PlanChoice> = {}) => {
  const { nest, taken } = nestWith(by);
  const drawn = await draw(<SharedTile plan={nest.plan!} nest={nest} />);
  return { ...drawn, nest, taken };
};
const open = () => fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Box or core for some' }));
const isTicked = (name: string) => screen.getByRole<HTMLInputElement>('checkbox', { name }).checked;

test('none until somebody takes one: the light ones are offered what takes them both, and a core; never what is too small or out', async () => {
  const { container, taken } = await tile();
  expect(await unreadable(container)).toEqual([]);
  expect(['A', 'B', 'C'].map(isTicked)).toEqual([true, true, false]);
  open();
  expect(screen.queryByText(/5×5×5|8×8×8|24×18×16/)).toBeNull();
  expect(screen.getByText(/36×7×7, as a core/)).toBeTruthy();
  fireEvent.click(screen.getByText('10×6×7 · 5 left'));
  expect(taken.at(-1)).toMatchObject({ shared: { of: [0, 1], box: '10x6x7' }, baseGapIn: null });
});

test('who shares it is ticked; neither one alone nor all of them; those that it does not take get one that does', async () => {
  const { taken } = await tile({ shared: SHARED });
  fireEvent.click(screen.getByRole('checkbox', { name: 'B' }));
  expect(taken).toHaveLength(0);
  fireEvent.click(screen.getByRole('checkbox', { name: 'C' }));
  expect(taken).toHaveLength(0);
  expect(screen.getByText(/goes into 10 × 6 × 7 in; it stands among the others as 10 5\/16 × /)).toBeTruthy();
});

test('one alone is offered a core and no box; of one in a core the other may come too', async () => {
  const { taken, unmount } = await tile();
  fireEvent.click(screen.getByRole('checkbox', { name: 'B' }));
  expect(['A', 'B', 'C'].map(isTicked)).toEqual([true, false, false]);
  open();
  expect(screen.queryByText(/10×6×7|12×9×9/)).toBeNull();
  fireEvent.click(screen.getByText(/36×7×7, as a core/));
  expect(taken.at(-1)!.shared).toMatchObject({ of: [0], box: TUBE.key });
  unmount();
  const cored = await tile({
    shared: { of: [0], box: TUBE.key, fill: FILL },
    stand: { along: 1, parts: [0, { along: 0, parts: [1, 2] }] },
  });
  fireEvent.click(screen.getByRole('checkbox', { name: 'B' }));
  expect(cored.taken.at(-1)!.shared).toMatchObject({ of: [0, 1], box: TUBE.key });
});

test('its fill is changed and it is taken out again', async () => {
  const { taken } = await tile({ shared: SHARED });
  fireEvent.mouseDown(screen.getByRole('combobox', { name: 'Fill of the box they share' }));
  fireEvent.click(screen.getByText(`${STOCK.fills[0]!.name} inside`));
  expect(taken.at(-1)!.shared).toEqual({ ...SHARED, fill: STOCK.fills[0]!.key });
  open();
  fireEvent.click(screen.getByText('none: each goes in by itself'));
  expect(taken.at(-1)!.shared).toBeNull();
});

test('a wrap round some and a box for some are not chosen both', async () => {
  const { nest, taken } = nestWith({ shared: SHARED, around: { material: 'largeBubble', turns: 1 } });
  await draw(<AroundTile plan={nest.plan!} nest={nest} />);
  fireEvent.click(screen.getByRole('checkbox', { name: 'C' }));
  expect(taken.at(-1)).toMatchObject({ around: { of: [0, 1] }, shared: null });
});

describe('how it is drawn and told', () => {
  const { nest } = nestWith({ shared: SHARED });
  const plan: PlanDocument = nest.plan!;
  const shared = plan.shared!;

  test.each(['above', 'front', 'side'] as const)('from %s: to scale round both, the third outside of it', (name) => {
    const [across, up] = VIEW_AXES[name];
    const view = nestView(plan, name);
    expect([view.shared!.outside.w, view.shared!.outside.h]).toEqual(
      [shared.outsideIn[across], shared.outsideIn[up]].map((side): unknown => expect.closeTo(side, 9)),
    );
    expect([view.shared!.inside.w, view.shared!.inside.h]).toEqual(
      [shared.insideIn[across], shared.insideIn[up]].map((side): unknown => expect.closeTo(side, 9)),
    );
    const within = ({ x, y, w, h }: { x: number; y: number; w: number; h: number }) => {
      const { inside } = view.shared!;
      return x >= inside.x - 1e-9 && y >= inside.y - 1e-9 && x + w <= inside.x + inside.w + 1e-9 && y + h <= inside.y + inside.h + 1e-9;
    };
    expect([0, 1].map((at) => within(nestView(plan, name, at).bundle))).toEqual([true, true]);
    if (name !== 'side') expect(within(nestView(plan, name, 2).bundle)).toBe(false);
    const markup = renderToStaticMarkup(
      <NestDrawing shows={['above', 'front']} plan={plan} width={766} leastGapIn={2} pull={null} write={(inches) => inches.toFixed(1)} />,
    );
    expect(markup.match(/data-part="shared-box"/g)).toHaveLength(2);
    expect(markup).toContain('A and B in one box, 10×6×7');
  });

  test('a core is round where the eye looks along it', () => {
    const cored = nestWith({
      shared: { ...SHARED, box: TUBE.key },
      stand: { along: 1, parts: [{ along: 0, parts: [0, 1] }, 2] },
    }).nest.plan!;
    expect((['above', 'front', 'side'] as const).map((name) => nestView(cored, name).shared!.round)).toEqual([false, false, true]);
    expect(tearList([{ code: 'T', plan: cored }]).boxes).toContainEqual({
      name: TUBE.name,
      count: 1,
      codes: ['T'],
      cutIn: expect.closeTo(24 - 1 / 16, 9) as number,
    });
  });

  test('peeled apart both go into it before the third; with that in hand the shut box stands beside it', () => {
    const kinds = (at: number) => peeledParts(plan, planOfBundle(plan, at)).map(({ kind, key }) => `${kind} ${key}`);
    const [own, third] = [kinds(0), kinds(2)];
    const order = ['bundle B', `fill fill-shared-${FILL}`, 'innerBox shared-10x6x7', 'bundle C', 'box 24x18x16'].map((one) =>
      own.indexOf(one),
    );
    expect(order.every((at, i) => at > 0 && (i === 0 || at > order[i - 1]!))).toBe(true);
    expect(third).toContain('innerBox shared-10x6x7');
    expect(third.filter((one) => one.startsWith('bundle'))).toEqual([]);
  });

  test('at the bench it is drawn from the step at which it goes in', () => {
    const derived = derivePlan(three, nest.choice!);
    if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
    const steps = writeBenchSteps(derived.option, three.house);
    const drawn = (key: string) => {
      const { picture } = steps.find((step) => step.key === key)!;
      return renderToStaticMarkup(<StepDrawing plan={plan} picture={picture} width={420} write={(inches) => inches.toFixed(1)} />);
    };
    expect(drawn('box:base')).not.toContain('shared-box');
    const markup = drawn('box:in:1');
    expect(markup).toContain('shared-box');
    expect([...markup.matchAll(/data-bundle="(\w)"/g)].map(([, letter]) => letter).sort()).toEqual(['A', 'B']);
  });

  test('in a landing its fill gives within it, and it comes down on the outer one', () => {
    const still = landedView(plan, 'bottom', []).view;
    // bubble, its own fill, the outer one
    const landed = landedView(plan, 'bottom', [0.1, 0.2, 0.4]).view;
    expect(landed.shared!.outside.y - still.shared!.outside.y).toBeCloseTo(0.4, 9);
    expect(landed.bundle.y + landed.bundle.h - still.bundle.y - still.bundle.h).toBeCloseTo(0.6, 9);
    expect(landed.piece.y + landed.piece.h - still.piece.y - still.piece.h).toBeCloseTo(0.7, 9);
  });

  test('in words: at the nest, on the opening card, as a change and as a fault', () => {
    expect(wrapWords(plan, 'no wrap')).toMatch(/; A and B together in 10×6×7$/);
    const lift = openingSteps(plan).find((step) => step.startsWith('Lift out'));
    expect(lift).toBe('Lift out 3 bundles, one after the other: C, the box of A and B. Open the box of A and B the same way.');
    const boxes = { ...three, house: { ...three.house, innerBoxes: true } };
    const said = (choice: PlanChoice) =>
      nextBestChanges(boxes, choice).map(({ change }) => changeWords(change, { request: boxes, choice }));
    expect(said(nest.choice!)).toContain('Jar and lid: without the box they share');
    expect(said(nestWith().nest.choice!)).toContain('Jar and lid together in 10×6×7');
    const tight = nestWith({ shared: { ...SHARED, box: '5x5x5' } }).nest.plan!;
    const { title } = faultWords(tight.faults[0]!, tight, writersFor('imperial', 'USD'));
    expect(title).toBe('jar and lid: they do not go into the box they share, 5×5×5.');
  });
});
