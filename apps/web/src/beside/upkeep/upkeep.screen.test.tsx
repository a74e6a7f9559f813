import { act, fireEvent, screen, within } from '@testing-library/react';
import type { UpkeepAnswer, UpkeepView } from '@inch-nest/contracts';
import { unreadable } from '../../../../../tests/screens/axe.ts';
import { draw } from '../../../../../tests/screens/shop.tsx';
import { Upkeep } from './Upkeep.tsx';

jest.mock('next/navigation', () => ({ usePathname: () => '/upkeep', useRouter: () => ({ push: () => {}, replace: () => {} }) }));

const NAME = 'inch-nest-20261123-020000.zip';
const VIEW: UpkeepView = {
  backups: [{ name: NAME, at: '2026-11-23T02:00:00.000Z', byHand: false, sealed: false, bytes: 12_400_000 }],
  folder: '/mnt/other/backups',
  onSameDisk: false,
  sealed: false,
  nextAt: '2026-11-24T02:00:00.000Z',
  trouble: null,
  store: null,
  runs: { database: true, counter: true, server: 'PostgreSQL 15.18', databaseBytes: 10_200_000, since: '2026-11-23T09:00:00.000Z' },
  waits: { purchases: 1, returns: 0 },
  disk: { freeBytes: 400e9, ofBytes: 500e9 },
};

let asked: unknown[];
let given: UpkeepAnswer | null;
beforeEach(() => {
  asked = [];
  given = null;
});
const page = (view: UpkeepView = VIEW) =>
  draw(<Upkeep initial={view} shelf={[]} />, {
    answer: (method, path, body) => {
      if (path !== '/api/upkeep') return undefined;
      if (method === 'GET') return view;
      asked.push(body);
      return given;
    },
  });
const press = async (name: string | RegExp) => {
  // oxlint-disable-next-line typescript/require-await -- what is asked settles within
  await act(async () => {
    fireEvent.click(screen.getByRole('button', { name }));
  });
};

test('says when the last was, when the next will be, where they lie, and can be read by anybody', async () => {
  const { container } = await page();
  expect(screen.getByText(/The last one is of today, 02:00\./).textContent).toMatch(
    /The next makes itself Tue 24 Nov, 02:00\..*\/mnt\/other\/backups/,
  );
  expect(within(screen.getByRole('table')).getByRole('row', { name: /today, 02:00/ }).textContent).toContain('12.4 MB');
  expect(screen.getByText('1 label being bought')).toBeTruthy();
  expect(screen.queryByText(/on the disk they are to make up for/)).toBeNull();
  expect(await unreadable(container)).toEqual([]);
});

test('a press makes one and says what is in it', async () => {
  const made = { name: 'inch-nest-20261123-101500-by-hand.zip', at: '2026-11-23T10:15:00.000Z', byHand: true, sealed: false, bytes: 13e6 };
  given = { view: { ...VIEW, backups: [made, ...VIEW.backups!] }, damaged: null, made: { rows: 5320, pictures: 14, missing: 0 } };
  await page();
  await press('Back up now');
  expect(asked).toEqual([{ kind: 'backup', personId: 'odile' }]);
  expect(screen.getByText('Made and read back: 5,320 rows and 14 pictures.')).toBeTruthy();
  expect(screen.getByRole('row', { name: /today, 10:15/ }).textContent).toContain('by hand, stays');
});

test.each([
  [[], 'Read through: all of it is as it was written.'],
  [['the table life_event'], '✗ Damaged: the table life_event. Keep another one.'],
])('read through with %j damaged', async (damaged, says) => {
  given = { view: VIEW, damaged, made: null };
  await page();
  await press('Check today, 02:00');
  expect(asked).toEqual([{ kind: 'check', personId: 'odile', name: NAME }]);
  expect(screen.getByText(says)).toBeTruthy();
});

test('on the same disk, or not made last night, or with no room left, it says so', async () => {
  await page({ ...VIEW, onSameDisk: true, trouble: 'no space left on the disk', disk: { freeBytes: 1e9, ofBytes: 500e9 } });
  expect(screen.getByText(/on the disk they are to make up for/)).toBeTruthy();
  expect(screen.getByRole('alert').textContent).toContain('not made: no space left on the disk');
  expect(screen.getByText(/1\.0 GB free of 500 GB: make room/)).toBeTruthy();
});

describe('a store elsewhere', () => {
  const store = { where: 'fen-lane at store.example', there: [NAME], lookedAt: '2026-11-23T09:30:00.000Z', busy: false, trouble: null };

  test('what lies there is told, row by row too; the disk alone is no worry then, what is not sealed is', async () => {
    await page({ ...VIEW, onSameDisk: true, store });
    expect(screen.getByText('They go to fen-lane at store.example as well: 1 backup lies there, as of today, 09:30.')).toBeTruthy();
    expect(screen.getByRole('row', { name: /today, 02:00/ }).textContent).toContain('by itself, elsewhere too');
    expect(screen.queryByText(/on the disk they are to make up for/)).toBeNull();
    expect(screen.getByText(/whoever keeps that store can read them/)).toBeTruthy();
  });

  test('where it could not be reached since the start the disk is a worry again, and why is said', async () => {
    await page({
      ...VIEW,
      onSameDisk: true,
      sealed: true,
      store: { ...store, there: [], lookedAt: null, trouble: 'nobody answers there' },
    });
    expect(screen.getByRole('alert').textContent).toContain('asked again within ten minutes: nobody answers there');
    expect(screen.getByText(/on the disk they are to make up for/)).toBeTruthy();
    expect(screen.queryByText(/whoever keeps that store can read them/)).toBeNull();
  });

  test('while something is on its way it says so', async () => {
    await page({ ...VIEW, store: { ...store, busy: true } });
    expect(screen.getByText('What fen-lane at store.example lacks is being put there.')).toBeTruthy();
  });
});

test('without a folder for them nothing is promised', async () => {
  await page({ ...VIEW, backups: null, folder: null, nextAt: null });
  expect(screen.queryByRole('button', { name: 'Back up now' })).toBeNull();
  expect(screen.getByText(/No folder is named for backups/)).toBeTruthy();
});
