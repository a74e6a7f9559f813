import { act, fireEvent, screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf } from '../../../../../tests/screens/bench.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { EnoughAnswer } from '../../workers/planner.protocol.ts';
import { ShortHere } from './ShortHere.tsx';

let enough: EnoughAnswer = { kind: 'enough', best: null };
jest.mock('../../parcel/planner.ts', () => ({ planner: () => ({ withEnough: () => Promise.resolve(enough) }) }));

const counted = { ...request(), reserved: [] };
const uses = nestOf(counted).nest.plan!.uses!;
const wrap = uses.find(({ kind }) => kind === 'wrap')!;
/** All but a foot of its wrap is kept by others. */
const scarce = { ...counted, reserved: [{ ...wrap, amount: 99 }] };

async function drawShort(nest: ReturnType<typeof nestOf>['nest']) {
  const drawn = await draw(<ShortHere plan={nest.plan!} nest={nest} />);
  await act(() => Promise.resolve());
  return drawn;
}
beforeEach(() => (enough = { kind: 'enough', best: null }));

test('with enough of everything nothing is said', async () => {
  const { container } = await drawShort(nestOf(counted).nest);
  expect(container.textContent).toBe('');
});

test('a nest of what is short says so, and what is there instead is one press away', async () => {
  const { nest, taken } = nestOf(scarce, () => nestOf(counted).nest.choice!);
  const { container } = await drawShort(nest);
  expect(screen.getByRole('status').textContent).toMatch(/not enough for this nest.* wanted, 1\.0 ft² free/);
  fireEvent.click(screen.getByRole('button', { name: /Make it of what is there: .*1 in / }));
  expect(taken).toEqual([nest.recommended!.choice]);
  expect(await unreadable(container)).toEqual([]);
});

test('one that was made without what is short says what enough of it would change', async () => {
  const { nest } = nestOf(scarce);
  const short = [{ kind: 'wrap' as const, key: wrap.key, name: 'Large bubble', wanted: 5, onHand: 1, codes: [], without: [] }];
  enough = { kind: 'enough', best: { costMinor: nest.recommended!.costMinor - 120, chance: 1 / 400, short } };
  await drawShort(nest);
  expect(screen.getByText(/Large bubble: 5\.0 ft² wanted, 1\.0 ft² free/).textContent).toContain('save $1.20 and break 1 in 400');
});
