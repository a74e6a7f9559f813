import { fireEvent, screen } from '@testing-library/react';
import type { PartOf } from '@inch-nest/core';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { pieceInHand } from '../../parcel/bundleInHand.ts';
import { ComesOff } from './ComesOff.tsx';

const [LAMP, SHADE, FINIAL, BULB] = ['10', '11', '12', '13'].map((end) => `00000000-0000-4000-8000-0000000000${end}`) as [
  string,
  string,
  string,
  string,
];
let kept: unknown[][];
beforeEach(() => (kept = []));

/** A lamp, its shade in hand, and what screws that down. */
async function shown(shade: PartOf | null, finial: PartOf | null, ...bulb: PartOf[]) {
  const of = request();
  const pieces = [
    { id: LAMP, title: 'lamp', partOf: null },
    { id: SHADE, title: 'shade', partOf: shade },
    { id: FINIAL, title: 'finial', partOf: finial },
    ...bulb.map((partOf) => ({ id: BULB, title: 'bulb', partOf })),
  ].map((piece) => ({ ...of.order.pieces[0]!, ...piece }));
  const whole = {
    ...parcelOf({ ...of, order: { ...of.order, pieces }, pieceIds: pieces.map(({ id }) => id) }),
    keepField: (...told: unknown[]) => kept.push(told),
  };
  await draw(<ComesOff parcel={pieceInHand(whole, 1)} whole={whole} />);
}
const off = (pieceId: string, after: string | null = null): PartOf => ({ pieceId, after, loosens: '' });
const offered = (label: string) => {
  fireEvent.mouseDown(screen.getByLabelText(label));
  return [...document.querySelectorAll<HTMLElement>('.ant-select-item-option-content')];
};

test('a shade comes off its lamp, after the finial that comes off the same', async () => {
  await shown(off(LAMP), off(LAMP));
  const all = offered('Only after');
  expect(all.map(({ textContent }) => textContent)).toEqual(['nothing else', 'C finial']);
  fireEvent.click(all[1]!);
  expect(kept).toEqual([['piece', 'partOf', JSON.stringify(off(LAMP, FINIAL)), 1]]);
});

test('what waits for it is not offered, and what comes off nothing needs no order', async () => {
  await shown(off(LAMP), off(LAMP, SHADE));
  expect(screen.queryByLabelText('Only after')).toBeNull();
  document.body.innerHTML = '';
  await shown(null, off(LAMP));
  expect(screen.queryByLabelText('Only after')).toBeNull();
});

test('one that was picked and comes off something else since stays named, and is not offered', async () => {
  await shown(off(LAMP, FINIAL), off(SHADE), off(LAMP));
  expect(screen.getByText('C finial')).toBeTruthy();
  const all = offered('Only after');
  expect(all.map(({ textContent }) => textContent)).toEqual(['nothing else', 'D bulb', 'C finial']);
  fireEvent.click(all[2]!);
  expect(kept).toEqual([]);
  fireEvent.click(all[1]!);
  expect(kept).toEqual([['piece', 'partOf', JSON.stringify(off(LAMP, BULB)), 1]]);
});
