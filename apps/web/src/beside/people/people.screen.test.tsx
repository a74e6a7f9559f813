import { act, fireEvent, screen, within } from '@testing-library/react';
import type { PeopleView } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw, keeping } from '../../../../../tests/screens/shop.tsx';
import { People } from './People.tsx';

jest.mock('next/navigation', () => ({ usePathname: () => '/people', useRouter: () => ({ push: () => undefined }) }));

const VIEW: PeopleView = {
  access: [
    { personId: 'odile', hasPassword: true, hasPin: true, codesLeft: 1, sessions: 1 },
    { personId: 'tam', hasPassword: false, hasPin: false, codesLeft: 0, sessions: 0 },
  ],
  devices: [
    {
      id: 'd',
      name: 'the bench’s tablet',
      addedBy: 'Odile Marsh',
      addedAt: '2026-11-23T09:00:00Z',
      seenAt: '2026-11-23T09:00:00Z',
      idleMinutes: 15,
      here: true,
    },
  ],
  network: { address: 'https://192.0.2.2:3443', fingerprint: 'AB:CD' },
};
const settle = (ms = 0) => act(() => jest.advanceTimersByTimeAsync(ms));
beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('who may what is read by a machine, and changed part by part', async () => {
  const { sent, answer } = keeping();
  const { container } = await draw(<People initial={VIEW} shelf={[]} />, {
    answer: (method, path, body) => answer(method, path, body) ?? (path === '/api/people' ? VIEW : undefined),
  });
  jest.useRealTimers();
  expect(await unreadable(container.querySelector('main')!)).toEqual([]);
  jest.useFakeTimers();
  const tam = within(screen.getByRole('listitem', { name: 'Tam Verrick' }));
  expect(tam.getByText('no password yet')).toBeTruthy();
  expect(
    within(screen.getByRole('listitem', { name: 'Odile Marsh' })).getByText('a password, a PIN, 1 recovery code, signed in at 1 place'),
  ).toBeTruthy();
  // a planner sees money and sends by her role: there is nothing to switch
  expect(tam.queryByRole('switch')).toBeNull();
  fireEvent.mouseDown(tam.getByRole('combobox', { name: 'What Tam Verrick is' }));
  fireEvent.click(screen.getByTitle('packs, weighs, seals and counts stock'));
  await settle(100);
  fireEvent.click(tam.getByRole('switch', { name: 'Tam Verrick sees money' }));
  await settle(2000);
  fireEvent.change(tam.getByLabelText('Name of Tam Verrick'), { target: { value: ' Tamsin ' } });
  fireEvent.blur(tam.getByLabelText('Name of Tam Verrick'));
  await settle(2000);
  expect(sent.map(({ path, value }) => [path, value])).toEqual([
    ['people/tam/role', 'packer'],
    ['people/tam/seesMoney', true],
    ['people/tam/name', 'Tamsin'],
  ]);
});

test('a code is shown once with how it is used, and its time runs out', async () => {
  const asked: unknown[] = [];
  const until = () => new Date(Date.now() + 120_000).toISOString();
  await draw(<People initial={VIEW} shelf={[]} />, {
    answer: (method, path, body) => {
      if (path !== '/api/people') return undefined;
      if (method === 'GET') return VIEW;
      asked.push(body);
      const isDevice = (body as { act: string }).act === 'device';
      return {
        view: VIEW,
        shown: {
          code: 'ABCDE-FGHJK-MNPQR',
          address: isDevice ? 'https://192.0.2.2:3443/join#ABCDE' : null,
          picture: isDevice ? '<svg/>' : null,
          until: until(),
        },
      };
    },
  });
  fireEvent.click(screen.getByRole('button', { name: 'A code for Tam Verrick' }));
  await settle();
  expect(screen.getByText('ABCDE-FGHJK-MNPQR')).toBeTruthy();
  expect(screen.getByText(/Tam Verrick opens the shop, presses/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Add a phone or tablet' }));
  await settle();
  expect(screen.getByRole('img', { name: /to scan/ })).toBeTruthy();
  expect(screen.getByRole('timer').textContent).toMatch(/another 1(20|19) s/);
  await settle(121_000);
  expect(screen.queryByText('ABCDE-FGHJK-MNPQR')).toBeNull();
  fireEvent.click(screen.getByRole('button', { name: 'Take the bench’s tablet away' }));
  await settle();
  expect(asked).toEqual([{ act: 'code', of: 'tam' }, { act: 'device' }, { act: 'revoke', deviceId: 'd' }]);
});
