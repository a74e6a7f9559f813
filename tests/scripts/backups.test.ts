import { spawn, spawnSync } from 'node:child_process';
import { text } from 'node:stream/consumers';
import { chmodSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BUCKET, bucketStandIn, KEY } from '../../packages/backup/tests/bucketStandIn.ts';

const root = join(__dirname, '../..');
let folder: string;
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'inch-nest-backups-'));
  chmodSync(folder, 0o755);
  // a place with a shop in it that has just been made
  const made = inNode(`
    const { startCluster } = await import('./scripts/lib/cluster.mjs');
    const { prepareCommand } = await import('./scripts/lib/services.mjs');
    const { quiet } = await import('./scripts/lib/run.mjs');
    const cluster = await startCluster(${JSON.stringify(join(folder, 'here'))}, { fast: true });
    const { args, env } = prepareCommand(cluster.ownerUrl, { ownShop: true });
    const prepared = quiet(process.execPath, args, { env });
    if (!prepared.ok) throw new Error(prepared.err);
    const made = quiet(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', \`
      import { makeFirstShop, openDatabase } from './packages/data/src/index.ts';
      const database = openDatabase(process.env.DATABASE_URL);
      const facts = { name: 'Fen Lane Finds', zone: 'Europe/London', currency: 'USD', originPostcode: '10115', paper: 'a4', lastCutOff: '16:00' };
      await makeFirstShop(database, { facts, people: [{ name: 'Una', system: 'metric' }], set: 'bedded', materials: true }, 'a hash', new Date());
      await database.sequelize.close();\`], { env });
    await cluster.stop();
    if (!made.ok) throw new Error(made.err);`);
  expect(made).toMatchObject({ status: 0 });
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const inNode = (lines: string) =>
  spawnSync(process.execPath, ['--input-type=module', '-e', lines], { cwd: root, encoding: 'utf8', timeout: 240_000 });
const command = (script: string, ...args: string[]) => {
  const { status, stdout, stderr } = spawnSync(process.execPath, [`scripts/${script}.mjs`, ...args], {
    cwd: root,
    encoding: 'utf8',
    timeout: 240_000,
  });
  return { status, said: `${stdout}${stderr}` };
};
/** Who packs and what is listed in a place, asked of its own server. */
const listedIn = (state: string) =>
  inNode(`
    const { startCluster } = await import('./scripts/lib/cluster.mjs');
    const { postgresBin } = await import('./scripts/lib/debian.mjs');
    const { quiet } = await import('./scripts/lib/run.mjs');
    const cluster = await startCluster(${JSON.stringify(state)}, { fast: true });
    console.log(quiet(postgresBin() + '/psql', [cluster.ownerUrl, '-At', '-c', 'select id, name from person union select id, name from material order by 2']).out);
    await cluster.stop();`).stdout.trim();

test('made, checked, and put back into an empty place; sealed and opened with the same words', () => {
  const passphrase = join(folder, 'words');
  writeFileSync(passphrase, 'three lamps over the quay\n');
  const sealed = ['--passphrase-file', passphrase];
  const made = command('backup', '--state', join(folder, 'here'), '--to', join(folder, 'copies'), ...sealed);
  expect(made).toMatchObject({ status: 0, said: expect.stringMatching(/rows and 0 pictures, written and read back/) as string });
  const file = join(folder, 'copies', readdirSync(join(folder, 'copies'))[0]!);
  expect(file).toMatch(/-by-hand\.zip\.sealed$/);
  expect(command('backup', '--check', file)).toMatchObject({ status: 3, said: expect.stringMatching(/is sealed/) as string });
  expect(command('backup', '--check', file, ...sealed)).toMatchObject({ status: 0, said: expect.stringMatching(/whole: as of/) as string });
  const there = join(folder, 'there');
  expect(command('restore', file, '--state', there, ...sealed)).toMatchObject({
    status: 0,
    said: expect.stringMatching(/put back as of .* each compared with the copy/) as string,
  });
  const listed = listedIn(join(folder, 'here'));
  expect(listed).toContain('Una');
  expect(listed.split('\n').length).toBeGreaterThan(15);
  expect(listedIn(there)).toBe(listed);
  // a second time there is something there
  expect(command('restore', file, '--state', there, ...sealed)).toMatchObject({
    status: 1,
    said: expect.stringMatching(/there are data in .* already: name an empty folder/) as string,
  });
});

