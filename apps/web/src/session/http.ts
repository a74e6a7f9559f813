import type { Problem } from '@inch-nest/contracts';
import { pressOver } from './press.ts';

/** A request the server refused, with its problems. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problems: readonly Problem[],
  ) {
    super(problems.map((problem) => problem.message).join(' · '));
  }
}

/** The server asks who is there: nobody is signed in at this browser any more, or it is locked. */
export const SHUT_OUT = 'inch-nest-shut-out';
const tellShutOut = (): void => void window.dispatchEvent(new Event(SHUT_OUT));
/** What is asked while nobody is known waits; it is not refused. */
export const waitsForSomebody = (error: unknown): boolean => error instanceof Refusal && error.status === 401;

/** Sends JSON and reads JSON; refusals come as `Refusal`, a lost connection as the platform's TypeError. */
export const send = <Answer>(method: 'GET' | 'POST' | 'PUT' | 'PATCH', address: string, body?: unknown): Promise<Answer> =>
  request<Answer>(address, {
    method,
    ...(body === undefined ? {} : withBody(JSON.stringify(body))),
  });

/** What is small enough goes out even while the page is being left. */
const MOST_KEPT_ALIVE = 60_000;
const withBody = (body: string): RequestInit => ({
  headers: { 'content-type': 'application/json' },
  body,
  ...(document.visibilityState === 'hidden' && body.length < MOST_KEPT_ALIVE ? { keepalive: true } : {}),
});

/** Sends a file as it is and reads JSON. */
export const sendFile = <Answer>(address: string, file: Blob): Promise<Answer> =>
  request<Answer>(address, { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: file });

/** Sends a form with files and reads JSON. */
export const sendForm = <Answer>(address: string, form: FormData): Promise<Answer> =>
  request<Answer>(address, { method: 'POST', body: form });

async function request<Answer>(address: string, init: RequestInit): Promise<Answer> {
  const response = await fetch(address, { ...init, headers: { ...init.headers, 'x-request-id': crypto.randomUUID() } });
  const answer: unknown = response.ok ? await response.json() : await response.json().catch(() => ({}));
  await pressOver();
  if (response.ok) return answer as Answer;
  const refusal = answer as { problems?: Problem[] };
  if (response.status === 401) tellShutOut();
  throw new Refusal(response.status, refusal.problems ?? [{ path: '(server)', message: 'no answer' }]);
}
