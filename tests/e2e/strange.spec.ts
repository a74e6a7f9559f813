import fc from 'fast-check';
import type { ShelfTag, ShopView } from '@inch-nest/contracts';
import { expect, test } from './bench.ts';
import { ALL_DOORS } from './theDoors.ts';

// Six hundred requests by a seed (five thousand with INCH_NEST_STRANGE_REQUESTS=5000), each a plausible one with something wrong
// in it: none may break the server. Some of what it asks is done, so that it has an application of its own.

const SEED = 20_261_127;
const REQUESTS = Number(process.env['INCH_NEST_STRANGE_REQUESTS'] ?? 600);
const AT_ONCE = 8;
/** A search is seconds of work: of those there are some. */
const MOST_SEARCHES = 12;

/** What a person or a program might send by mistake, or on purpose. */
const strange = fc.oneof(
  fc.constantFrom<unknown>(
    null,
    '',
    ' ',
    '\0',
    'a\0b',
    '\ud800',
    'ab\udfff',
    '__proto__',
    'constructor',
    '../../etc/passwd',
    "'; drop table sale; --",
  ),
  fc.constantFrom<unknown>(-1, 0, 1e308, -1e308, 2 ** 53, 0.1 + 0.2, 2_147_483_648, '1e999', 'NaN', true, false, [], {}, [[]]),
  fc.constantFrom<unknown>('9999-12-31', '2026-02-30', '0000-00-00', '2026-11-27T25:61:00Z', 'x'.repeat(5000), '\u202e', '💔'.repeat(90)),
  fc.uuid(),
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.jsonValue({ maxDepth: 4 }),
  fc.array(fc.integer(), { maxLength: 300 }),
);

const WRITES = ALL_DOORS.filter((door) => !door.page && door.methods.some((method) => method !== 'GET'));
const READS = ALL_DOORS.filter((door) => !door.page && !WRITES.includes(door));
const PAGES = ALL_DOORS.filter((door) => door.page);

interface Known {
  readonly shop: ShopView;
  readonly shelf: readonly ShelfTag[];
}

/** A body as a screen would send it, by door and method. */
function plausible({ shop, shelf }: Known, parcel: string): Readonly<Record<string, unknown>> {
  const personId = shop.people[0]!.id;
  const id = parcel;
  const happening = { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] };
  const change = (path: string, value: unknown) => ({ id: crypto.randomUUID(), path, value, basedOn: 0 });
  return {
    'POST /api/parcels': { personId, id: crypto.randomUUID(), line: 'stoneware jug, 9 x 8 x 14 in, 6 lb, sold 84, to 40217' },
    'POST /api/parcels/file': {
      personId,
      id: crypto.randomUUID(),
      file: JSON.stringify({ format: 'inch-nest-parcel', version: 1, parcel: { pieceId: id, sale: {}, piece: {}, others: [] } }),
    },
    'POST /api/upkeep': { kind: 'check', personId, name: 'inch-nest-20261123-020000.zip' },
    'PATCH /api/parcels/[id]/kept': {
      personId,
      changes: [change('sale/soldMinor', '84'), change('nest', { set: {}, drop: [], pin: {}, unpin: [] })],
    },
    'PATCH /api/shop/kept': {
      personId,
      changes: [change('house/care', 1), change('boxes/12x12x12', { onHand: 3 }), change('facts/name', 'Row')],
    },
    'POST /api/parcels/[id]/events': { personId, eventId: crypto.randomUUID(), happening, undoOf: null, at: null },
    'POST /api/parcels/[id]/steps': { personId, direction: 'undo' },
    'POST /api/parcels/[id]/label': { personId, act: 'void', labelId: id },
    'POST /api/parcels/[id]/address': { personId, act: 'keep', name: 'A', lines: ['B'], basedOn: 0 },
    'PATCH /api/parcels/[id]/photos': { personId, id, removed: true },
    'POST /api/parcels/[id]/templates': { personId, id: crypto.randomUUID(), name: 'jars' },
    'POST /api/parcels/[id]/together': { personId, parcelIds: shelf.slice(0, 2).map((tag) => tag.id) },
    'POST /api/pickups': { personId, id: crypto.randomUUID(), cardId: 'ambry-ground', day: '2026-12-01' },
    'PATCH /api/cards/[id]': { personId, withdrawn: true },
    'POST /api/plan': { order: {}, stock: shop.stock, house: shop.house, cards: shop.cards, locks: {} },
  };
}

/** A copy with one value somewhere within it put aside for another. */
function spoil(value: unknown, at: readonly number[], by: unknown): unknown {
  if (typeof value !== 'object' || value === null || at.length === 0) return by;
  const entries = Object.entries(value as Record<string, unknown>);
  if (entries.length === 0) return by;
  const [key, inner] = entries[at[0]! % entries.length]!;
  const made = Array.isArray(value) ? [...(value as unknown[])] : { ...value };
  (made as Record<string, unknown>)[key] = spoil(inner, at.slice(1), by);
  return made;
}

