import { fireEvent, screen, waitFor } from '@testing-library/react';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { OpenFile } from './OpenFile.tsx';

const gone: string[] = [];
jest.mock('next/navigation', () => ({
  ...jest.requireActual<object>('next/navigation'),
  useRouter: () => ({ push: (path: string) => gone.push(path) }),
}));
beforeEach(() => gone.splice(0));

const choose = (text: string, size?: number) => {
  const file = new File([text], 'parcel.json', { type: 'application/json' });
  Object.defineProperty(file, 'text', { value: () => Promise.resolve(text) });
  if (size) Object.defineProperty(file, 'size', { value: size });
  fireEvent.change(screen.getByLabelText('A parcel’s file'), { target: { files: [file] } });
};
const shown = (nest: string) => {
  const sent: unknown[] = [];
  return draw(<OpenFile />, {
    answer: (_, path, body) => {
      if (path !== '/api/parcels/file') return undefined;
      sent.push(body);
      return { id: 'new', nest };
    },
  }).then(() => sent);
};

test('what is opened is looked over next', async () => {
  const sent = await shown('kept');
  choose('{"format":"inch-nest-parcel"}');
  await waitFor(() => expect(gone).toEqual(['/parcels/new/look-over']));
  expect(sent).toMatchObject([{ personId: 'odile', file: '{"format":"inch-nest-parcel"}' }]);
});

test('a nest that cannot be made here is said before anything else, with the way on', async () => {
  await shown('left');
  choose('{}');
  expect(await screen.findByText(/cannot be made from this stockroom/)).toBeTruthy();
  expect(screen.getByRole('link', { name: /find another/ }).getAttribute('href')).toBe('/parcels/new/look-over');
  expect(gone).toEqual([]);
});

test('what is far too large is not sent', async () => {
  const sent = await shown('kept');
  choose('x', 2_000_000);
  expect(await screen.findByText(/larger than a parcel’s file/)).toBeTruthy();
  expect(sent).toEqual([]);
});
