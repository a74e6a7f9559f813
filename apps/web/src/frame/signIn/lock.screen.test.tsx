import { act, fireEvent, screen } from '@testing-library/react';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { SHUT_OUT } from '../../session/http.ts';
import { SignedIn } from '../SignedIn.tsx';
import { Lock } from './Lock.tsx';

jest.mock('next/navigation', () => ({ useRouter: () => ({ push: () => undefined }) }));
jest.mock(
  './SignIn.tsx',
  () =>
    jest.requireActual<object>('./SignInSheet.tsx') && {
      SignIn: jest.requireActual<{ SignInSheet: unknown }>('./SignInSheet.tsx').SignInSheet,
    },
);

const asked: string[] = [];
const answer = (method: string, path: string, body: unknown): unknown => {
  if (method !== 'GET') asked.push(`${path} ${(body as { act: string }).act}`);
  if (path === '/api/sign-in' && method === 'GET')
    return { people: [{ id: 'odile', name: 'Odile Marsh', hasPin: true }], shops: [], locked: 'Odile Marsh' };
  return path === '/api/sign-in' ? { personId: 'odile' } : path === '/api/session' ? {} : undefined;
};
const signedIn = { byItself: false, device: { name: 'the bench', idleMinutes: 5 } };
const wait = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
beforeEach(() => {
  jest.useFakeTimers();
  asked.length = 0;
  HTMLDialogElement.prototype.showModal = function showModal() {
    this.open = true;
  };
});
afterEach(() => jest.useRealTimers());

test('after as long as its device allows the screen is locked over what is open, and opens again by a PIN', async () => {
  await draw(
    <>
      <p>step 7 of 21</p>
      <Lock />
    </>,
    { answer, me: signedIn },
  );
  await wait(4 * 60_000);
  // somebody is there: it counts anew, and the server is told
  fireEvent.pointerDown(window);
  await wait(4 * 60_000);
  expect(asked).toEqual(['/api/session here']);
  expect(screen.queryByRole('dialog')).toBeNull();
  await wait(70_000);
  expect(asked).toEqual(['/api/session here', '/api/session lock']);
  expect(screen.getByRole('dialog', { name: 'Locked' })).toBeTruthy();
  expect(screen.getByText('step 7 of 21')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Odile Marsh' }));
  fireEvent.change(screen.getByLabelText('Odile Marsh’s PIN'), { target: { value: '4711' } });
  fireEvent.click(screen.getByRole('button', { name: 'Come in' }));
  await wait(0);
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('the server asking who is there locks it; where this machine signs in by itself nothing does', async () => {
  const { unmount } = await draw(<Lock />, { answer, me: signedIn });
  window.dispatchEvent(new Event(SHUT_OUT));
  await wait(0);
  expect(screen.getByRole('dialog', { name: 'Locked' })).toBeTruthy();
  unmount();
  await draw(<Lock />, { answer });
  window.dispatchEvent(new Event(SHUT_OUT));
  await wait(60 * 60_000);
  expect(screen.queryByRole('dialog')).toBeNull();
});

test('whoever signed in stands at the lower edge, with the way out', async () => {
  await draw(<SignedIn />, { answer, me: signedIn });
  fireEvent.click(screen.getByRole('button', { name: 'Odile Marsh is here' }));
  await wait(500);
  fireEvent.click(screen.getByText('Lock, and keep what is open'));
  await wait(0);
  expect(asked).toEqual(['/api/session lock']);
});
