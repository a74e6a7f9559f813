import { fireEvent, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { draw } from '../../../../tests/screens/shop.tsx';
import { unreadable } from '../../../../tests/screens/axe.ts';
import { rowKeys, useSheet } from './useSheet.tsx';

interface Row {
  key: string;
  name: string;
  left: number;
}
const ROWS: Row[] = ['cube 10', 'cube 9', 'flat', 'long', 'mailer', 'tube', 'crate', 'tray'].map((name, i) => ({
  key: `k${i}`,
  name,
  left: (i * 5) % 8,
}));

function Sheet({ of = ROWS }: { of?: Row[] }) {
  const [rows, setRows] = useState(of);
  const { shown, head, finder } = useSheet(
    rows,
    { name: ({ name }) => name, left: ({ left }) => left },
    ({ name }) => name,
    ({ key }) => key,
  );
  return (
    <>
      {finder('the boxes')}
      <table onKeyDown={rowKeys}>
        <thead>
          <tr>
            {head('name', 'Box')}
            {head('left', 'Left')}
          </tr>
        </thead>
        <tbody>
          {shown.map((row) => (
            <tr key={row.key}>
              <th scope="row">{row.name}</th>
              <td>
                <input
                  aria-label={`${row.name} left`}
                  value={row.left}
                  onChange={(event) => setRows(rows.map((one) => (one === row ? { ...row, left: Number(event.target.value) } : one)))}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
const names = () => screen.getAllByRole('rowheader').map((one) => one.textContent);
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

test('can be read by a machine', async () => expect(await unreadable((await draw(<Sheet />)).container)).toEqual([]));

test('a head sorts, numbers within words as numbers; then the other way; then as it was', async () => {
  await draw(<Sheet />);
  press('Box');
  expect(names().slice(0, 3)).toEqual(['crate', 'cube 9', 'cube 10']);
  expect(screen.getByRole('columnheader', { name: 'Box' }).getAttribute('aria-sort')).toBe('ascending');
  press('Box');
  expect(names().at(-1)).toBe('crate');
  press('Box');
  expect(names()).toEqual(ROWS.map(({ name }) => name));
  press('Left');
  expect(screen.getAllByRole<HTMLInputElement>('textbox', { name: / left$/ }).map(({ value }) => Number(value))).toEqual([
    0, 1, 2, 3, 4, 5, 6, 7,
  ]);
});

test('a figure that is changed moves no row away under the hand', async () => {
  await draw(<Sheet />);
  press('Left');
  const before = names();
  fireEvent.change(screen.getByLabelText('flat left'), { target: { value: '99' } });
  expect(names()).toEqual(before);
});

test('found by its words; a short table is looked at without', async () => {
  const { unmount } = await draw(<Sheet />);
  fireEvent.change(screen.getByLabelText('Find among the boxes'), { target: { value: 'CUBE' } });
  expect(names()).toEqual(['cube 10', 'cube 9']);
  expect(screen.getByRole('status').textContent).toBe('2 of 8');
  unmount();
  await draw(<Sheet of={ROWS.slice(0, 3)} />);
  expect(screen.queryByLabelText('Find among the boxes')).toBeNull();
});

test('Enter and the arrows go up and down as on a sheet of paper, and stop at its ends', async () => {
  await draw(<Sheet />);
  const table = screen.getByRole('table');
  const fields = within(table).getAllByRole<HTMLInputElement>('textbox');
  fields[0]!.focus();
  fireEvent.keyDown(fields[0]!, { key: 'Enter' });
  expect(document.activeElement).toBe(fields[1]);
  fireEvent.keyDown(fields[1]!, { key: 'ArrowDown' });
  fireEvent.keyDown(fields[2]!, { key: 'ArrowUp' });
  expect(document.activeElement).toBe(fields[1]);
  fields.at(-1)!.focus();
  fireEvent.keyDown(fields.at(-1)!, { key: 'Enter' });
  expect(document.activeElement).toBe(fields.at(-1));
});
