import { act, fireEvent, screen } from '@testing-library/react';
import { ORDINARY_WRAPS } from '@inch-nest/core';
import { request, STOCK } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { StackedAnswer } from '../../workers/planner.protocol.ts';
import { StackFields } from '../look-over/StackFields.tsx';
import { MayNest } from './MayNest.tsx';
import { StackThem } from './StackThem.tsx';
import { StackTile } from './StackTile.tsx';

let answer: StackedAnswer = { kind: 'stacked', best: null };
const askedFor = jest.fn();
jest.mock('../../parcel/planner.ts', () => ({ planner: () => ({ stacked: () => (askedFor(), Promise.resolve(answer)) }) }));

const TILES = { title: 'tile', archetype: 'compactCeramic', lengthIn: 6, widthIn: 6, heightIn: 0.375, weightLb: 0.75, count: 6 } as const;
const stock = { ...STOCK, wraps: [...STOCK.wraps, { ...ORDINARY_WRAPS.foamSheet16, onHandFt2: 100 }] };
const tiles = (more: object = {}) => request({ ...TILES, ...more }, { stock });
const best = (costMinor: number, expectedMinor: number, chance = 1 / 400) =>
  ({ kind: 'stacked', best: { stackings: [{ at: 0, most: 3, interleaf: 'foamSheet16' }], costMinor, expectedMinor, chance } }) as const;

async function shown(of = tiles()) {
  const { nest } = nestOf(of);
  const kept: unknown[][] = [];
  const parcel = { ...parcelOf(of), keepField: (...said: unknown[]) => void kept.push(said) };
  const drawn = await draw(<StackThem parcel={parcel} nest={nest} />);
  await act(() => Promise.resolve());
  return { ...drawn, kept, nest };
}
beforeEach(() => {
  answer = { kind: 'stacked', best: null };
  askedFor.mockClear();
});

test('flat ones that go for less in stacks: what lies between, money and chance, and one press', async () => {
  answer = best(1500, 1520);
  const { container, kept, nest } = await shown();
  const says = screen.getByRole('status').textContent;
  expect(says).toMatch(
    /6 × tile in 2 stacks of 3, foam sheet 1\/16 between each two\. \$15\.00 in place of \$\d+\.\d\d, 1 in 400 in place of/,
  );
  expect(says).toContain((nest.recommended!.costMinor / 100).toFixed(2));
  fireEvent.click(screen.getByRole('button', { name: 'Stack them so' }));
  // the sheet first: never bare against one another
  expect(kept).toEqual([
    ['piece', 'interleaf', '"foamSheet16"'],
    ['piece', 'stackOf', '3'],
  ]);
  expect(await unreadable(container)).toEqual([]);
});

test('nothing is said of what is dearer so, or breaks above the ceiling', async () => {
  answer = best(999_999, 999_999);
  expect((await shown()).container.textContent).toBe('');
  answer = best(100, 100, 0.4);
  expect((await shown()).container.textContent).toBe('');
});

test('of what is no stack, or is one, nobody asks', async () => {
  await shown(tiles({ lengthIn: 2, widthIn: 2, heightIn: 2, weightLb: 0.3 }));
  await shown(tiles({ stackOf: 6, interleaf: 'foamSheet16' }));
  expect(askedFor).not.toHaveBeenCalled();
});

test('at Look over what lies between is asked for once they are stacked, and bare is said to be bare', async () => {
  await draw(<StackFields parcel={parcelOf(tiles())} />);
  expect(screen.queryByLabelText('Between each two')).toBeNull();
  await draw(<StackFields parcel={parcelOf(tiles({ stackOf: 3 }))} />);
  expect(screen.getByText('2 stacks: 3, 3')).toBeTruthy();
  expect(screen.getByLabelText('Between each two')).toBeTruthy();
  expect(screen.getByText(/^bare pieces that can break never share a wrap/)).toBeTruthy();
  await draw(<StackFields parcel={parcelOf(tiles({ stackOf: 3, interleaf: 'foamSheet16' }))} />);
  expect(screen.getByText(/^a sheet as large as they are/)).toBeTruthy();
});

test.each<[string, object, boolean]>([
  ['bowls side by side', { title: 'stoneware bowls' }, true],
  ['bowls of which it was said', { title: 'stoneware bowls', nestStepIn: 1 }, false],
  ['one bowl', { title: 'stoneware bowl', count: 1 }, false],
  ['tiles', {}, false],
])('of %s it is asked whether they go into one another: %p', async (_, more, asked) => {
  const of = request({ ...TILES, lengthIn: 2, widthIn: 2, heightIn: 2, count: 2, ...more }, { stock });
  const { container } = await draw(<MayNest parcel={parcelOf(of)} nest={nestOf(of).nest} />);
  expect(container.textContent).toBe(
    asked ? 'Do the stoneware bowls go into one another? Say what each further one adds, and they want less room.' : '',
  );
});

test('the nest says how many sheets, how large and how thick, and nothing of what is not stacked', async () => {
  const of = tiles({ stackOf: 3, interleaf: 'foamSheet16' });
  const { nest } = nestOf(of);
  const { container } = await draw(<StackTile plan={nest.plan!} parcel={parcelOf(of)} nest={nest} />);
  // 2 + 2 sheets of 6 × 6
  expect(container.textContent).toContain('stacks of 3 and 3; 4 sheets, 6 in × 6 in, 1/16 in thick');
  const single = nestOf(tiles({ count: 1 })).nest;
  expect((await draw(<StackTile plan={single.plan!} parcel={parcelOf(of)} nest={single} />)).container.textContent).toBe('');
});
