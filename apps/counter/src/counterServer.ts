import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { createHash, timingSafeEqual } from 'node:crypto';
import type { RateCard } from '@inch-nest/core';
import { counterSwitches, labelOrder, pickupOrder, problemsOf, purchaseKey, type CounterSwitches } from '@inch-nest/contracts';
import { z } from 'zod';
import { createCounter, type CounterState } from './Counter.ts';

const MOST_BODY = 20_000;
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const clock = z.strictObject({ now: z.iso.datetime().nullable() });

/**
 * The counter as a small HTTP service. `PUT /switches` tells it how to misbehave, `PUT /clock` what time it is.
 *
 * @param keep writes the state down; a purchase is written before it is answered
 * @param options.secret without which nobody is answered; null answers everybody
 * @param options.cards what the carriers publish and price from
 */
export function counterServer(
  state: CounterState,
  keep: () => void,
  { secret = null, cards = [] }: { secret?: string | null; cards?: readonly RateCard[] } = {},
): Server {
  let switches: CounterSwitches = counterSwitches.parse({});
  let told: string | null = null;
  const counter = createCounter(
    state,
    keep,
    () => (told ? new Date(told) : new Date()),
    () => switches,
    cards,
  );
  const knows = sameAs(secret);
  const route = async (request: IncomingMessage, response: ServerResponse): Promise<void> => {
    const { pathname } = new URL(request.url ?? '/', 'http://counter');
    const [, room, name = '', act = ''] = pathname.split('/').map(decodeURIComponent);
    const say = (status: number, body: unknown) => {
      response.writeHead(status, { 'content-type': 'application/json' }).end(JSON.stringify(body));
    };
    const body = async <Schema extends z.ZodType>(schema: Schema): Promise<z.infer<Schema>> => schema.parse(await readJson(request));
    if (!knows(request.headers.authorization))
      return say(401, { problems: [{ path: '(request)', message: 'the counter’s secret is wanted' }] });
    if (room === 'switches' && request.method === 'PUT') return say(200, (switches = await body(counterSwitches)));
    if (room === 'clock' && request.method === 'PUT') return say(200, { now: (told = (await body(clock)).now) });
    if (room === 'charges') return say(200, { charges: counter.charges() });
    if (room === 'track') {
      // a number nobody knows yet has no steps: labels may be known before the parcel is
      return say(200, counter.track(name) ?? { steps: [] });
    }
    if (room === 'pickups' && request.method === 'POST') return say(200, counter.pickup(await body(pickupOrder)));
    if (room === 'quotes' && request.method === 'POST') {
      const order = await body(labelOrder);
      if (switches.slowMs > 0) await pause(switches.slowMs);
      if (switches.fails !== 'never') return say(500, { problems: [{ path: '(server)', message: 'told to fail' }] });
      return say(200, counter.quote(order));
    }
    if (room !== 'purchases') return say(404, { problems: [{ path: '(address)', message: 'nothing here' }] });
    const key = purchaseKey.parse(name);
    if (request.method === 'GET') return say(200, counter.find(key));
    if (request.method !== 'POST') return say(405, { problems: [{ path: '(request)', message: 'GET or POST' }] });
    if (act === 'close') return say(200, counter.close(key));
    if (act === 'void') return say(200, counter.void(key));
    const order = await body(labelOrder);
    const { slowMs, fails, drops, hearsTwice } = switches;
    if (slowMs > 0) await pause(slowMs);
    if (fails === 'beforeCharge') return say(500, { problems: [{ path: '(server)', message: 'told to fail' }] });
    const answer = counter.buy(key, order);
    if (hearsTwice) counter.buy(key, order);
    if (drops) return void request.socket.destroy();
    if (fails === 'afterCharge') return say(500, { problems: [{ path: '(server)', message: 'told to fail' }] });
    say(200, answer);
  };
  return createServer((request, response) => {
    route(request, response).catch((error: unknown) => {
      const problems = error instanceof z.ZodError ? problemsOf(error) : [{ path: '(body)', message: (error as Error).message }];
      // what could not be written down is the counter's own trouble, and was not done
      const status = error instanceof Error && 'syscall' in error ? 507 : 400;
      if (!response.headersSent) response.writeHead(status, { 'content-type': 'application/json' });
      response.end(JSON.stringify({ problems }));
    });
  });
}

/** Whether somebody says the secret; how long it takes tells nothing of it. */
const sameAs = (secret: string | null) => {
  const hash = (text: string) => createHash('sha256').update(text).digest();
  return (said: string | undefined): boolean => secret === null || timingSafeEqual(hash(said ?? ''), hash(`Bearer ${secret}`));
};

async function readJson(request: IncomingMessage): Promise<unknown> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of request as AsyncIterable<Buffer>) {
    size += chunk.length;
    if (size > MOST_BODY) throw new RangeError('the body is too large');
    chunks.push(chunk);
  }
  return JSON.parse(Buffer.concat(chunks).toString('utf8'));
}
