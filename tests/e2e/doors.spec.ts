import { request as plainRequest, type IncomingHttpHeaders } from 'node:http';
import { expect, test, type App } from './bench.ts';
import { ALL_DOORS } from './theDoors.ts';

interface Answer {
  status: number;
  headers: IncomingHttpHeaders;
  text: string;
}
const ask = (app: App, method: string, path: string, headers: Record<string, string> = {}): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const sent = plainRequest(app.address + path, { method, headers: { origin: app.address, ...headers } }, (response) => {
      let text = '';
      // what flows for as long as it is listened to has said all that is asked here with its head
      if (response.headers['content-type'] === 'text/event-stream') {
        resolve({ status: response.statusCode!, headers: response.headers, text });
        response.destroy();
        return;
      }
      response.on('data', (part) => (text += part));
      response.on('end', () => resolve({ status: response.statusCode!, headers: response.headers, text }));
    });
    sent.on('error', reject);
    sent.end();
  });
const filled = async (app: App) => {
  const { id } = (await app.shelf()).find((tag) => tag.state === 'handedOver') ?? (await app.shelf())[0]!;
  return ALL_DOORS.map((door) => ({ ...door, path: door.path.replace('[id]', id) }));
};

test('every page and every door says what it is, may not be framed, and is kept by nobody between', async ({ app }) => {
  const doors = await filled(app);
  expect(doors.length).toBeGreaterThan(40);
  for (const { path, page } of doors) {
    const { status, headers, text } = await ask(app, 'GET', path);
    expect({ path, status: status < 500 }).toEqual({ path, status: true });
    expect({ path, nosniff: headers['x-content-type-options'], frame: headers['x-frame-options'] }).toEqual({
      path,
      nosniff: 'nosniff',
      frame: 'DENY',
    });
    // a refusal without a word holds nothing to keep
    if (text !== '') expect(`${path} ${headers['cache-control']}`).toMatch(/no-store/);
    if (!page || status >= 300) continue;
    const policy = headers['content-security-policy'] as string;
    expect(policy).toMatch(/script-src 'self' 'nonce-\w+' 'strict-dynamic'/);
    for (const part of ["frame-ancestors 'none'", "object-src 'none'", "form-action 'self'", "base-uri 'none'"])
      expect(policy).toContain(part);
    expect(policy.match(/script-src [^;]*/)![0]).not.toMatch(/unsafe/);
  }
});

test('a script’s nonce is new for each answer, and every inline script bears it', async ({ app }) => {
  const [one, two] = [await ask(app, 'GET', '/new'), await ask(app, 'GET', '/new')];
  const nonceOf = ({ headers }: Answer) => /'nonce-(\w+)'/.exec(headers['content-security-policy'] as string)![1]!;
  expect(nonceOf(one)).not.toBe(nonceOf(two));
  const inline = [...one.text.matchAll(/<script(?![^>]*\bsrc=)([^>]*)>/g)].map(([, attributes]) => attributes!);
  expect(inline.length).toBeGreaterThan(0);
  for (const attributes of inline) expect(attributes).toContain(`nonce="${nonceOf(one)}"`);
});

test('no page and no door answers another host, nor a change from another page', async ({ app }) => {
  for (const { path, methods } of await filled(app)) {
    expect({ path, status: (await ask(app, 'GET', path, { host: 'evil.test' })).status }).toEqual({ path, status: 403 });
    for (const method of methods.filter((one) => one !== 'GET'))
      for (const origin of ['https://evil.test', 'null', ''])
        expect({ path, method, status: (await ask(app, method, path, { origin })).status }).toEqual({ path, method, status: 403 });
  }
});

test('what a door does not answer to is said so', async ({ app }) => {
  for (const { path, methods, page } of await filled(app)) {
    if (page) continue;
    for (const method of ['POST', 'PUT', 'PATCH', 'DELETE'].filter((one) => !methods.includes(one)))
      expect({ path, method, status: (await ask(app, method, path)).status }).toEqual({ path, method, status: 405 });
  }
});
