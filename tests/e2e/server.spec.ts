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
    ['PATCH', '/api/parcels/x/fields'],
    ['PUT', '/api/parcels/x/nest'],
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
  const field = (more: object) =>
    JSON.stringify({
      personId: person,
      changeId: randomUUID(),
      entity: 'piece',
      path: 'size',
      text: '9 x 6',
      draft: false,
      basedOn: 0,
      ...more,
    });
  const cases: [string, string, string, number, string][] = [
    ['POST', '/api/parcels', line('jug, 9 x -3'), 422, 'line'],
    ['POST', '/api/parcels', line('9 x 3'), 422, 'line'],
    ['POST', '/api/parcels', '{', 422, '(body)'],
    ['POST', '/api/parcels', 'x'.repeat(2_000_000), 422, '(body)'],
    ['POST', '/api/parcels', JSON.stringify({ id: 'x', personId: person, line: 'jug' }), 400, 'id'],
    ['PATCH', `/api/parcels/${id}/fields`, field({ text: '900 x 3' }), 422, 'piece.size'],
    ['PATCH', `/api/parcels/${id}/fields`, field({ text: 'NaN' }), 422, 'piece.size'],
    ['PATCH', `/api/parcels/${id}/fields`, field({ path: 'weight', text: '0.001 lb' }), 422, 'piece.weight'],
    ['PATCH', `/api/parcels/${id}/fields`, field({ basedOn: -1 }), 400, 'basedOn'],
    ['PATCH', `/api/parcels/${id}/fields`, field({ extra: 1 }), 400, '(whole)'],
    ['PATCH', `/api/parcels/${id}/fields`, field({ personId: randomUUID() }), 422, 'personId'],
    ['PATCH', `/api/parcels/${randomUUID()}/fields`, field({}), 404, '(address)'],
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
