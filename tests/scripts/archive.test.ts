import { spawnSync } from 'node:child_process';
import { chmodSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '../..');
let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'inch-nest-archive-'));
  chmodSync(folder, 0o755);
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const inNode = (lines: string) => {
  const { stdout, stderr, status } = spawnSync(process.execPath, ['--input-type=module', '-e', lines], {
    cwd: root,
    encoding: 'utf8',
    timeout: 270_000,
  });
  if (status !== 0) throw new Error(stderr);
  return JSON.parse(stdout.trim().split('\n').at(-1)!) as Record<string, string>;
};
const command = (...args: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, ['scripts/archive.mjs', ...args], {
    cwd: root,
    encoding: 'utf8',
    timeout: 240_000,
  });
  return { status, said: `${stdout}${stderr}` };
};
/** What is asked of a place, answered by its own server. */
const ASK = `
  const { startCluster } = await import('./scripts/lib/cluster.mjs');
  const { postgresBin } = await import('./scripts/lib/debian.mjs');
  const { quiet } = await import('./scripts/lib/run.mjs');
  const ask = (url, sql) => {
    const { ok, out, err } = quiet(postgresBin() + '/psql', [url, '-At', '-v', 'ON_ERROR_STOP=1', '-c', sql]);
    if (!ok) throw new Error(err);
    return out.trim();
  };`;
const entriesIn = (state: string) =>
  inNode(`${ASK}
    const cluster = await startCluster(${JSON.stringify(state)});
    console.log(JSON.stringify({ entries: ask(cluster.ownerUrl, "select string_agg(what, ',' order by at) from entry") }));
    await cluster.stop();`)['entries'];

test('a place is had back as of any moment since its base: before a mistake, and after it', () => {
  const [here, archive] = [join(folder, 'here'), join(folder, "the archive's")];
  const told = inNode(`${ASK}
    const { existsSync } = await import('node:fs');
    const { archiveSettings, makeArchive, makeBase, switchLog } = await import('./scripts/lib/archive.mjs');
    const state = ${JSON.stringify(here)}, archive = ${JSON.stringify(archive)};
    makeArchive(archive);
    const cluster = await startCluster(state, { settings: archiveSettings(archive) });
    const url = cluster.ownerUrl;
    const moment = () => ask(url, "select to_char(clock_timestamp() at time zone 'UTC', 'YYYY-MM-DD\\"T\\"HH24:MI:SS.US\\"Z\\"')");
    const pause = () => new Promise((resolve) => setTimeout(resolve, 1200));
    ask(url, "create table entry (what text, at timestamptz default clock_timestamp()); insert into entry values ('before the base')");
    makeBase(url, state, archive, new Date());
    await pause();
    ask(url, "insert into entry values ('sold')");
    await pause();
    const good = moment();
    await pause();
    ask(url, "delete from entry");
    ask(url, "insert into entry values ('after the mistake')");
    const piece = ask(url, "select pg_walfile_name(pg_current_wal_lsn())");
    switchLog(url);
    for (let left = 50; left > 0 && !existsSync(archive + '/log/' + piece); left--) await pause();
    await cluster.stop();
    console.log(JSON.stringify({ good }));`);
  const before = join(folder, 'before');
  expect(command('restore', '--archive', archive, '--state', before, '--at', told['good']!)).toMatchObject({
    status: 0,
    said: expect.stringMatching(/put back as of .*Photographs are not in it/s) as string,
  });
  expect(entriesIn(before)).toBe('before the base,sold');
  const after = join(folder, 'after');
  expect(command('restore', '--archive', archive, '--state', after)).toMatchObject({ status: 0 });
  expect(entriesIn(after)).toBe('after the mistake');
  // what is there is never put over, and a moment before every base cannot be had
  expect(command('restore', '--archive', archive, '--state', after).said).toMatch(/there are data in .* already/);
  const early = command('restore', '--archive', archive, '--state', join(folder, 'early'), '--at', '2020-01-01T00:00:00Z');
  expect(early).toMatchObject({ status: 1, said: expect.stringMatching(/no base in .* is from before that moment/) as string });
  expect(existsSync(join(folder, 'early'))).toBe(false);
});

test.each([
  [['restore', '--archive', '/nowhere', '--at', '2026-11-28 10:30'], /is no moment: say it with its zone/],
  [['base'], /name the archive with --archive DIR/],
  [['bake', '--archive', '/nowhere'], /bake is not known\. Known: base, now, restore, list/],
])('%j is one sentence', (args, says) =>
  expect(command(...args)).toMatchObject({ status: 1, said: expect.stringMatching(says) as string }),
);
