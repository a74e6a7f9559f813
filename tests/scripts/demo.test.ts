import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '../..');
const start = (args: string[], environment: Record<string, string> = {}) => {
  const done = spawnSync(process.execPath, ['scripts/demo.mjs', ...args], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, ...environment },
    timeout: 240_000,
  });
  return { status: done.status, said: done.stderr.trim().split('\n').at(-1) ?? '' };
};

let state: string;
beforeEach(() => {
  state = mkdtempSync(join(tmpdir(), 'inch-nest-state-'));
  chmodSync(state, 0o755);
});
afterEach(() => rmSync(state, { recursive: true, force: true }));

test('an unknown option names those that are known', () =>
  expect(start(['--prot', '3001'])).toMatchObject({
    status: 1,
    said: expect.stringMatching(/--port N, --reset, --yes, --state DIR/) as string,
  }));

test('a port that is none is refused', () => expect(start(['--port', 'many']).said).toMatch(/--port many is not a port/));

test('a taken port is named with the next one as remedy', async () => {
  const server = await new Promise<Server>((resolve) => {
    const one = createServer().listen(0, '127.0.0.1', () => resolve(one));
  });
  const { port } = server.address() as { port: number };
  // the child must find it taken while this process waits: listen in this process, ask in that one
  expect(start(['--port', String(port)])).toMatchObject({
    status: 1,
    said: expect.stringContaining(`port ${port} is taken: stop what uses it, or start with npm run demo -- --port ${port + 1}`) as string,
  });
  server.close();
});

test('a reset where nobody can be asked wants --yes', () =>
  expect(start(['--port', '39871', '--reset', '--state', state]).said).toMatch(/say --yes/));

test('data of another server version are refused with both versions and the remedy', () => {
  mkdirSync(join(state, 'in/cluster'), { recursive: true });
  writeFileSync(join(state, 'in/cluster/PG_VERSION'), '9\n');
  expect(start(['--port', '39872', '--state', join(state, 'in')])).toMatchObject({
    status: 1,
    said: expect.stringMatching(/belong to PostgreSQL 9, but PostgreSQL \d+ is installed/) as string,
  });
});

test('a state folder that cannot be made is said so', () => {
  writeFileSync(join(state, 'file'), '');
  expect(start(['--port', '39873', '--state', join(state, 'file/below')]).said).toMatch(/cannot be made .*--state DIR/);
});

test('a database that does not answer is one sentence', () => {
  const { status, said } = start(['--port', '39874'], { DATABASE_URL: 'postgres://nobody:x@127.0.0.1:9/none' });
  expect(status).toBe(1);
  expect(said).toMatch(/could not be prepared/);
});
