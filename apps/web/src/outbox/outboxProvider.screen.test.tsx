import { act, screen } from '@testing-library/react';
import { item, memoryStore } from '../../../../tests/screens/outbox.ts';
import { draw } from '../../../../tests/screens/shop.tsx';
import { OutboxProvider, useHeard, useOutbox } from './OutboxProvider.tsx';

const store = memoryStore();
jest.mock('./outboxStore.ts', () => ({ openOutbox: () => store }));
Object.defineProperty(navigator, 'locks', { value: { request: (_: string, act: () => Promise<unknown>) => act() } });

let outbox!: ReturnType<typeof useOutbox> & { heard: () => Promise<void> };
function Held() {
  outbox = { ...useOutbox(), heard: useHeard() };
  return <p>{outbox.items.length} wait</p>;
}

/** A server that answers when it is let; `away` it does not answer at all. */
function server({ away = false } = {}) {
  const heard: string[] = [];
  const waiting: (() => void)[] = [];
  globalThis.fetch = ((path: string, init: RequestInit = {}) => {
    if (!path.endsWith('/events'))
      return Promise.resolve({ ok: true, status: 200, json: () => Promise.resolve([]) } as unknown as Response);
    if (away) return Promise.reject(new TypeError('fetch failed'));
    heard.push((JSON.parse(init.body as string) as { eventId: string }).eventId);
    const answer = { ok: true, status: 200, json: () => Promise.resolve({ id: 'p' }) } as Response;
    return new Promise<Response>((resolve) => waiting.push(() => resolve(answer)));
  }) as typeof fetch;
  return { heard, let: () => act(() => Promise.resolve(waiting.shift()!())) };
}
const shown = async (of: Parameters<typeof server>[0] = {}) => {
  store.items.splice(0);
  await draw(
    <OutboxProvider>
      <Held />
    </OutboxProvider>,
  );
  return server(of);
};
const settle = () => act(() => new Promise((resolve) => setTimeout(resolve, 20)));

test('what is done while something is being sent goes out right behind it, in its order', async () => {
  const { heard, let: answer } = await shown();
  await act(() => outbox.put(item('first')));
  await settle();
  await act(() => outbox.put(item('second')));
  await settle();
  expect(heard).toEqual(['first']);
  await answer();
  await settle();
  expect(heard).toEqual(['first', 'second']);
  await answer();
  await settle();
  expect(screen.getByText('0 wait')).toBeTruthy();
});

test('it is through once all that waits has been heard', async () => {
  const { let: answer } = await shown();
  await act(() => outbox.put(item('one')));
  const through = jest.fn();
  void outbox.heard().then(through);
  await settle();
  expect(through).not.toHaveBeenCalled();
  await answer();
  await settle();
  expect(through).toHaveBeenCalledTimes(1);
});

test('nobody is kept waiting by a server that is away, and nothing is lost', async () => {
  await shown({ away: true });
  await act(() => outbox.put(item('kept')));
  await act(() => outbox.heard());
  expect(store.items.map(({ id }) => id)).toEqual(['kept']);
  expect(screen.getByText('1 wait')).toBeTruthy();
});
