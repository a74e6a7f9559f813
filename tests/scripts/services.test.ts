import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { chmodSync, cpSync, mkdtempSync, rmSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '../..');
/** Runs lines of a starter in a process of its own, as the demo would. */
const starter = (lines: string): ChildProcess =>
  spawn(process.execPath, ['--input-type=module', '-e', lines], { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
const said = (child: ChildProcess, wanted: RegExp): Promise<string> =>
  new Promise((resolve, reject) => {
    let text = '';
    const hear = (part: Buffer) => {
      text += part.toString();
      const found = wanted.exec(text);
      if (found) resolve(found[0]);
    };
    child.stdout!.on('data', hear);
    child.stderr!.on('data', hear);
    child.once('close', () => reject(new Error(`it ended and said: ${text}`)));
  });
const ended = (child: ChildProcess) => new Promise<void>((resolve) => child.once('close', () => resolve()));
/** True while a process runs; one that only waits to be counted off does not. */
const runs = (pid: number): boolean => {
  const state = spawnSync('ps', ['-o', 'stat=', '-p', String(pid)], { encoding: 'utf8' }).stdout.trim();
  return state !== '' && !state.startsWith('Z');
};
async function until(holds: () => boolean): Promise<boolean> {
  for (let left = 1200; left > 0 && !holds(); left--) await new Promise((resolve) => setTimeout(resolve, 100));
  return holds();
}

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'inch-nest-services-'));
  chmodSync(folder, 0o755);
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

describe('a state folder', () => {
  const hold = () =>
    starter(`import { holdState } from './scripts/lib/holdState.mjs';
    holdState(${JSON.stringify(folder)}).then(() => console.log('held'), (error) => console.log(error.message));
    setTimeout(() => {}, 120_000);`);

  test('is held by one; another is told so; killed without a word it is free at once', async () => {
    const one = hold();
    await said(one, /^held$/m);
    const two = hold();
    expect(await said(two, /another Inch Nest.*/)).toContain(`uses ${folder}: stop it`);
    one.kill('SIGKILL');
    await ended(one);
    const three = hold();
    expect(await said(three, /^held$|another.*/m)).toBe('held');
    for (const child of [two, three]) child.kill('SIGKILL');
    await Promise.all([two, three].map(ended));
  });
});

describe('what is started', () => {
  test('ends with its starter, however that ends, and under root has no more rights than it needs', async () => {
    const child = starter(`import { startProcess } from './scripts/lib/process.mjs';
      const started = startProcess('sh', ['-c', 'id -u; exec sleep 300'], { stdio: ['ignore', 'inherit', 'inherit'] });
      console.log('pid ' + started.pid);
      setTimeout(() => {}, 120_000);`);
    const [pid, user] = await Promise.all([said(child, /pid (\d+)/), said(child, /^\d+$/m)]);
    expect(Number(user)).not.toBe(0);
    const id = Number(pid.slice(4));
    expect(runs(id)).toBe(true);
    child.kill('SIGKILL');
    await ended(child);
    expect(await until(() => !runs(id))).toBe(true);
  });

  test('comes back when it ends unasked, each time after a longer pause, and not when it is stopped', async () => {
    const child = starter(`import { supervise } from './scripts/lib/supervise.mjs';
      let starts = 0;
      const start = async () => {
        if (++starts === 3) throw new Error('the third start fails');
        let end;
        const gone = new Promise((resolve) => (end = resolve));
        if (starts < 3) setTimeout(end, 20);
        return { gone, stop: async () => end() };
      };
      const kept = await supervise('the lamp', start);
      while (starts < 4) await new Promise((resolve) => setTimeout(resolve, 50));
      await new Promise((resolve) => setTimeout(resolve, 100));
      await kept.stop();
      console.log('stopped after ' + starts);`);
    let heard = '';
    child.stdout!.on('data', (part: Buffer) => (heard += part.toString()));
    await ended(child);
    expect(heard.trim().split('\n')).toEqual([
      'the lamp ended unasked: it is started again in 0.5 s.',
      'the lamp is back.',
      'the lamp ended unasked: it is started again in 1 s.',
      'the third start fails',
      'the lamp ended unasked: it is started again in 2 s.',
      'the lamp is back.',
      'stopped after 4',
    ]);
  });
});

