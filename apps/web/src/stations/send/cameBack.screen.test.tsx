import { fireEvent, screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import { CameBack } from './CameBack.tsx';

const field = (value: unknown) => ({ text: '', value, revision: 1, draft: null, by: '' });
const SENT = { id: 'p1', of: 'piece', pieceId: 'p', step: null, width: 1, height: 1, marks: [], at: '2026-11-20T10:00:00Z', by: 'Odile' };

async function shown(life: object, { serial = 'No 118', seal = 'S4' }: { serial?: string | null; seal?: string | null } = {}) {
  const told: unknown[] = [];
  const sample = parcelOf(request(), { state: 'returned', cameBack: null, ...life });
  const parcel = {
    ...sample,
    view: { ...sample.view, photos: [SENT], piece: { ...sample.view.piece, serial: field(serial), seal: field(seal) } },
    report: (happening: unknown) => {
      told.push(happening);
      return Promise.resolve();
    },
  } as unknown as ParcelUse;
  return { told, ...(await draw(<CameBack parcel={parcel} />)) };
}
const finding = () => screen.getAllByRole<HTMLInputElement>('radio', { checked: true }).map((one) => one.value);

test('can be read by a machine', async () => expect(await unreadable((await shown({})).container)).toEqual([]));

test('nothing is looked at before it is back', async () => {
  const { container } = await shown({ state: 'handedOver' });
  expect(container.textContent).toBe('');
});

test('number and seal suggest a finding, and it is told as it stands', async () => {
  const { told } = await shown({});
  expect(screen.getByRole('group', { name: 'As it was sent' }).textContent).toContain('No 118, seal S4');
  fireEvent.change(screen.getByLabelText('Number on it'), { target: { value: 'no 118' } });
  expect(finding()).toEqual(['whole', 'same']);
  fireEvent.click(screen.getByRole('radio', { name: 'seal broken' }));
  expect(finding()).toEqual(['broken', 'opened']);
  fireEvent.change(screen.getByLabelText('Number on it'), { target: { value: '119' } });
  expect(finding()).toEqual(['broken', 'another']);
  fireEvent.click(screen.getByRole('button', { name: 'Note the finding' }));
  expect(told).toEqual([{ kind: 'returnLookedAt', serial: '119', seal: 'broken', finding: 'another' }]);
});

test('whoever looks has the last word; what is noted stands', async () => {
  const { told } = await shown({ cameBack: { serial: 'No 118', seal: 'whole', finding: 'same' } });
  expect(screen.getByRole('status').textContent).toBe('✓ Noted: the same piece, as it went');
  fireEvent.click(screen.getByRole('radio', { name: /^Nothing tells/ }));
  fireEvent.click(screen.getByRole('button', { name: 'Note it anew' }));
  expect(told).toMatchObject([{ finding: 'unclear', serial: 'No 118' }]);
});

test('without number and seal nothing is found, and no seal is asked about', async () => {
  const { told } = await shown({}, { serial: null, seal: null });
  expect(screen.queryByRole('radiogroup', { name: 'The seal is' })).toBeNull();
  expect(finding()).toEqual(['unclear']);
  fireEvent.click(screen.getByRole('button', { name: 'Note the finding' }));
  expect(told).toEqual([{ kind: 'returnLookedAt', serial: null, seal: 'none', finding: 'unclear' }]);
});
