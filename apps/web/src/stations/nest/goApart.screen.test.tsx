import { fireEvent, screen, waitFor } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { nestOf, parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { BoxedWay } from '../../workers/planner.protocol.ts';
import { FaultBanner } from './FaultBanner.tsx';
import { GoApart } from './GoApart.tsx';

const six = request({ title: 'ginger jars', count: 6 });
const half = { holds: [{ at: 0, count: 3 }], box: '26×14×12', service: 'Ground', grossLb: 8.5 };
const way: BoxedWay = { parts: [half, half], costMinor: 5892, postageMinor: 3000, chance: 1 / 110, expectedMinor: 6057, minutes: 31 };

test('what nobody carries in one box goes in two by one press: what each holds, by what service, for how much', async () => {
  const sent: unknown[] = [];
  const { nest } = nestOf(request());
  const plan = { ...nest.plan!, faults: [{ kind: 'byHand', blocks: false, of: null, nearest: null, refusals: [] }] } as never;
  await draw(<FaultBanner plan={plan} parcel={parcelOf(six)} nest={nest} apart={way} />, {
    answer: (method, path, body) => {
      if (method === 'POST') sent.push([path, body]);
      return undefined;
    },
  });
  expect(screen.getByText('In two boxes they go by Ground:')).toBeTruthy();
  expect(screen.getByText(/3 × ginger jars in each of two boxes\. \$58\.92 in all, 1 in 110 that any breaks\./)).toBeTruthy();
  const press = () => fireEvent.click(screen.getByRole('button', { name: /Send in two boxes/ }));
  press();
  press(); // on a slow line nobody sees at once that it was pressed
  await waitFor(() =>
    expect(sent).toEqual([
      ['/api/parcels/parcel/pieces', { personId: 'odile', act: 'split', lots: [[{ bundleId: expect.any(String) as string, count: 3 }]] }],
    ]),
  );
});

test('where they go by different services each is told with its own', async () => {
  const apart: BoxedWay = { ...way, parts: [half, { ...half, holds: [{ at: 0, count: 2 }], service: 'Parcel' }] };
  await draw(<GoApart parcel={parcelOf(six)} way={apart} />);
  expect(screen.getByText(/3 × ginger jars by Ground; 2 × ginger jars by Parcel\./)).toBeTruthy();
});

test('against a box that can be sent it says how much more or less; what is sealed is only told', async () => {
  await draw(<GoApart parcel={parcelOf(six, { sealed: true })} way={way} nowMinor={5600} />);
  expect(screen.getByText(/\$58\.92 in all \(\$2\.92 more\)/)).toBeTruthy();
  expect(screen.queryByRole('button')).toBeNull();
});