test('while the place is in use it is made all the same', () => {
  const made = inNode(`
    import { spawnSync } from 'node:child_process';
    const { startCluster } = await import('./scripts/lib/cluster.mjs');
    const { holdState } = await import('./scripts/lib/holdState.mjs');
    const state = ${JSON.stringify(join(folder, 'here'))};
    const letGo = await holdState(state);
    const cluster = await startCluster(state, { fast: true });
    const done = spawnSync(process.execPath, ['scripts/backup.mjs', '--state', state], { encoding: 'utf8' });
    console.log(done.status, done.stdout, done.stderr);
    await cluster.stop();
    await letGo();`);
  expect(made.stdout).toMatch(/^0 .*written and read back/);
  // the application is to list it and to take it away one day
  expect(readdirSync(join(folder, 'here/backups'))).toHaveLength(1);
});

test('put into a store elsewhere too, and put back from there when this machine’s disk is gone', async () => {
  const bucket = await bucketStandIn();
  const store = join(folder, 'store.json');
  writeFileSync(store, JSON.stringify({ endpoint: bucket.address, bucket: BUCKET, ...KEY }));
  // the bucket answers from this process, which must not stand still meanwhile
  const going = async (script: string, ...args: string[]) => {
    const child = spawn(process.execPath, [`scripts/${script}.mjs`, ...args, '--store', store], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    const ended = new Promise<number | null>((resolve) => child.on('close', resolve));
    const [out, err] = await Promise.all([text(child.stdout), text(child.stderr)]);
    return { status: await ended, said: out + err };
  };
  try {
    const lost = join(folder, 'lost');
    const kept = await going('backup', '--state', join(folder, 'here'), '--to', lost);
    expect(kept).toMatchObject({
      status: 0,
      said: expect.stringMatching(/was put into fen-lane at .* and came back the same\.\nIt is the only one there/) as string,
    });
    const [name] = [...bucket.objects.keys()];
    rmSync(lost, { recursive: true });
    const there = join(folder, 'from-store');
    expect(await going('restore', 'newest', '--state', there)).toMatchObject({
      status: 0,
      said: expect.stringMatching(
        new RegExp(`${name!.replaceAll('.', '\\.')} came from fen-lane[\\s\\S]*each compared with the copy`),
      ) as string,
    });
    expect(listedIn(there)).toBe(listedIn(join(folder, 'here')));
    expect(await going('restore', 'inch-nest-20200101-020000.zip', '--state', join(folder, 'none'))).toMatchObject({
      status: 1,
      said: expect.stringMatching(/there is none of that name/) as string,
    });
  } finally {
    await bucket.close();
  }
}, 180_000);

test.each([
  ['restore', [], /name one backup: npm run restore -- FILE/],
  ['restore', ['newest', '--store', '/nowhere.json'], /there is no file \/nowhere\.json/],
  ['backup', ['--store', '/nowhere.json'], /there is no file \/nowhere\.json about a store/],
  ['restore', ['/nowhere.zip'], /there is no file \/nowhere\.zip/],
  ['backup', ['--state', '/nowhere'], /there are no data in \/nowhere: name another folder with --state/],
  ['backup', ['--copy'], /Known: --to FOLDER, --check FILE/],
])('%s %j is one sentence', (script, args, says) =>
  expect(command(script, ...args)).toMatchObject({ status: 1, said: expect.stringMatching(says) as string }),
);

test('what is no backup makes no place', () => {
  const letter = join(folder, 'letter.zip');
  writeFileSync(letter, 'a letter');
  const there = join(folder, 'nothing');
  expect(command('restore', letter, '--state', there)).toMatchObject({
    status: 1,
    said: expect.stringMatching(/no copy that can be read/) as string,
  });
  mkdirSync(there);
  expect(readdirSync(there)).toEqual([]);
  expect(readFileSync(letter, 'utf8')).toBe('a letter');
});
