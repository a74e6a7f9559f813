import { screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { NestStepField } from './NestStepField.tsx';

const BOWLS = { count: 4, lengthIn: 12, widthIn: 12, heightIn: 6, weightLb: 4 };
const shown = (nestStepIn: number | null, person?: string) =>
  draw(<NestStepField parcel={parcelOf(request({ ...BOWLS, nestStepIn }))} />, person ? { person } : {});

test.each([
  [null, 'like bowls in one another: how much higher one more makes them'],
  // 6 + 3 · 1 1/2, by hand
  [1.5, '4 in one another stand 10 1/2 in high, bare'],
  [6, 'no less than its height: they do not go into one another'],
])('a step of %p in: %s', async (stepIn, words) => {
  await shown(stepIn);
  expect(screen.getByLabelText('One in another: each further adds')).toBeTruthy();
  expect(screen.getByText(words)).toBeTruthy();
});

test('in the units of whoever reads it', async () => {
  await shown(1.5, 'tam');
  expect(screen.getByText('4 in one another stand 26.7 cm high, bare')).toBeTruthy();
});
