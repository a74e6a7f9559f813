import { fireEvent, screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { pieceInHand } from '../../parcel/bundleInHand.ts';
import { StandsBeside } from './StandsBeside.tsx';

const [FRAME, WHEEL, SEAT] = ['10', '11', '12'].map((end) => `00000000-0000-4000-8000-0000000000${end}`) as [string, string, string];
let kept: unknown[][];
beforeEach(() => (kept = []));

async function shown(beside: string | null, ids: readonly string[] = [FRAME, WHEEL, SEAT]) {
  const of = request();
  const titles = ['frame', 'wheel', 'seat'];
  const pieces = ids.map((id, at) => ({ ...of.order.pieces[0]!, id, title: titles[at]!, beside: at === 1 ? beside : null }));
  const whole = {
    ...parcelOf({ ...of, order: { ...of.order, pieces }, pieceIds: [...ids] }),
    keepField: (...told: unknown[]) => kept.push(told),
  };
  await draw(<StandsBeside parcel={pieceInHand(whole, Math.min(1, ids.length - 1))} whole={whole} />);
}
const offered = () => {
  fireEvent.mouseDown(screen.getByLabelText('Stands next to'));
  return [...document.querySelectorAll<HTMLElement>('.ant-select-item-option-content')];
};

test('a wheel next to its frame: the others by their letters', async () => {
  await shown(null);
  const all = offered();
  expect(all.map(({ textContent }) => textContent)).toEqual(['any of them', 'A frame', 'C seat']);
  fireEvent.click(all[1]!);
  expect(kept).toEqual([['piece', 'beside', JSON.stringify(FRAME), 1]]);
});

test('taken back', async () => {
  await shown(SEAT);
  expect(screen.getByText('side by side, not one upon the other')).toBeTruthy();
  fireEvent.click(offered()[0]!);
  expect(kept).toEqual([['piece', 'beside', 'null', 1]]);
});

test('one that went in another box is told so; alone it is not asked', async () => {
  await shown('00000000-0000-4000-8000-0000000000ff');
  expect(screen.getByText('one that goes in another box')).toBeTruthy();
  document.body.innerHTML = '';
  await shown(null, [FRAME]);
  expect(screen.queryByLabelText('Stands next to')).toBeNull();
});
