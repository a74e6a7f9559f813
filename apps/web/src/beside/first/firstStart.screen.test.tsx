import { act, fireEvent, render, screen } from '@testing-library/react';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { FirstStart } from './FirstStart.tsx';

let asked: { path: string; body: unknown }[];
let answer: { ok: boolean; status: number; body: unknown };
let made: number;
beforeEach(() => {
  asked = [];
  made = 0;
  answer = { ok: true, status: 200, body: { personId: 'una', codes: ['ABCDE-FGHJK-MNPQR'] } };
  globalThis.fetch = ((path: string, init: RequestInit) => {
    asked.push({ path, body: JSON.parse(init.body as string) });
    return Promise.resolve({ ok: answer.ok, status: answer.status, json: () => Promise.resolve(answer.body) } as Response);
  }) as typeof fetch;
});
const fill = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = async () => {
  // oxlint-disable-next-line typescript/require-await -- what is asked settles within
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name: /Make it/ }));
  });
};

test('what it is, who packs there and how, in one press; whoever made it is at the bench', async () => {
  const { container } = render(<FirstStart onMade={() => made++} />);
  expect(await unreadable(container)).toEqual([]);
  fill('Its name', 'Fen Lane Finds');
  fill('Who packs there, a name on each line', 'Una\nPiet, Bram\n');
  fill('Sent from, postcode', '10115');
  fill('Una’s password, who owns the shop: at least 10 signs', 'three words here');
  fireEvent.click(screen.getByRole('radio', { name: /Tight roll/ }));
  await press();
  expect(asked).toEqual([
    {
      path: '/api/first',
      body: {
        facts: expect.objectContaining({ name: 'Fen Lane Finds', originPostcode: '10115', lastCutOff: '16:00' }) as object,
        people: ['Una', 'Piet', 'Bram'].map((name) => ({ name, system: expect.stringMatching(/imperial|metric/) as string })),
        set: 'tightRoll',
        password: 'three words here',
        materials: true,
      },
    },
  ]);
  // the codes are shown once, before anything goes on
  expect(screen.getByText('ABCDE-FGHJK-MNPQR')).toBeTruthy();
  expect(made).toBe(0);
  fireEvent.click(screen.getByRole('button', { name: 'They are put away' }));
  expect(made).toBe(1);
});

test('what is refused is said where it stands, nothing typed is lost, and it is pressed again', async () => {
  render(<FirstStart onMade={() => made++} />);
  fill('Its name', 'Fen Lane Finds');
  answer = {
    ok: false,
    status: 400,
    body: {
      problems: [
        { path: 'people', message: 'somebody packs there' },
        { path: 'facts.originPostcode', message: 'a postcode' },
        { path: 'shop', message: 'there is a shop here already' },
      ],
    },
  };
  await press();
  expect(screen.getAllByRole('alert').map((one) => one.textContent)).toEqual([
    '✗ somebody packs there',
    '✗ a postcode',
    '✗ there is a shop here already',
  ]);
  expect(screen.getByLabelText<HTMLInputElement>('Its name').value).toBe('Fen Lane Finds');
  expect(made).toBe(0);
  answer = { ok: true, status: 200, body: { personId: 'una', codes: ['ABCDE-FGHJK-MNPQR'] } };
  await press();
  fireEvent.click(screen.getByRole('button', { name: 'They are put away' }));
  expect([made, asked.length]).toEqual([1, 2]);
});
