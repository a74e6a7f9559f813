import 'server-only';
import { AsyncLocalStorage } from 'node:async_hooks';
import { randomUUID } from 'node:crypto';
import { log } from './log.ts';
import { metrics } from './metrics.ts';
import type { Asker } from '../people/Asker.ts';

/** A request as it is being answered. */
interface Under {
  readonly id: string;
  queries: number;
  databaseMs: number;
  asker: Asker | null;
}

const kept = globalThis as { inchNestUnder?: AsyncLocalStorage<Under> };
const under = (): AsyncLocalStorage<Under> => (kept.inchNestUnder ??= new AsyncLocalStorage<Under>());

const SLOW_QUERY_MS = 300;
const SLOW_DOOR_MS = 1500;

/** The number of the request that is being answered; null where none is. */
export const requestNumber = (): string | null => under().getStore()?.id ?? null;

/** Whoever asked what is being answered; null where anybody may, and in a page. */
export const askerNow = (): Asker | null => under().getStore()?.asker ?? null;

/** Notes who asks. */
export function noteAsker(asker: Asker): void {
  const now = under().getStore();
  if (now) now.asker = asker;
}

/** What watches the questions that the database is asked. */
export const QUERY_WATCH = {
  mark: requestNumber,
  took(name: () => string, ms: number): void {
    const now = under().getStore();
    if (now) {
      now.queries++;
      now.databaseMs += ms;
    }
    metrics().queries.observe(ms / 1000);
    if (ms < SLOW_QUERY_MS) return;
    metrics().slow.inc();
    log().warn({ request: now?.id, ms: Math.round(ms), query: name() }, 'the database took long');
  },
};

/** A door's address without whose it is asked about: ids and names that stand in it are left out. */
export const doorOf = (address: string): string =>
  new URL(address).pathname
    .split('/')
    .map((part) => (/^[a-z-]{0,20}$/.test(part) ? part : '[id]'))
    .slice(0, 6)
    .join('/');

/**
 * Answers a request under its number, counts it, and writes a line about it where something was changed, went wrong or took
 * long.
 */
export async function watched(request: Request, work: () => Promise<Response>): Promise<Response> {
  const now: Under = { id: request.headers.get('x-request-id') ?? randomUUID(), queries: 0, databaseMs: 0, asker: null };
  const start = performance.now();
  const response = await under().run(now, work);
  const ms = performance.now() - start;
  const { method } = request;
  const door = doorOf(request.url);
  metrics().requests.inc({ door, method, status: response.status });
  metrics().seconds.observe({ door, method }, ms / 1000);
  const line = {
    request: now.id,
    method,
    door,
    status: response.status,
    ms: Math.round(ms),
    queries: now.queries,
    databaseMs: Math.round(now.databaseMs),
  };
  if (response.status >= 500) log().error(line, 'it failed');
  else if (ms > SLOW_DOOR_MS) log().warn(line, 'it took long');
  else if (method !== 'GET') log().info(line, 'answered');
  return response;
}

/** What whoever asked is told of it: the number it is found by. */
export const faultWords = (): string =>
  `something went wrong on our side; nothing was changed${requestNumber() ? ` (number ${requestNumber()!.slice(0, 8)})` : ''}`;

/** Writes down what went wrong on our side, under the number of the request. */
export const noteFault = (error: unknown): void =>
  log().error({ request: requestNumber(), err: error }, 'something went wrong on our side');
