import { fireEvent, screen } from '@testing-library/react';
import type { ShelfTag } from '@inch-nest/contracts';
import { unreadable } from '../../../../tests/screens/axe.ts';
import { draw } from '../../../../tests/screens/shop.tsx';
import { Shelf } from './Shelf.tsx';

const gone: string[] = [];
jest.mock('next/navigation', () => ({
  usePathname: () => '/parcels/urn/bench',
  useRouter: () => ({ push: (path: string) => gone.push(path) }),
}));

const tag = (id: string, shipBy: string, more: Partial<ShelfTag> = {}): ShelfTag => ({
  id,
  code: id,
  title: `the ${id}`,
  tag: 'PB–OV',
  postcode: '40217',
  bin: 'A2',
  shipBy,
  state: 'planned',
  minutes: 20,
  tracking: null,
  ofSet: null,
  trouble: null,
  ...more,
});
const TAGS = [tag('urn', '2026-11-22'), tag('jug', '2026-11-23', { trouble: 'mendNest' }), tag('bell', '2026-11-29')];
const shown = () =>
  draw(<Shelf initial={TAGS} openId="urn" station="bench" />, { answer: (_, path) => (path === '/api/shelf' ? TAGS : undefined) });
/** A screen so wide, as the sheets ask of it. */
const narrow = (is: boolean) => {
  window.matchMedia = (media) =>
    ({
      media,
      matches: is,
      addEventListener() {},
      removeEventListener() {},
      addListener() {},
      removeListener() {},
    }) as unknown as MediaQueryList;
};
beforeEach(() => localStorage.clear());
afterEach(() => narrow(false));

test('can be read by a machine', async () => expect(await unreadable((await shown()).container)).toEqual([]));

test('what is due today is counted with its minutes, what is wrong is said, the one in hand marked', async () => {
  await shown();
  expect(screen.getByText(/Today: 2 to go, 0 h 40/)).toBeTruthy();
  expect(screen.getByText(/mend the nest first/)).toBeTruthy();
  expect(screen.getByRole('link', { name: /the urn/ }).getAttribute('aria-current')).toBe('true');
});

test('one of a set says which of how many it is', async () => {
  const both = [tag('lamp', '2026-11-22', { ofSet: { place: 1, of: 2 } }), tag('stand', '2026-11-22', { ofSet: { place: 2, of: 2 } })];
  await draw(<Shelf initial={both} openId="lamp" station="bench" />, { answer: (_, path) => (path === '/api/shelf' ? both : undefined) });
  expect(screen.getByRole('link', { name: /the lamp/ }).textContent).toMatch(/20 min · 1 of 2/);
  expect(screen.getByRole('link', { name: /the stand/ }).textContent).toMatch(/2 of 2/);
});

test('on a wide bench it is open, folds, and is found as it was left', async () => {
  const first = await shown();
  fireEvent.click(screen.getByRole('button', { name: 'Fold the shelf' }));
  expect(screen.getByRole('button', { name: 'Open the shelf' }).getAttribute('aria-expanded')).toBe('false');
  first.unmount();
  await shown();
  expect(screen.getByRole('button', { name: 'Open the shelf' })).toBeTruthy();
});

test('on a narrow one it begins shut and Escape shuts it again; how a wide one was left is not touched', async () => {
  narrow(true);
  await shown();
  fireEvent.click(screen.getByRole('button', { name: 'Open the shelf' }));
  expect(screen.getByRole('button', { name: 'Fold the shelf' })).toBeTruthy();
  fireEvent.keyDown(window, { key: 'Escape' });
  expect(screen.getByRole('button', { name: 'Open the shelf' })).toBeTruthy();
  expect(localStorage.getItem('inch-nest-shelf')).toBeNull();
});

describe('a parcel is found on the shelf', () => {
  const titles = () => screen.getAllByRole('listitem').map((one) => one.querySelector('b')!.textContent);
  const look = (words: string) => fireEvent.change(screen.getByLabelText('Words, tag, bin or code'), { target: { value: words } });

  test('by its words, tag, bin or code, and opened by Enter at the station one is at', async () => {
    const { container } = await shown();
    fireEvent.click(screen.getByRole('button', { name: 'Find a parcel' }));
    look('JUG');
    expect(titles()).toEqual(['the jug']);
    expect(screen.getByRole('status').textContent).toBe('1 of 3');
    expect(await unreadable(container)).toEqual([]);
    fireEvent.submit(screen.getByRole('search', { name: 'Find a parcel on the shelf' }));
    expect(gone).toEqual(['/parcels/jug/bench']);
    look('a2');
    expect(titles()).toHaveLength(3);
  });

  test('what is not on it leads to all there ever were; Escape gives the shelf back', async () => {
    await shown();
    fireEvent.keyDown(document.body, { key: '/', code: 'Digit7', shiftKey: true });
    look('no such thing');
    expect(screen.getByRole('link', { name: 'Among all there were' }).getAttribute('href')).toBe('/past?text=no%20such%20thing');
    fireEvent.keyDown(screen.getByLabelText('Words, tag, bin or code'), { key: 'Escape' });
    expect(titles()).toHaveLength(3);
  });
});
