import { screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { MovedFigures } from './MovedFigures.tsx';

const asked = request();

/** The kept plan as it was, beside the same nest reckoned now. */
async function drawMoved(kept: (plan: NonNullable<ReturnType<typeof nestOf>['nest']['plan']>) => object) {
  const { nest } = nestOf(asked);
  const parcel = parcelOf(asked);
  const document = { ...nest.plan!, ...kept(nest.plan!) };
  const view = { ...parcel.view, nest: { ...parcel.view.nest, choice: nest.choice, plan: { id: 'p', number: 1, document } } };
  await draw(<MovedFigures parcel={{ ...parcel, view }} nest={nest} />);
}

test('figures that moved are said with both', async () => {
  await drawMoved(({ costMinor }) => ({ costMinor: costMinor - 200 }));
  expect(screen.getByText('Figures have moved')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Keep this nest' })).toBeTruthy();
});

test('where the law itself was amended it says so, and from which to which', async () => {
  await drawMoved(({ chance }) => ({ chance: chance * 2, coreVersion: '0.2.0' }));
  expect(screen.getByText('The reckoning has moved')).toBeTruthy();
  expect(screen.getByRole('status').textContent).toMatch(/amended, 0\.2\.0 to \d+\.\d+\.\d+/);
});

test('what has not moved says nothing', async () => {
  await drawMoved(() => ({}));
  expect(screen.queryByText(/moved/)).toBeNull();
});
