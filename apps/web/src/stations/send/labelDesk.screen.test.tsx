import { fireEvent, screen } from '@testing-library/react';
import { BY_HAND } from '@inch-nest/core';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { LabelDesk } from './LabelDesk.tsx';

const RATED = { rate: { service: 'ground', serviceName: 'Ground', priceMinor: 2074 } };
const shown = (life: object, kept: boolean, labels: object[] = []) => {
  const parcel = parcelOf(request(), life);
  return draw(<LabelDesk parcel={{ ...parcel, view: { ...parcel.view, address: { kept, revision: 0 }, labels } } as ParcelUse} />);
};
const WARNS = /^Nobody wrote where it goes\. The label would bear the postcode alone/;

test('a label without an address is warned of before it is bought, and the address is written there', async () => {
  const { container } = await shown(RATED, false);
  expect(screen.getByRole('status').textContent).toMatch(WARNS);
  expect(screen.getByRole('region', { name: 'Buyer’s address' })).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Buy the label: Ground, $20.74' }));
  expect(await screen.findByText(/^Without an address on it\. This alone cannot be undone/)).toBeTruthy();
  expect(await unreadable(container)).toEqual([]);
});

test.each<[string, object, boolean, object[]]>([
  ['with an address', RATED, true, []],
  ['of a price by hand', { rate: { ...RATED.rate, service: BY_HAND } }, false, []],
  ['that is bought', RATED, false, [{ id: 'a', state: 'bought', serviceName: 'Ground', priceMinor: 2074, by: 'Odile', moved: [] }]],
  ['of what nobody rated', {}, false, []],
])('of a label %s nothing is asked', async (_, life, kept, labels) => {
  await shown(life, kept, labels);
  expect(screen.queryByText(/Nobody wrote where it goes/)).toBeNull();
  expect(screen.queryByRole('region', { name: 'Buyer’s address' })).toBeNull();
});
