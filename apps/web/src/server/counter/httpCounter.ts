import { counterAnswer, pickupAnswer, quoteAnswer, trackingAnswer } from '@inch-nest/contracts';
import type { CarrierCounter } from './CarrierCounter.ts';

const PATIENCE_MS = 6000;

/** A counter over HTTP. What does not answer in time, or not as agreed, is thrown: then nothing is known. */
export function httpCounter(address: string, patienceMs = PATIENCE_MS): CarrierCounter {
  const ask = async (path: string, init: RequestInit = {}): Promise<unknown> => {
    const response = await fetch(`${address}${path}`, { ...init, signal: AbortSignal.timeout(patienceMs) });
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
    pickup: async (order) => pickupAnswer.parse(await send('/pickups', order)),
    track: async (tracking) => trackingAnswer.parse(await ask(`/track/${encodeURIComponent(tracking)}`)),
  };
}
