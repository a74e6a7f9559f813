import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { expect, request as requests, test, type APIRequestContext } from '@playwright/test';
import type { LiveMessage, ParcelView, ShelfTag, ShopView } from '@inch-nest/contracts';
import type { App } from './bench.ts';
import { createThrowAwayApp } from '../../scripts/lib/throwAwayApp.mjs';

// Two people who have signed in, each at a server process of its own over one database.

const root = join(import.meta.dirname, '../..');
const PASSWORD = 'harbour lantern row';
let app: App;
let second: Awaited<ReturnType<App['another']>>;
let shelf: ShelfTag[];
const people: Record<string, string> = {};
const at: Record<string, APIRequestContext> = {};

test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  app = await createThrowAwayApp(root, { byItself: false });
  second = await app.another();
  for (const [name, address] of [
    ['Odile', app.address],
    ['Tam', second.address],
  ] as const) {
    at[name] = await requests.newContext({ baseURL: address, extraHTTPHeaders: { origin: address }, timeout: 120_000 });
    const came = await at[name].post('/api/sign-in', { data: { act: 'code', name, code: app.codeFor(name), password: PASSWORD } });
    expect(came.ok(), await came.text()).toBe(true);
  }
  for (const { id, name } of ((await (await at['Odile']!.get('/api/shop')).json()) as ShopView).people) people[name] = id;
  shelf = (await (await at['Odile']!.get('/api/shelf')).json()) as ShelfTag[];
});
test.afterAll(async () => {
  await second.stop();
  await app.close();
});

/** What a server tells whoever listens, until somebody has heard enough. */
async function* told(as: APIRequestContext, address: string, query = ''): AsyncGenerator<LiveMessage> {
  const { cookies } = await as.storageState();
  const ended = new AbortController();
  const answer = await fetch(`${address}/api/live${query}`, {
    headers: { cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; ') },
    signal: ended.signal,
  });
  expect(answer.headers.get('content-type')).toBe('text/event-stream');
  let text = '';
  try {
    for await (const part of answer.body!.pipeThrough(new TextDecoderStream())) {
      text += part;
      for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
        yield JSON.parse(text.slice('data: '.length, end)) as LiveMessage;
        text = text.slice(end + 2);
      }
    }
  } finally {
    ended.abort();
  }
}

test('what one does is told to the other’s server as it is done, and who is where', async () => {
  const [{ id }] = shelf as [ShelfTag];
  const heard = told(at['Tam']!, second.address);
  const next = async (is: (message: LiveMessage) => boolean): Promise<LiveMessage> => {
    for (;;) {
      const step = await heard.next();
      if (step.done) throw new Error('nothing more is told');
      if (is(step.value)) return step.value;
    }
  };
  await next((message) => message.of === 'present');
  // she opens the parcel at her own server
  const hers = told(at['Odile']!, app.address, `?parcel=${id}&station=bench`);
  await hers.next();
  const present = await next((message) => message.of === 'present' && message.present.some((one) => one.parcelId === id));
  expect(present).toMatchObject({
    present: expect.arrayContaining([{ personId: people['Odile'], parcelId: id, station: 'bench' }]),
  });
  const event = {
    personId: people['Odile'],
    eventId: randomUUID(),
    happening: { kind: 'contentChanged', what: 'a lid' },
    undoOf: null,
    at: null,
  };
  const answer = await at['Odile']!.post(`/api/parcels/${id}/events`, { data: event });
  expect(answer.ok()).toBe(true);
  const { revision } = (await answer.json()) as ParcelView;
  expect(await next((message) => message.of === 'parcel')).toEqual({ of: 'parcel', parcelId: id, revision });
  // and leaves it
  await hers.return(undefined);
  await next((message) => message.of === 'present' && !message.present.some((one) => one.parcelId === id));
  await heard.return(undefined);
});

