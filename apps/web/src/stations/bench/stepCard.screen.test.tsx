import { useState } from 'react';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import type { BenchStep, CutOrder, PlanDocument } from '@inch-nest/core';
import { draw, keeping, SHOP } from '../../../../../tests/screens/shop.tsx';
import { StepCard } from './StepCard.tsx';

const { caliperIn: caliper } = SHOP.stock.linerBoard!.board;
const pad: CutOrder = { kind: 'pads', inside: [12.25, 10.25, 8], count: 1, caliper };
const stepOf = (key: string, more: Partial<BenchStep>): BenchStep => ({
  key,
  kind: 'do',
  phase: 'box',
  records: null,
  picture: { layers: 0, inBox: 'no' },
  title: `Step ${key}`,
  says: 'As drawn.',
  amounts: [],
  minutes: 1,
  test: null,
  ...more,
});
const CUTS = { cuts: [{ order: pad, times: 1 }] };
const withOffcuts = {
  ...SHOP,
  stock: {
    ...SHOP.stock,
    offcuts: [
      { lengthIn: 18, widthIn: 10, count: 1 },
      { lengthIn: 12, widthIn: 11, count: 1 },
    ],
  },
};
/** Nothing is drawn where nothing has a width. */
const card = (...stretch: BenchStep[]) => (
  <StepCard stretch={stretch} number={3} of={9} plan={{} as PlanDocument} used={[]} onUse={() => undefined}>
    <button type="button">Done</button>
  </StepCard>
);
const lines = () => screen.queryAllByRole('listitem').map(({ textContent }) => textContent);
const note = () => screen.queryByRole('button', { name: 'It is cut so: note what is left' });

test('a step says where it stands, what to do, and asks for its tick', async () => {
  await draw(card(stepOf('a', {})));
  expect(screen.getByRole('region', { name: 'The step in hand' }).textContent).toContain('Step 3 of 9 · do');
  expect(screen.getByRole('heading', { name: 'Step a' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Done' })).toBeTruthy();
});

test('a stretch of several is one card, each of them told', async () => {
  await draw(card(stepOf('a', { title: 'Fold' }), stepOf('b', { title: 'Tape' })));
  expect(screen.getByRole('region', { name: 'The step in hand' }).textContent).toContain('Steps 3 to 4 of 9');
  expect(lines()).toEqual(['Fold As drawn.', 'Tape As drawn.']);
});

test('what is cut is cut from the smallest offcut that holds it; one press notes that it is gone', async () => {
  const { sent, answer } = keeping();
  await draw(card(stepOf('cut', CUTS)), { answer, shop: withOffcuts });
  expect(lines()).toEqual(['Pad, 12 in × 10 in: of an offcut, 12 in × 11 in']);
  fireEvent.click(note()!);
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({ path: 'stock/offcuts', value: [{ lengthIn: 18, widthIn: 10, count: 1 }] });
});

test('the next step that is cut asks anew: what was noted for the one before is not noted for it', async () => {
  const { sent, answer } = keeping(withOffcuts);
  function InTurn() {
    const [key, setKey] = useState('cut');
    return (
      <>
        {card(stepOf(key, CUTS))}
        <button type="button" onClick={() => setKey('cut two')}>
          On
        </button>
      </>
    );
  }
  await draw(<InTurn />, { answer, shop: withOffcuts });
  fireEvent.click(note()!);
  expect(note()).toBeNull();
  await waitFor(() => expect(sent).toHaveLength(1));
  fireEvent.click(screen.getByRole('button', { name: 'On' }));
  await waitFor(() => expect(note()).toBeTruthy());
});

test('without offcuts, or with nothing to cut, nothing is said of them', async () => {
  const { unmount } = await draw(card(stepOf('cut', CUTS)));
  expect([lines(), note()]).toEqual([[], null]);
  unmount();
  await draw(card(stepOf('a', {})), { shop: withOffcuts });
  expect([lines(), note()]).toEqual([[], null]);
});
