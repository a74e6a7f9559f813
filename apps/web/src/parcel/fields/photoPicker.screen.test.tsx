import { fireEvent, screen } from '@testing-library/react';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { PhotoPicker } from './PhotoPicker.tsx';

const got: string[] = [];
beforeEach(() => got.splice(0));
const picker = (name: string) => (
  <section aria-label={name}>
    <PhotoPicker label={`Photographs of the ${name}`} onPick={(files) => got.push(...files.map((file) => `${name}: ${file.name}`))}>
      Photograph it
    </PhotoPicker>
  </section>
);
const file = (name: string, type = 'image/jpeg') => new File(['x'], name, { type });
/** Dropped or pasted, as a browser tells it. */
const give = (kind: 'drop' | 'paste', on: Element, ...files: File[]) => {
  const event = new Event(kind, { bubbles: true, cancelable: true });
  Object.assign(event, { [kind === 'drop' ? 'dataTransfer' : 'clipboardData']: { files, types: ['Files'] } });
  on.dispatchEvent(event);
  return event;
};

test('with the camera, or from what was taken before', async () => {
  await draw(picker('urn'));
  fireEvent.change(screen.getByLabelText('Photographs of the urn'), { target: { files: [file('a.jpg')] } });
  expect(got).toEqual(['urn: a.jpg']);
  expect(screen.getByLabelText('Photographs of the urn').getAttribute('capture')).toBe('environment');
  expect(screen.getByRole('button', { name: 'From the gallery' })).toBeTruthy();
});

test('dropped, it belongs to the part of the page it fell on; pasted, to the first', async () => {
  await draw(
    <>
      {picker('urn')}
      {picker('jug')}
    </>,
  );
  give('drop', screen.getByRole('region', { name: 'jug' }), file('b.png', 'image/png'));
  give('paste', document.body, file('c.webp', 'image/webp'));
  expect(got).toEqual(['jug: b.png', 'urn: c.webp']);
});

test('what is no picture is left to the browser, and nobody takes anything once the page is another', async () => {
  const { unmount } = await draw(picker('urn'));
  expect(give('drop', document.body, file('d.txt', 'text/plain')).defaultPrevented).toBe(false);
  unmount();
  expect(give('drop', document.body, file('e.jpg')).defaultPrevented).toBe(false);
  expect(got).toEqual([]);
});
