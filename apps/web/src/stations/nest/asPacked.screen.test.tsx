import { screen } from '@testing-library/react';
import type { ParcelLife } from '@inch-nest/core';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { AsPacked } from './AsPacked.tsx';
import { MethodBar } from './MethodBar.tsx';
import { NestTiles } from './NestTiles.tsx';

const asked = request();

async function drawn(life: Pick<ParcelLife, 'state' | 'sealed'>) {
  const { nest } = nestOf(asked);
  const { container } = await draw(
    <AsPacked life={life}>
      <NestTiles plan={nest.plan!} parcel={parcelOf(asked)} nest={nest} choice={nest.choice!} whole={nest} />
      <MethodBar nest={nest} />
    </AsPacked>,
  );
  const buttons = screen.getAllByRole<HTMLButtonElement>('button');
  const choices = screen.getAllByRole<HTMLInputElement>('combobox');
  return {
    container,
    pressable: [...buttons, ...choices].filter(({ disabled }) => !disabled).length,
    all: buttons.length + choices.length,
  };
}

test('an open nest is changed by every one of its tiles', async () => {
  const { pressable, all } = await drawn({ state: 'packing', sealed: false });
  expect(all).toBeGreaterThan(10);
  expect(pressable).toBeGreaterThan(all / 2);
  expect(screen.queryByText(/as it was packed|how it was packed/)).toBeNull();
});

test.each([
  ['sealed', { state: 'sealed', sealed: true }, /It is sealed: its nest stays as it was packed\. .* open it again at the bench\./],
  ['gone', { state: 'handedOver', sealed: true }, /It has left: this is how it was packed\./],
  ['gone without a ticked seal', { state: 'delivered', sealed: false }, /It has left/],
] as const)('of one that is %s nothing can be pressed; it says why, and is read all the same', async (_, life, says) => {
  const { container, pressable } = await drawn(life);
  expect(pressable).toBe(0);
  expect(screen.getByText(says)).toBeTruthy();
  expect(await unreadable(container)).toEqual([]);
});
