import { randomUUID } from 'node:crypto';
import { request as plainRequest } from 'node:http';
import { expect, test, type App } from './bench.ts';

interface Answer {
  status: number;
  body: { problems?: { path: string; message: string }[] };
}

/** A request as anybody could send it, any header forged. */
const ask = (app: App, method: string, path: string, body: string | null, headers: Record<string, string> = {}): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const sent = plainRequest(
      app.address + path,
      { method, headers: { origin: app.address, 'content-type': 'application/json', ...headers } },
      (response) => {
        let text = '';
        response.on('data', (part) => (text += part));
        response.on('end', () => resolve({ status: response.statusCode!, body: JSON.parse(text) as Answer['body'] }));
      },
    );
    sent.on('error', reject);
    sent.end(body);
  });
const person = '6a1f0c52-7d0e-4b57-9a36-0c5f2f4b1e02';
const line = (text: string) => JSON.stringify({ id: randomUUID(), personId: person, line: text });

test('Host and Origin are checked on every write, Host on every read', async ({ app }) => {
  const { length } = await app.shelf();
  const writes: [string, string][] = [
    ['POST', '/api/parcels'],
    ['PATCH', '/api/parcels/x/kept'],
    ['PATCH', '/api/shop/kept'],
    ['POST', '/api/parcels/x/steps'],
    ['POST', '/api/parcels/x/events'],
    ['POST', '/api/plan'],
  ];
  for (const [method, path] of writes) {
    expect(await ask(app, method, path, line('jug'), { origin: 'http://elsewhere.example' })).toMatchObject({ status: 403 });
    expect(await ask(app, method, path, line('jug'), { origin: '' })).toMatchObject({ status: 403 });
    expect(await ask(app, method, path, line('jug'), { host: 'elsewhere.example' })).toMatchObject({ status: 403 });
  }
  expect(await ask(app, 'GET', '/api/shelf', null, { host: 'elsewhere.example' })).toMatchObject({ status: 403 });
  expect((await app.shelf()).length).toBe(length);
});

test('the server refuses what the form would, with a list of path and message', async ({ app }) => {
  const id = (await app.shelf())[0]!.id;
  const kept = (more: object, command: object = {}) =>
    JSON.stringify({
      personId: person,
      changes: [{ id: randomUUID(), path: 'sale/soldMinor', value: '84', basedOn: 0, ...more }],
      ...command,
    });
  const cases: [string, string, string, number, string][] = [
    ['POST', '/api/parcels', line('jug, sold 3, sold 4'), 422, 'line'],
    ['POST', '/api/parcels', line('9 x 3'), 422, 'line'],
    ['POST', '/api/parcels', '{', 422, '(body)'],
    ['POST', '/api/parcels', 'x'.repeat(2_000_000), 422, '(body)'],
    ['POST', '/api/parcels', JSON.stringify({ id: 'x', personId: person, line: 'jug' }), 400, 'id'],
    ['PATCH', `/api/parcels/${id}/kept`, kept({ basedOn: -1 }), 400, 'changes.0.basedOn'],
    ['PATCH', `/api/parcels/${id}/kept`, kept({ path: '' }), 400, 'changes.0.path'],
    ['PATCH', `/api/parcels/${id}/kept`, kept({}, { extra: 1 }), 400, '(whole)'],
    ['PATCH', `/api/parcels/${id}/kept`, kept({}, { changes: [] }), 400, 'changes'],
    ['PATCH', `/api/parcels/${id}/kept`, kept({}, { personId: randomUUID() }), 422, 'personId'],
    ['PATCH', `/api/parcels/${randomUUID()}/kept`, kept({}), 404, '(address)'],
    ['PATCH', '/api/shop/kept', kept({}, { personId: randomUUID() }), 422, 'personId'],
    ['GET', '/api/parcels/none', '', 404, '(address)'],
    [
      'POST',
      `/api/parcels/${id}/events`,
      JSON.stringify({ personId: person, eventId: randomUUID(), happening: { kind: 'weighed', readingsLb: [-1], outsideIn: null } }),
      400,
      'happening.readingsLb.0',
    ],
    [
      'POST',
      `/api/parcels/${id}/events`,
      JSON.stringify({ personId: person, eventId: randomUUID(), happening: { kind: 'labelBought' } }),
      400,
      'happening.kind',
    ],
    ['POST', '/api/plan', '{}', 400, 'order'],
  ];
  for (const [method, path, body, status, at] of cases) {
    const answer = await ask(app, method, path, body || null);
    expect({ status: answer.status, paths: answer.body.problems?.map((problem) => problem.path) }).toEqual({
      status,
      paths: expect.arrayContaining([at]),
    });
    expect(JSON.stringify(answer.body)).not.toMatch(/node_modules|at \w+ \(/);
  }
});

test('what cannot be kept is answered change by change, and holds up no other', async ({ app }) => {
  const id = (await app.shelf())[0]!.id;
  const change = (path: string, value: unknown) => ({ id: randomUUID(), path, value, basedOn: 0 });
  const send = async (path: string, changes: object[]) =>
    (await ask(app, 'PATCH', path, JSON.stringify({ personId: person, changes }))).body as unknown as {
      verdicts: { path: string; kind: string; problem?: string }[];
    };
  const parcel = await send(`/api/parcels/${id}/kept`, [
    change('piece/none/size', '9 x 6'),
    change('sale/constructor', 'x'),
    change('nest', { set: { box: 3 } }),
    change('sale/letter', 'With thanks.'),
  ]);
  expect(parcel.verdicts.map(({ path, kind }) => [path, kind])).toEqual([
    ['piece/none/size', 'refused'],
    ['sale/constructor', 'refused'],
    ['nest', 'refused'],
    ['sale/letter', 'kept'],
  ]);
  const shop = await send('/api/shop/kept', [
    change('house/care', -4),
    change('boxes/none/onHand', 3),
    change('facts/zone', 'Nowhere/Land'),
    change('house/__proto__', {}),
    change('house/openingNote', false),
  ]);
  expect(shop.verdicts.map(({ kind }) => kind)).toEqual(['refused', 'refused', 'refused', 'refused', 'kept']);
  expect(shop.verdicts.slice(0, 4).every((verdict) => (verdict.problem ?? '').length > 3)).toBe(true);
  await send('/api/shop/kept', [change('house/openingNote', true)]);
});

test('pages check the Host as routes do', async ({ app }) => {
  const statusAt = (path: string, host: string) =>
    new Promise<number>((resolve, reject) => {
      plainRequest(app.address + path, { headers: { host } }, (response) => {
        response.resume();
        resolve(response.statusCode!);
      })
        .on('error', reject)
        .end();
    });
  for (const path of ['/day', '/new', '/stock', `/parcels/${(await app.shelf())[0]!.id}/sale`]) {
    expect(await statusAt(path, new URL(app.address).host)).toBe(200);
    expect(await statusAt(path, 'evil.test')).toBe(403);
  }
});
