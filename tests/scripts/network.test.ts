import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer, type IncomingHttpHeaders, type Server } from 'node:http';
import { request as securely } from 'node:https';
import { connect, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '../..');
const NAMES = ['127.0.0.1', 'inch-nest.test'];

/** Something of the scripts, in a process of its own: they are modules that only Node itself reads. */
const inNode = (lines: string): unknown =>
  JSON.parse(execFileSync(process.execPath, ['--input-type=module', '-e', lines], { cwd: root, encoding: 'utf8' })) as unknown;
const certificateIn = (folder: string, names: readonly string[] = NAMES, own: object | null = null) =>
  inNode(`
    const { certificateFor } = await import('./scripts/lib/certificate.mjs');
    const made = await certificateFor(${JSON.stringify(folder)}, ${JSON.stringify(names)}, ${JSON.stringify(own)}).catch(({ message }) => ({ message }));
    console.log(JSON.stringify(made));`) as { key: string; cert: string; root: string | null; message?: string };

let folder: string;
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'inch-nest-certificate-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('the certificate a shop makes itself', () => {
  test('is good for every name, signed by a root that is kept, and for its owner’s eyes alone', () => {
    const made = certificateIn(folder);
    const [leaf, signer] = [new X509Certificate(made.cert), new X509Certificate(made.root!)];
    expect(leaf.checkIP('127.0.0.1')).toBe('127.0.0.1');
    expect(leaf.checkHost('inch-nest.test')).toBe('inch-nest.test');
    expect(leaf.checkHost('elsewhere.test')).toBeUndefined();
    expect([leaf.verify(signer.publicKey), leaf.ca, signer.ca, signer.verify(signer.publicKey)]).toEqual([true, false, true, true]);
    // no browser takes a server's certificate for longer than 398 days (CA/Browser Forum, Baseline Requirements 6.3.2)
    expect((Date.parse(leaf.validTo) - Date.parse(leaf.validFrom)) / 86_400_000).toBeLessThanOrEqual(398);
    for (const name of ['root.key', 'leaf.key']) expect(statSync(join(folder, name)).mode & 0o777).toBe(0o600);
    // and the checker that browsers' makers test against says the same of the chain
    writeFileSync(join(folder, 'chain.pem'), made.cert);
    const says = execFileSync('openssl', ['verify', '-x509_strict', '-CAfile', join(folder, 'root.crt'), join(folder, 'chain.pem')], {
      encoding: 'utf8',
    });
    expect(says).toMatch(/: OK/);
  });

  test('stays as it is, is made anew for another name, and the root that was trusted stays', () => {
    const first = certificateIn(folder);
    expect(certificateIn(folder)).toEqual(first);
    const other = certificateIn(folder, [...NAMES, '192.0.2.7']);
    expect(other.root).toBe(first.root);
    expect(new X509Certificate(other.cert).checkIP('192.0.2.7')).toBe('192.0.2.7');
  });

  test('somebody’s own is taken as it is, and refused in words where it is for something else', () => {
    certificateIn(folder);
    const own = { cert: join(folder, 'leaf.crt'), key: join(folder, 'leaf.key') };
    expect(certificateIn(folder, NAMES, own)).toMatchObject({ root: null, key: readFileSync(own.key, 'utf8') });
    expect(certificateIn(folder, ['elsewhere.test'], own).message).toMatch(/for none of elsewhere\.test: name what it is for with --host/);
    expect(certificateIn(folder, NAMES, { ...own, cert: join(folder, 'nothing.crt') }).message).toMatch(/cannot be used/);
  });
});

