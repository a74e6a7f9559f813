import { act, fireEvent, render, screen } from '@testing-library/react';
import type { SignInView } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { SignInSheet } from './SignInSheet.tsx';

let asked: { path: string; body: unknown }[];
let answers: { status: number; body: unknown }[];
let came: (string | null)[];
beforeEach(() => {
  [asked, answers, came] = [[], [], []];
  globalThis.fetch = ((path: string, init: RequestInit) => {
    asked.push({ path, body: JSON.parse(init.body as string) });
    const { status, body } = answers.shift() ?? { status: 200, body: { personId: 'odile' } };
    return Promise.resolve({ ok: status < 400, status, json: () => Promise.resolve(body) } as Response);
  }) as typeof fetch;
});
const STRANGER: SignInView = { people: null, shops: [], locked: null };
const KNOWN: SignInView = {
  people: [
    { id: 'odile', name: 'Odile', hasPin: true },
    { id: 'tam', name: 'Tam', hasPin: false },
  ],
  shops: [],
  locked: null,
};
const draw = (view: SignInView) => render(<SignInSheet view={view} onIn={(id) => came.push(id)} />);
const fill = (label: string | RegExp, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = async (name: string) => {
  // oxlint-disable-next-line typescript/require-await -- what is asked settles within
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
  });
};

test('at a device nobody knows: name and password; what is wrong is said and nothing typed is lost', async () => {
  const { container } = draw(STRANGER);
  expect(await unreadable(container)).toEqual([]);
  fill('Name', 'Odile');
  fill('Password', 'harbour lantern row');
  answers.push({ status: 422, body: { problems: [{ path: 'password', message: 'do not go together' }] } });
  await press('Come in');
  expect(screen.getByRole('alert').textContent).toBe('✗ do not go together');
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Odile');
  fireEvent.click(screen.getByRole('checkbox'));
  await press('Come in');
  expect(asked.map(({ body }) => body)).toEqual([
    { act: 'password', name: 'Odile', password: 'harbour lantern row', keepDevice: false },
    { act: 'password', name: 'Odile', password: 'harbour lantern row', keepDevice: true },
  ]);
  expect(came).toEqual(['odile']);
});

test('at one of the shop’s devices a name and a PIN are enough; a password serves whoever has none', async () => {
  const { container } = draw(KNOWN);
  expect(await unreadable(container)).toEqual([]);
  await press('Odile');
  fill('Odile’s PIN', '4711');
  await press('Come in');
  await press('Somebody else');
  await press('Tam');
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Tam');
  expect(screen.queryByRole('checkbox')).toBeNull();
  fill('Password', 'the tide is out');
  await press('Come in');
  expect(asked.map(({ body }) => body)).toEqual([
    { act: 'pin', personId: 'odile', pin: '4711' },
    { act: 'password', name: 'Tam', password: 'the tide is out', keepDevice: false },
  ]);
});

test('a code chooses a password, and codes against forgetting it are shown once before anything goes on', async () => {
  draw(STRANGER);
  await press('I have a code');
  fill('Name', 'Tam');
  fill('Code, as it was printed or given', 'abcde-fghjk-mnpqr');
  fill(/^A new password/, 'three words here');
  answers.push({ status: 200, body: { personId: 'tam', codes: ['ABCDE-FGHJK-MNPQR', 'BCDEF-GHJKM-NPQRS'] } });
  await press('Choose it, and come in');
  expect(asked[0]!.body).toEqual({ act: 'code', name: 'Tam', code: 'abcde-fghjk-mnpqr', password: 'three words here' });
  expect(screen.getAllByRole('listitem').map((one) => one.textContent)).toEqual(['ABCDE-FGHJK-MNPQR', 'BCDEF-GHJKM-NPQRS']);
  expect(came).toEqual([]);
  await press('They are put away');
  expect(came).toEqual([null]);
});

test('what is locked says whose it was; of several shops one is named', async () => {
  draw({
    ...STRANGER,
    locked: 'Tam',
    shops: [
      { id: 'one', name: 'Fen Lane Finds' },
      { id: 'two', name: 'Lantern Row' },
    ],
  });
  expect(screen.getByRole('heading', { name: 'Locked' })).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Tam');
  fill('Password', 'the tide is out');
  await press('Come in');
  expect(asked[0]!.body).toMatchObject({ shop: 'one', name: 'Tam' });
});

test('a device comes in by the code behind its address, under a name of its own', async () => {
  window.history.replaceState(null, '', '/join#ABCDE-FGHJK-MNPQR');
  draw(STRANGER);
  expect(screen.getByLabelText<HTMLInputElement>('Code, as it is shown').value).toBe('ABCDE-FGHJK-MNPQR');
  fill('What this device is called', 'the bench’s tablet');
  answers.push({ status: 200, body: { personId: null } });
  await press('Bring it in');
  expect(asked[0]!.body).toEqual({ act: 'device', code: 'ABCDE-FGHJK-MNPQR', deviceName: 'the bench’s tablet' });
  expect(came).toEqual([null]);
  window.history.replaceState(null, '', '/');
});
