import { act, fireEvent, screen } from '@testing-library/react';
import { draw, keeping } from '../../../../tests/screens/shop.tsx';
import { unreadable } from '../../../../tests/screens/axe.ts';
import { StatusEdge } from './StatusEdge.tsx';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());
const wait = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
const pick = (name: string, title: string) => {
  fireEvent.mouseDown(screen.getByRole('combobox', { name }));
  fireEvent.click(screen.getByTitle(title));
};

test('the lower edge can be read by a machine', async () => {
  jest.useRealTimers();
  const { container } = await draw(<StatusEdge parcel={null} code="4K7P" />);
  expect(await unreadable(container)).toEqual([]);
});

test('units are the person’s own, kept under that person’s id', async () => {
  const { sent, answer } = keeping();
  await draw(<StatusEdge parcel={null} code={null} />, { person: 'tam', answer });
  pick('Units', 'inches and pounds');
  await wait(2000);
  expect(sent.map(({ path, value }) => [path, value])).toEqual([['people/tam/system', 'imperial']]);
});

test('night is one press away and back, by hand and by its key', async () => {
  await draw(<StatusEdge parcel={null} code={null} />);
  fireEvent.click(screen.getByRole('button', { name: 'Night bench' }));
  expect(screen.getByRole('button', { name: 'Day bench' })).toBeTruthy();
  fireEvent.keyDown(document.body, { key: 'n', code: 'KeyN' });
  expect(screen.getByRole('button', { name: 'Night bench' })).toBeTruthy();
});

test('beside the way there is nothing to take back; a parcel’s code stands large', async () => {
  await draw(<StatusEdge parcel={null} code="4K7P" />);
  expect(screen.queryByRole('button', { name: 'Undo' })).toBeNull();
  expect(screen.getByText('4K7P').className).toContain('code');
});

test('until something is changed it says saved', async () => {
  await draw(<StatusEdge parcel={null} code={null} />);
  expect(screen.getByRole('status').textContent).toBe('✓ saved');
});
