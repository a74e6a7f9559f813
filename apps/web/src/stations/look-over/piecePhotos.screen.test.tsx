import { act, fireEvent, screen } from '@testing-library/react';
import { request } from '../../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../../tests/screens/bench.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { PiecePhotos } from './PiecePhotos.tsx';

/** Something done, and all that comes of it at once. */
const settled = (what: () => void): Promise<void> =>
  act(async () => {
    what();
    await Promise.resolve();
  });

/** The station over a parcel without photographs; what is sent waits until a test answers it. */
async function standing() {
  const parcel = parcelOf(request());
  await draw(<PiecePhotos parcel={{ ...parcel, view: { ...parcel.view, photos: [] } }} />);
  const answers: ((status: number, body: unknown) => Promise<void>)[] = [];
  globalThis.fetch = () =>
    new Promise((resolve) => {
      answers.push((status, body) => settled(() => resolve({ ok: status < 400, status, json: () => Promise.resolve(body) } as Response)));
    });
  const pick = (name: string) =>
    settled(() => void fireEvent.change(screen.getByLabelText('Photographs'), { target: { files: [new File(['x'], name)] } }));
  return { answers, pick, refuse: (message: string) => [422, { problems: [{ path: 'picture', message }] }] as const };
}
const said = () => screen.queryAllByRole('alert').map(({ textContent }) => textContent);

test('of two picked one after the other each says why it was not taken, whichever is answered first', async () => {
  const { answers, pick, refuse } = await standing();
  await pick('first.jpg');
  await pick('second.jpg');
  expect(answers).toHaveLength(2);
  await answers[1]!(...refuse('cut short'));
  await answers[0]!(...refuse('no picture'));
  expect(said()).toEqual(['✗ second.jpg: cut short', '✗ first.jpg: no picture']);
});

test('what is taken meanwhile takes back nothing of what was refused; what is picked afterwards begins anew', async () => {
  const { answers, pick, refuse } = await standing();
  await pick('first.jpg');
  await pick('second.jpg');
  await answers[0]!(...refuse('no picture'));
  await answers[1]!(200, {});
  expect(said()).toEqual(['✗ first.jpg: no picture']);
  await pick('third.jpg');
  expect(said()).toEqual([]);
});
