import { act, fireEvent, screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { LaidDownAnswer } from '../../workers/planner.protocol.ts';
import { MayLie } from './MayLie.tsx';

let answer: LaidDownAnswer = { kind: 'laidDown', best: null };
const askedFor = jest.fn();
jest.mock('../../parcel/planner.ts', () => ({ planner: () => ({ laidDown: () => (askedFor(), Promise.resolve(answer)) }) }));

const FIGURE = { title: 'shepherdess', archetype: 'thinFigure', lengthIn: 4, widthIn: 4, heightIn: 7, weightLb: 1 } as const;
const figure = (more: object = {}) => request({ ...FIGURE, keepUpright: true, ...more });

async function shown(of = figure()) {
  const { nest } = nestOf(of);
  const kept: unknown[][] = [];
  const parcel = { ...parcelOf(of), keepField: (...said: unknown[]) => void kept.push(said) };
  const drawn = await draw(<MayLie parcel={parcel} nest={nest} />);
  await act(() => Promise.resolve());
  return { ...drawn, kept, nest };
}
beforeEach(() => {
  answer = { kind: 'laidDown', best: null };
  askedFor.mockClear();
});

test('what keeps its way up and would go for less lying: asked with money and chance, and one press', async () => {
  answer = { kind: 'laidDown', best: { costMinor: 900, expectedMinor: 910, chance: 1 / 400 } };
  const { container, kept, nest } = await shown();
  const says = screen.getByRole('status').textContent;
  expect(says).toMatch(/^Must it keep its way up\? Laid down it would go for \$9\.00 in place of \$\d+\.\d\d, 1 in 400 in place of /);
  expect(says).toContain((nest.recommended!.costMinor / 100).toFixed(2));
  fireEvent.click(screen.getByRole('button', { name: 'It may lie' }));
  expect(kept).toEqual([['piece', 'keepUpright', 'false']]);
  expect(await unreadable(container)).toEqual([]);
});

test('nothing is said where lying costs more, or breaks above the ceiling', async () => {
  answer = { kind: 'laidDown', best: { costMinor: 99_999, expectedMinor: 99_999, chance: 1 / 400 } };
  expect((await shown()).container.textContent).toBe('');
  answer = { kind: 'laidDown', best: { costMinor: 100, expectedMinor: 100, chance: 0.4 } };
  expect((await shown()).container.textContent).toBe('');
});

test('of what may lie anyhow nobody asks', async () => {
  await shown(figure({ keepUpright: false }));
  expect(askedFor).not.toHaveBeenCalled();
});
