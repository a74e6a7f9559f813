import { z } from 'zod';
import { Missing, Refused } from '@inch-nest/data';
import { answer, readBody } from './answer.ts';
import { guardRequest } from './guardRequest.ts';

jest.mock('server-only', () => ({}), { virtual: true });
// who is signed in is another question
jest.mock('./people/letIn.ts', () => ({ letIn: () => Promise.resolve(null), NotAllowed: class extends Error {} }));

const ask = (method: string, headers: Record<string, string>, body?: string) =>
  new Request('http://127.0.0.1:3000/api/x', {
    method,
    headers: { host: '127.0.0.1:3000', ...headers },
    ...(body === undefined ? {} : { body }),
  });
const HOME = { origin: 'http://127.0.0.1:3000' };

describe('who is let in', () => {
  test.each<[string, string, Record<string, string>, boolean]>([
    ['a read from here', 'GET', {}, true],
    ['a read under another name', 'GET', { host: 'inch.example' }, false],
    ['a read under a name that begins like ours', 'GET', { host: 'localhost.example' }, false],
    ['a read by IPv6', 'GET', { host: '[::1]:3000' }, true],
    ['a write from our page', 'POST', HOME, true],
    ['a write from elsewhere', 'POST', { origin: 'http://inch.example' }, false],
    ['a write from another port', 'PATCH', { origin: 'http://127.0.0.1:3001' }, false],
    ['a write from a secure twin', 'PUT', { origin: 'https://127.0.0.1:3000' }, false],
    ['a write from nowhere', 'POST', {}, false],
    ['a deletion from nowhere', 'DELETE', {}, false],
  ])('%s', (_, method, headers, letIn) => expect(guardRequest(ask(method, headers)) === null).toBe(letIn));
});

describe('what a route throws becomes', () => {
  const thrown = async (error: Error) => {
    const response = await answer(ask('GET', {}), () => Promise.reject(error));
    return { status: response.status, body: (await response.json()) as { problems: { path: string; message: string }[] } };
  };

  test.each<[string, Error, number, string]>([
    ['a refusal: 422 with its paths', new Refused([{ path: 'piece.size', message: 'too long' }]), 422, 'piece.size'],
    ['something missing: 404', new Missing('no such parcel'), 404, '(address)'],
    ['an id that is taken: 409', Object.assign(new Error('dup'), { name: 'SequelizeUniqueConstraintError' }), 409, '(id)'],
    ['a shape that does not fit: 400', z.object({ a: z.number() }).safeParse({}).error!, 400, 'a'],
  ])('%s', async (_, error, status, path) => {
    const answered = await thrown(error);
    expect(answered.status).toBe(status);
    expect(answered.body.problems[0]!.path).toBe(path);
  });

  test('a defect: 500 without a word of its stack', async () => {
    const silent = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const { status, body } = await thrown(new Error('secret at /home/x.ts:3'));
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toMatch(/secret|home/);
    silent.mockRestore();
  });
});

describe('a body', () => {
  const schema = z.strictObject({ a: z.number() });
  const read = (body: string, headers: Record<string, string> = {}) => readBody(ask('POST', { ...HOME, ...headers }, body), schema);

  test('is read through its schema', async () => expect(await read('{"a":1}')).toEqual({ a: 1 }));

  test.each([
    ['no JSON', '{', /not JSON/],
    ['too large', JSON.stringify({ a: 1, pad: 'x'.repeat(400_000) }), /300 kB/],
    ['an unknown field', '{"a":1,"b":2}', /b/],
  ])('refused: %s', async (_, body, why) => expect(read(body)).rejects.toThrow(why));
});

describe('what no text can hold is refused, at the body and in the address', () => {
  const schema = z.strictObject({ line: z.string() });
  test.each([
    ['a NUL', '{"line":"a\\u0000b"}'],
    ['half a sign', '{"line":"a\\ud83d"}'],
    ['a NUL in a name', '{"li\\u0000ne":"a"}'],
  ])('%s', async (_, body) => {
    const response = await answer(ask('POST', HOME, body), () => readBody(ask('POST', HOME, body), schema));
    expect(response.status).toBe(422);
    expect(response.headers.get('cache-control')).toBe('no-store');
  });
  test('in the address', async () => {
    const request = new Request('http://127.0.0.1:3000/api/past?text=%00a', { headers: { host: '127.0.0.1:3000' } });
    expect((await answer(request, () => Promise.resolve({}))).status).toBe(422);
  });
  test('a whole sign beyond the first plane is a sign like any other', async () => {
    const body = JSON.stringify({ line: 'a 🏺 of clay' });
    const response = await answer(ask('POST', HOME, body), () => readBody(ask('POST', HOME, body), schema));
    expect(await response.json()).toEqual({ line: 'a 🏺 of clay' });
  });
});