test('each sees on the shelf and below where the other is, and what the other typed', async ({ browser }) => {
  const [{ id }] = shelf as [ShelfTag];
  const pageOf = async (name: string, address: string) => {
    const context = await browser.newContext({ storageState: await at[name]!.storageState() });
    const page = await context.newPage();
    await page.goto(`${address}/parcels/${id}/sale`);
    return page;
  };
  const [hers, his] = [await pageOf('Odile', app.address), await pageOf('Tam', second.address)];
  await expect(hers.getByRole('contentinfo').getByText('Tam: Sale')).toBeVisible();
  await expect(his.getByRole('contentinfo').getByText('Odile: Sale')).toBeVisible();
  await expect(hers.getByRole('complementary', { name: 'Shelf' }).getByText('Tam: Sale')).toBeVisible();
  await his.getByLabel('Buyer').first().fill('Edda Vik');
  await his.getByLabel('Buyer').first().press('Tab');
  await expect(hers.getByLabel('Buyer').first()).toHaveValue('Edda Vik');
  await his.close();
  await expect(hers.getByRole('contentinfo').getByText('Tam: Sale')).toBeHidden();
  await hers.context().close();
});

test('two servers are killed in turn while both work: nothing that was done is lost, and nothing is done twice', async () => {
  const { stock } = (await (await at['Odile']!.get('/api/shop')).json()) as ShopView;
  const box = stock.boxes[0]!;
  let going = true;
  const sent: Record<string, string[]> = { Odile: [], Tam: [] };
  let moves = 0;
  /** Asks until it is answered, as the bench does: the same id each time. */
  const untilHeard = async (ask: () => Promise<{ ok: () => boolean; status: () => number }>) => {
    for (;;) {
      const answer = await ask().catch(() => null);
      if (answer?.ok()) return;
      if (answer && answer.status() < 500) throw new Error(`refused: ${answer.status()}`);
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
  };
  const work = async (name: string, parcelId: string) => {
    for (let i = 1; going; i++) {
      const eventId = randomUUID();
      sent[name]!.push(eventId);
      const happening = { kind: 'weighed', readingsLb: [2 + (i % 7) / 16], outsideIn: null };
      await untilHeard(() =>
        at[name]!.post(`/api/parcels/${parcelId}/events`, {
          data: { personId: people[name], eventId, happening, undoOf: null, at: null },
          timeout: 20_000,
        }),
      );
      const change = {
        id: randomUUID(),
        path: `moves/${randomUUID()}`,
        value: { kind: 'box', key: box.key, why: 'received', amount: 1, paidMinor: null, supplier: null, leadDays: null },
        basedOn: 0,
      };
      moves++;
      await untilHeard(() => at[name]!.patch('/api/shop/kept', { data: { personId: people[name], changes: [change] }, timeout: 20_000 }));
    }
  };
  const planned = shelf.filter((tag) => tag.state === 'planned');
  const working = [work('Odile', planned[0]!.id), work('Tam', planned[1]!.id)];
  for (let round = 0; round < 4; round++) {
    await new Promise((resolve) => setTimeout(resolve, 300));
    if (round % 2 === 0) {
      await app.crash('web');
      await app.openWeb();
    } else {
      const port = Number(new URL(second.address).port);
      await second.stop('SIGKILL');
      second = await app.another(port);
    }
  }
  going = false;
  await Promise.all(working);
  for (const [i, name] of ['Odile', 'Tam'].entries()) {
    const view = (await (await at[name]!.get(`/api/parcels/${planned[i]!.id}`)).json()) as ParcelView;
    const kept = view.events.filter((event) => event.kind === 'weighed').map((event) => event.id);
    expect(sent[name]!.length).toBeGreaterThan(4);
    expect(sent[name]!.filter((id) => kept.filter((one) => one === id).length !== 1)).toEqual([]);
    expect(new Set(view.events.filter((event) => sent[name]!.includes(event.id)).map((event) => event.personId))).toEqual(
      new Set([people[name]]),
    );
  }
  const after = (await (await at['Tam']!.get('/api/shop')).json()) as ShopView;
  expect(after.stock.boxes.find(({ key }) => key === box.key)!.onHand).toBe(box.onHand + moves);
});
