import { counterAnswer, pickupAnswer, quoteAnswer, trackingAnswer } from '@inch-nest/contracts';
import type { CarrierCounter } from './CarrierCounter.ts';

const PATIENCE_MS = 6000;

/** A counter over HTTP, which knows us by a secret. What does not answer in time, or not as agreed, is thrown: then nothing is known. */
export function httpCounter(address: string, patienceMs = PATIENCE_MS, secret: string | null = null): CarrierCounter {
  const introduced: Record<string, string> = secret ? { authorization: `Bearer ${secret}` } : {};
  const ask = async (path: string, init: RequestInit = {}): Promise<unknown> => {
    const response = await fetch(`${address}${path}`, {
      ...init,
      headers: { ...introduced, ...(init.headers as Record<string, string>) },
      signal: AbortSignal.timeout(patienceMs),
    });
    if (!response.ok) throw new Error(`the counter answered ${response.status}`);
    return response.json();
  };
  const send = (path: string, body: object) =>
    ask(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  const post = async (path: string) => counterAnswer.parse(await ask(path, { method: 'POST' }));
  const of = (key: string) => `/purchases/${encodeURIComponent(key)}`;
  return {
    buy: async (key, order) => counterAnswer.parse(await send(of(key), order)),
    find: async (key) => counterAnswer.parse(await ask(of(key))),
    close: (key) => post(`${of(key)}/close`),
    void: (key) => post(`${of(key)}/void`),
    quote: async (order) => quoteAnswer.parse(await send('/quotes', order)),
    answers: () =>
      ask('/charges').then(
        () => true,
        () => false,
      ),
    pickup: async (order) => pickupAnswer.parse(await send('/pickups', order)),
    track: async (tracking) => trackingAnswer.parse(await ask(`/track/${encodeURIComponent(tracking)}`)),
  };
}
