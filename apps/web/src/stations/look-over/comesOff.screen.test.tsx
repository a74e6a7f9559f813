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
  return weighed([4, 1], shade, finial, ...bulb);
}

/** The same with what lamp and shade weigh, lb, and so many shades to one lamp. */
async function weighed(
  [lampLb, shadeLb, count = 1]: readonly [number, number, number?],
  shade: PartOf | null,
  finial: PartOf | null = null,
  ...bulb: PartOf[]
) {
  const of = request();
  const pieces = [
    { id: LAMP, title: 'lamp', partOf: null, weightLb: lampLb },
    { id: SHADE, title: 'shade', partOf: shade, weightLb: shadeLb, count },
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

describe('what a part weighs', () => {
  test('is taken off its whole where that was weighed with it, once', async () => {
    await weighed([4, 1], off(LAMP));
    fireEvent.click(screen.getByRole('button', { name: 'Was lamp weighed with it on? 3 lb without' }));
    expect(kept).toEqual([['piece', 'weight', '3 lb', 0]]);
    expect(screen.queryByRole('button', { name: /weighed with it/ })).toBeNull();
  });

  test('counts as often as there are of it', async () => {
    await weighed([4, 0.5, 2], off(LAMP));
    expect(screen.getByRole('button', { name: 'Was lamp weighed with it on? 3 lb without' })).toBeTruthy();
  });

  test.each([4, 5])('%d lb of a whole of 4 lb cannot have been on it', async (shadeLb) => {
    await weighed([4, shadeLb], off(LAMP));
    expect(screen.getByText(new RegExp(`${shadeLb} lb is no less than lamp weighs, 4 lb`))).toBeTruthy();
    expect(screen.queryByRole('button', { name: /weighed with it/ })).toBeNull();
  });

  test('is asked of none that comes off nothing', async () => {
    await weighed([4, 1], null);
    expect(screen.queryByRole('button', { name: /weighed with it/ })).toBeNull();
  });
});