describe('a database', () => {
  const open = (state: string) =>
    starter(`import { startCluster } from './scripts/lib/cluster.mjs';
      const cluster = await startCluster(${JSON.stringify(state)}, { fast: true }).catch((error) => (console.log(error.message), process.exit(1)));
      process.on('SIGTERM', () => cluster.stop().then(() => process.exit(0)));
      console.log('open ' + cluster.port + ' ' + cluster.pid);
      setTimeout(() => {}, 120_000);`);
  const opened = async (state: string) => {
    const child = open(state);
    const [, port, pid] = /open (\d+) (\d+)/.exec(await said(child, /open \d+ \d+/))!;
    return { child, port: Number(port), pid: Number(pid) };
  };

  test('a copied folder speaks to a server of its own, and says what it is', async () => {
    const state = join(folder, 'state');
    const one = await opened(state);
    const copy = join(folder, 'copy');
    spawnSync('cp', ['-a', state, copy]);
    const child = open(copy);
    const words = await said(child, /was not stopped before[\s\S]*open \d+ \d+/);
    expect(words).toContain(`${copy} was copied or moved`);
    expect(/open (\d+)/.exec(words)![1]).not.toBe(String(one.port));
    expect(runs(one.pid)).toBe(true);
    for (const each of [one.child, child]) each.kill('SIGTERM');
    await Promise.all([one.child, child].map(ended));
  }, 90_000);

  test('what a killed starter left is taken over: the server goes, and the next start opens the same data', async () => {
    const state = join(folder, 'state');
    const one = await opened(state);
    one.child.kill('SIGKILL');
    await ended(one.child);
    const two = await opened(state);
    expect(runs(one.pid)).toBe(false);
    two.child.kill('SIGTERM');
    await ended(two.child);
  }, 90_000);

  test.each<[string, (state: string) => void, RegExp]>([
    ['its password gone', (state) => rmSync(join(state, 'password')), /password is missing or empty: put it back from a copy/],
    ['its password cut', (state) => truncateSync(join(state, 'password'), 0), /password is missing or empty/],
    [
      'another password',
      (state) => writeFileSync(join(state, 'password'), 'open sesame'),
      /is not the database's: put it back from a copy/,
    ],
    ['its version cut', (state) => truncateSync(join(state, 'cluster/PG_VERSION'), 0), /is cut short .*put the folder back from a copy/],
    ['its control file cut', (state) => truncateSync(join(state, 'cluster/global/pg_control'), 100), /the database server did not start: /],
    ['half of a first start', (state) => cpSync(join(state, 'cluster/base'), join(state, 'cluster.new'), { recursive: true }), /^open/m],
    ['the application’s password gone', (state) => rmSync(join(state, 'password-app')), /^open/m],
  ])(
    'with %s: one sentence, or it goes on',
    async (_, harm, sentence) => {
      const state = join(folder, 'state');
      const one = await opened(state);
      one.child.kill('SIGTERM');
      await ended(one.child);
      harm(state);
      const child = open(state);
      expect(await said(child, sentence)).toMatch(sentence);
      child.kill('SIGTERM');
      if (child.exitCode === null) await ended(child);
    },
    90_000,
  );
});

test('a counter whose book is cut says so in one sentence', () => {
  const book = join(folder, 'counter.json');
  writeFileSync(book, '{"purchases":{');
  const done = spawnSync(process.execPath, ['--import', 'tsx', 'apps/counter/src/main.ts', '--port', '0', '--state', book], {
    cwd: root,
    encoding: 'utf8',
  });
  expect([done.status, done.stderr.trim()]).toEqual([
    1,
    expect.stringMatching(/^the counter’s book .* is cut short: put it back from a copy, or move it away/),
  ]);
});
