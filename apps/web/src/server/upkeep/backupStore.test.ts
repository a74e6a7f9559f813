import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BUCKET, bucketStandIn, KEY, type BucketStandIn } from '../../../../../packages/backup/tests/bucketStandIn.ts';
import { backupStore, keepStoreInStep } from './backupStore.ts';

jest.mock('server-only', () => ({}));
const access = { folder: '', passphraseFile: null, storeFile: '' as string | null };
jest.mock('../environment.ts', () => ({ backupAccess: () => access }));
jest.mock('../now.ts', () => ({ now: () => new Date('2026-11-23T10:00:00Z') }));
const lines: unknown[][] = [];
const write = (...line: unknown[]) => void lines.push(line);
jest.mock('../watch/log.ts', () => ({ log: () => ({ info: write, warn: write }) }));

const NAME = 'inch-nest-20261123-020000.zip.sealed';
let folder: string;
let bucket: BucketStandIn;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'inch-nest-kept-'));
  bucket = await bucketStandIn();
  Object.assign(access, { folder, storeFile: join(folder, 'store.json') });
  writeFileSync(join(folder, 'store.json'), JSON.stringify({ endpoint: bucket.address, bucket: BUCKET, ...KEY }));
  writeFileSync(join(folder, NAME), 'a copy');
  lines.length = 0;
  delete (globalThis as { inchNestBackupStore?: unknown }).inchNestBackupStore;
});
afterEach(async () => {
  await bucket.close();
  rmSync(folder, { recursive: true, force: true });
});

test('before it was asked nothing is claimed; then what lies there is known, and written down once', async () => {
  expect(backupStore()).toMatchObject({ where: null, there: [], lookedAt: null });
  await keepStoreInStep();
  expect(backupStore()).toEqual({
    where: `fen-lane at ${new URL(bucket.address).host}`,
    there: [NAME],
    lookedAt: '2026-11-23T10:00:00.000Z',
    busy: false,
    trouble: null,
  });
  await keepStoreInStep();
  expect(lines).toEqual([[{ put: [NAME], gone: [] }, 'the store of backups is in step']]);
});

test('a store that fails is told with its reason and what is known of it stays; mended, it is in step again', async () => {
  await keepStoreInStep();
  bucket.trouble = 'fails';
  await keepStoreInStep();
  expect(backupStore()).toMatchObject({
    there: [NAME],
    busy: false,
    trouble: expect.stringMatching(/could not be asked of fen-lane/) as string,
  });
  bucket.trouble = 'none';
  await keepStoreInStep();
  expect(backupStore()).toMatchObject({ trouble: null });
}, 30_000);

test('a file that does not do is told, and no secret is written down', async () => {
  writeFileSync(access.storeFile!, JSON.stringify({ endpoint: 'http://elsewhere.example', bucket: BUCKET, ...KEY }));
  await keepStoreInStep();
  expect(backupStore()!.trouble).toMatch(/endpoint: must begin with https/);
  expect(JSON.stringify(lines)).not.toContain(KEY.secretAccessKey);
});

test('asked twice at once it goes once; without a store nothing is asked', async () => {
  await Promise.all([keepStoreInStep(), keepStoreInStep()]);
  expect(bucket.asked).toMatchObject({ PUT: 1 });
  access.storeFile = null;
  expect(backupStore()).toBeNull();
  await keepStoreInStep();
  expect(bucket.asked).toMatchObject({ PUT: 1 });
});
