import { fireEvent, screen, waitFor } from '@testing-library/react';
import { request } from '../../../../packages/core/tests/sampleRequest.ts';
import { parcelOf } from '../../../../tests/screens/bench.ts';
import { draw } from '../../../../tests/screens/shop.tsx';
import { useParcel } from './useParcel.ts';

let outbox: Promise<void> = Promise.resolve();
jest.mock('../outbox/OutboxProvider.tsx', () => ({ useHeard: () => () => outbox }));

const { view } = parcelOf(request());
/** Two presses one right after the other, as on a slow line. */
function Two() {
  const { report } = useParcel(view);
  const both = () => {
    for (const kind of ['tagMatched', 'handedOver'] as const) void report({ kind }).catch(() => undefined);
  };
  return <button onClick={both}>match, and hand over</button>;
}

/** A server that keeps everybody waiting until it is let answer. */
function slowServer() {
  const heard: string[] = [];
  const waiting: ((ok: boolean) => void)[] = [];
  globalThis.fetch = ((path: string, init: RequestInit = {}) => {
    const answered = (ok: boolean) =>
      ({ ok, status: ok ? 200 : 422, json: () => Promise.resolve(ok ? view : { problems: [] }) }) as Response;
    if (!path.endsWith('/events')) return Promise.resolve(answered(true));
    heard.push((JSON.parse(init.body as string) as { happening: { kind: string } }).happening.kind);
    return new Promise<Response>((resolve) => waiting.push((ok) => resolve(answered(ok))));
  }) as typeof fetch;
  return { heard, let: (ok: boolean) => waiting.shift()!(ok) };
}

test.each([
  ['taken', true],
  ['refused', false],
])('what is reported next waits until what was reported before is %s', async (_, ok) => {
  await draw(<Two />, { answer: () => view });
  const server = slowServer();
  fireEvent.click(screen.getByRole('button', { name: 'match, and hand over' }));
  await waitFor(() => expect(server.heard).toEqual(['tagMatched']));
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(server.heard).toEqual(['tagMatched']);
  server.let(ok);
  await waitFor(() => expect(server.heard).toEqual(['tagMatched', 'handedOver']));
});

test('and until what was done at the bench has been heard', async () => {
  let through!: () => void;
  outbox = new Promise((resolve) => (through = resolve));
  await draw(<Two />, { answer: () => view });
  const server = slowServer();
  fireEvent.click(screen.getByRole('button', { name: 'match, and hand over' }));
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(server.heard).toEqual([]);
  through();
  await waitFor(() => expect(server.heard).toEqual(['tagMatched']));
});
