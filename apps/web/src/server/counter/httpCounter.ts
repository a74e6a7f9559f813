import { counterAnswer, trackingAnswer, type LabelOrder } from '@inch-nest/contracts';
import type { CarrierCounter } from './CarrierCounter.ts';

const PATIENCE_MS = 6000;

/** A counter over HTTP. What does not answer in time, or not as agreed, is thrown: then nothing is known. */
export function httpCounter(address: string, patienceMs = PATIENCE_MS): CarrierCounter {
  const ask = async (path: string, init: RequestInit = {}): Promise<unknown> => {
    const response = await fetch(`${address}${path}`, { ...init, signal: AbortSignal.timeout(patienceMs) });
    if (!response.ok) throw new Error(`the counter answered ${response.status}`);
    return response.json();
  };
  const post = async (path: string, body?: LabelOrder) =>
    counterAnswer.parse(
      await ask(path, {
        method: 'POST',
        ...(body ? { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {}),
      }),
    );
  const of = (key: string) => `/purchases/${encodeURIComponent(key)}`;
  return {
    buy: (key, order) => post(of(key), order),
    find: async (key) => counterAnswer.parse(await ask(of(key))),
    close: (key) => post(`${of(key)}/close`),
    void: (key) => post(`${of(key)}/void`),
    track: async (tracking) => trackingAnswer.parse(await ask(`/track/${encodeURIComponent(tracking)}`)),
  };
}
