import { useQuery } from '@tanstack/react-query';
import { act, screen } from '@testing-library/react';
import type { LiveMessage } from '@inch-nest/contracts';
import { draw } from '../../../../tests/screens/shop.tsx';
import { LiveProvider, useLookEvery, useOthersAt } from './LiveProvider.tsx';
import { send } from './http.ts';

// What moves is heard and looked at; who hears looks seldom of herself; who had lost the line looks at everything.

const PARCEL = '0d8614a5-a29f-47a8-8dff-84010ed30d81';
jest.mock('next/navigation', () => ({ usePathname: () => `/parcels/${PARCEL}/bench` }));

/** The browser's stream, whose messages a test tells. */
class Stream {
  static readonly CLOSED = 2;
  static last: Stream | null = null;
  readyState = 0;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  onmessage: ((told: { data: string }) => void) | null = null;
  constructor(readonly address: string) {
    Stream.last = this;
  }
  close() {
    this.readyState = Stream.CLOSED;
  }
}

beforeEach(() => {
  jest.useFakeTimers();
  Object.assign(globalThis, { EventSource: Stream });
  Stream.last = null;
});
afterEach(() => jest.useRealTimers());

const rest = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));
const open = () => act(() => Stream.last!.onopen!());
const lose = () => act(() => Stream.last!.onerror!());
const hear = (message: LiveMessage) => act(() => Stream.last!.onmessage!({ data: JSON.stringify(message) }));

function Page() {
  const parcel = useQuery({
    queryKey: ['parcel', PARCEL, 'odile'],
    queryFn: () => send<{ id: string; revision: number; set: [] }>('GET', `/api/parcels/${PARCEL}`),
  });
  useQuery({ queryKey: ['shelf'], queryFn: () => send('GET', '/api/shelf') });
  return (
    <output>{`revision ${parcel.data?.revision ?? '–'}, each ${useLookEvery(3000)} ms, ${useOthersAt(PARCEL).length} here besides`}</output>
  );
}

/** The page with the parcel at a revision that the test may raise; what has been asked since the last look. */
async function drawn() {
  const at = { revision: 4 };
  const asked: string[] = [];
  await draw(
    <LiveProvider>
      <Page />
    </LiveProvider>,
    {
      answer: (_, path) => {
        asked.push(path);
        return path.startsWith('/api/parcels') ? { id: PARCEL, revision: at.revision, set: [] } : undefined;
      },
    },
  );
  await rest(2000);
  asked.splice(0);
  return { at, asked: () => asked.splice(0).toSorted() };
}
const said = () => screen.getByRole('status').textContent;

test('it listens where it stands, and looks a third as often as long as it hears', async () => {
  await drawn();
  expect(Stream.last!.address).toBe(`/api/live?parcel=${PARCEL}&station=bench`);
  expect(said()).toBe('revision 4, each 3000 ms, 0 here besides');
  open();
  expect(said()).toContain('each 9000 ms');
  lose();
  expect(said()).toContain('each 3000 ms');
});

test('another’s change is fetched once and shown; one that is here already is not asked for', async () => {
  const { at, asked } = await drawn();
  open();
  hear({ of: 'parcel', parcelId: PARCEL, revision: 4 });
  await rest(2000);
  expect(asked()).toEqual([]);
  at.revision = 5;
  hear({ of: 'parcel', parcelId: PARCEL, revision: 5 });
  await rest(2000);
  expect(asked()).toEqual([`/api/parcels/${PARCEL}`, '/api/shelf']);
  expect(said()).toContain('revision 5');
});

test('a line that was lost and is there again is followed by a look at everything, a first one is not', async () => {
  const { at, asked } = await drawn();
  open();
  await rest(1000);
  expect(asked()).toEqual([]);
  lose();
  at.revision = 9;
  open();
  await rest(1000);
  expect(asked()).toEqual(expect.arrayContaining([`/api/parcels/${PARCEL}`, '/api/shelf', '/api/shop']));
  expect(said()).toContain('revision 9');
});

test('who else is at the parcel is known, not oneself', async () => {
  await drawn();
  open();
  const at = (personId: string, parcelId: string | null = PARCEL) => ({ personId, parcelId, station: 'bench' });
  hear({ of: 'present', present: [at('odile'), at('tam'), at('tam'), at('wren', null)] });
  expect(said()).toContain('1 here besides');
});

test('a stream that was refused is asked for again after a while', async () => {
  await drawn();
  const refused = Stream.last!;
  refused.readyState = Stream.CLOSED;
  lose();
  await rest(10_000);
  expect(Stream.last).not.toBe(refused);
});