const arbitrary = fc.record({
  // lists and pages answer alike and take their time: some are enough
  door: fc.oneof(
    { weight: 24, arbitrary: fc.constantFrom(...WRITES) },
    { weight: 3, arbitrary: fc.constantFrom(...READS) },
    { weight: 1, arbitrary: fc.constantFrom(...PAGES) },
  ),
  method: fc.constantFrom('GET', 'own', 'own', 'own', 'own', 'PUT', 'DELETE', 'HEAD', 'OPTIONS'),
  parcel: fc.nat(),
  asked: fc.option(fc.dictionary(fc.string({ maxLength: 8 }), fc.string({ unit: 'binary', maxLength: 30 }), { maxKeys: 3 }), {
    freq: 3,
    nil: {},
  }),
  id: fc.option(fc.oneof(fc.string({ unit: 'binary', maxLength: 30 }), fc.constantFrom('%00', '..', 'x'.repeat(3000), '%E0%A4%A')), {
    freq: 4,
    nil: null,
  }),
  at: fc.array(fc.nat(), { maxLength: 5 }),
  by: strange,
  body: fc.constantFrom('json', 'json', 'json', 'json', 'cut', 'bytes', 'form', 'nothing', 'deep'),
  type: fc.constantFrom(
    'application/json',
    'application/json',
    'text/plain',
    'multipart/form-data; boundary=x',
    'application/octet-stream',
    'application/x-www-form-urlencoded',
    '',
  ),
});

test(`${REQUESTS} strange requests: each is answered, none breaks the server`, async ({ app }) => {
  test.setTimeout(900_000);
  const [shop, shelf] = await Promise.all([
    fetch(`${app.address}/api/shop`).then((answer) => answer.json() as Promise<ShopView>),
    app.shelf(),
  ]);
  const asked = fc.sample(arbitrary, { numRuns: REQUESTS, seed: SEED });
  const broken: string[] = [];
  const counts: Record<number, number> = {};
  let searches = 0;
  const one = async (request: (typeof asked)[number]): Promise<void> => {
    const { door, parcel, id, at, by } = request;
    const method = request.method === 'own' ? door.methods[parcel % door.methods.length]! : request.method;
    if (door.path === '/api/plan' && ++searches > MOST_SEARCHES) return;
    const tag = shelf[parcel % shelf.length]!.id;
    let known: string;
    try {
      known = id === null ? tag : encodeURI(id).replaceAll('/', '%2F') || tag;
    } catch {
      known = '%ED%A0%80';
    }
    const search = new URLSearchParams(request.asked ?? {}).toString();
    const json = JSON.stringify(spoil(plausible({ shop, shelf }, tag)[`${method} ${door.path}`] ?? {}, at, by)) ?? '';
    const bodies: Record<(typeof request)['body'], string | Uint8Array<ArrayBuffer>> = {
      json,
      cut: json.slice(0, json.length / 2),
      bytes: Uint8Array.from({ length: 400 }, (_, i) => (parcel + i * 31) % 256),
      form: `personId=${shop.people[0]!.id}&kinds=slip&as=zip&x=%00`,
      nothing: '',
      deep: `${'['.repeat(4000)}${']'.repeat(4000)}`,
    };
    const response = await fetch(`${app.address}${door.path.replace('[id]', known)}${search ? `?${search}` : ''}`, {
      method,
      redirect: 'manual',
      headers: { origin: app.address, ...(request.type ? { 'content-type': request.type } : {}) },
      ...(['GET', 'HEAD'].includes(method) ? {} : { body: bodies[request.body] }),
    });
    // what flows for as long as it is listened to is not listened to
    const flows = response.headers.get('content-type') === 'text/event-stream';
    const text = flows ? '' : await response.text();
    if (flows) await response.body?.cancel();
    counts[response.status] = (counts[response.status] ?? 0) + 1;
    if (response.status >= 500)
      broken.push(
        `${response.status} ${method} ${door.path} ${request.body} ${JSON.stringify(id)} ${search} ${json.slice(0, 300)} → ${text.slice(0, 200)}`,
      );
    // a refusal says nothing of how the server is made
    if (response.status >= 400 && /node_modules|\n {4}at /.test(text)) broken.push(`${method} ${door.path} tells its stack`);
  };
  const queue = [...asked];
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let next = queue.pop(); next; next = queue.pop()) await one(next);
    }),
  );
  expect(broken).toEqual([]);
  // it was no wall that was run against: some of all kinds of answers came
  for (const status of [200, 400, 404, 405, 422]) expect(counts[status] ?? 0).toBeGreaterThan(20);
  expect(await (await fetch(`${app.address}/api/health`)).json()).toEqual({ database: true, counter: true });
  expect((await app.shelf()).length).toBeGreaterThan(0);
});