describe('what listens for the network', () => {
  let front: ChildProcess;
  let behind: Server;
  let heard: IncomingHttpHeaders[];
  let port: number;
  let trusted: string;
  beforeEach(async () => {
    const made = certificateIn(folder);
    trusted = made.root!;
    heard = [];
    behind = createServer((request, response) => {
      heard.push(request.headers);
      response.setHeader('set-cookie', ['a=1', 'b=2']);
      response.end(request.headers['host']);
    });
    await new Promise<void>((done) => behind.listen(0, '127.0.0.1', done));
    port = (inNode(`import { freePort } from './scripts/lib/ports.mjs'; console.log(await freePort());`) as number) ?? 0;
    front = spawn(
      process.execPath,
      ['scripts/lib/front.mjs', '127.0.0.1', String(port), `http://127.0.0.1:${(behind.address() as AddressInfo).port}`],
      { cwd: root, stdio: ['pipe', 'pipe', 'inherit'] },
    );
    front.stdin!.end(JSON.stringify({ key: made.key, cert: made.cert, secret: 'between us' }));
    await new Promise((done) => front.stdout!.once('data', done));
  });
  afterEach(async () => {
    front.kill();
    await new Promise((done) => front.once('exit', done));
    behind.closeAllConnections();
    await new Promise((done) => behind.close(done));
  });
  const ask = (headers: Record<string, string> = {}, ca: string | undefined = trusted) =>
    new Promise<{ status: number; body: string; headers: IncomingHttpHeaders }>((resolve, reject) => {
      const sent = securely({ host: '127.0.0.1', port, path: '/day', headers, agent: false, ...(ca ? { ca } : {}) }, (response) => {
        let body = '';
        response.on('data', (part: Buffer) => (body += String(part)));
        response.on('end', () => resolve({ status: response.statusCode!, body, headers: response.headers }));
      });
      sent.on('error', reject);
      sent.end();
    });

  test('passes on over https what it is asked, says where from, and throws away whatever was claimed about it', async () => {
    const { status, body, headers } = await ask({
      host: `inch-nest.test:${port}`,
      'x-forwarded-for': '203.0.113.9',
      forwarded: 'for=203.0.113.9',
      'x-inch-nest-front': 'guessed',
      'x-inch-nest-from': '203.0.113.9',
      'x-inch-nest-keep': 'bench',
      cookie: 'session=1',
    });
    expect([status, body, headers['set-cookie']]).toEqual([200, `inch-nest.test:${port}`, ['a=1', 'b=2']]);
    expect(headers['strict-transport-security']).toMatch(/max-age=31536000/);
    expect(heard[0]).toMatchObject({
      'x-inch-nest-front': 'between us',
      'x-inch-nest-from': expect.stringMatching(/127\.0\.0\.1$/) as unknown,
      'x-inch-nest-keep': 'bench',
      cookie: 'session=1',
    });
    expect([heard[0]!['x-forwarded-for'], heard[0]!['forwarded']]).toEqual([undefined, undefined]);
  });

  test('whoever does not trust the root is not connected', () => expect(ask({}, '')).rejects.toThrow(/self-signed|unable to (get|verify)/));

  test('a plain request gets one sentence and reaches nothing', async () => {
    const said = await new Promise<string>((resolve, reject) => {
      let text = '';
      const socket = connect(port, '127.0.0.1', () => socket.write('GET /day HTTP/1.1\r\nhost: x\r\n\r\n'));
      socket.on('data', (part) => (text += String(part)));
      socket.on('end', () => resolve(text));
      socket.on('error', reject);
    });
    expect(said).toMatch(/^HTTP\/1\.1 426 [\s\S]*over https only/);
    expect(heard).toEqual([]);
  });

  test('while the application is away it says so, and goes on when it is back', async () => {
    const { port: at } = behind.address() as AddressInfo;
    behind.closeAllConnections();
    await new Promise((done) => behind.close(done));
    expect(await ask()).toMatchObject({ status: 503, body: expect.stringMatching(/once more in a moment/) as unknown });
    await new Promise<void>((done) => behind.listen(at, '127.0.0.1', done));
    expect((await ask()).status).toBe(200);
  });
});
