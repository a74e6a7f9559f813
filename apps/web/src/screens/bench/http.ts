import type { Conflict, Problem } from '@inch-nest/contracts';

/** A request the server refused, with its problems, and the conflict when there is one. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problems: readonly Problem[],
    readonly conflict: Conflict | null,
  ) {
    super(problems.map((problem) => problem.message).join(' · '));
  }
}

/** Sends JSON and reads JSON; refusals come as `Refusal`, a lost connection as the platform's TypeError. */
export const send = <Answer>(method: 'GET' | 'POST' | 'PUT' | 'PATCH', address: string, body?: unknown): Promise<Answer> =>
  request<Answer>(address, {
    method,
    ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });

/** Sends a file as it is and reads JSON. */
export const sendFile = <Answer>(address: string, file: Blob): Promise<Answer> =>
  request<Answer>(address, { method: 'POST', headers: { 'content-type': 'application/octet-stream' }, body: file });

/** Sends a form with files and reads JSON. */
export const sendForm = <Answer>(address: string, form: FormData): Promise<Answer> =>
  request<Answer>(address, { method: 'POST', body: form });

async function request<Answer>(address: string, init: RequestInit): Promise<Answer> {
  const response = await fetch(address, init);
  if (response.ok) return (await response.json()) as Answer;
  const refusal = (await response.json().catch(() => ({}))) as { problems?: Problem[]; conflict?: Conflict };
  throw new Refusal(response.status, refusal.problems ?? [{ path: '(server)', message: 'no answer' }], refusal.conflict ?? null);
}
