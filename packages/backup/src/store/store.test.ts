import { randomBytes } from 'node:crypto';
import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { BUCKET, bucketStandIn, KEY, type BucketStandIn } from '../../tests/bucketStandIn.ts';
import { copyName } from '../copyFolder.ts';
import { copiesToKeep } from '../rotation.ts';
import { StoreTrouble, type CopyStore } from './CopyStore.ts';
import { keepInStep } from './keepInStep.ts';
import { openStore } from './openStore.ts';
import { readStoreSettings } from './StoreSettings.ts';

let folder: string;
let bucket: BucketStandIn;
let store: CopyStore;
const settings = () => ({ endpoint: bucket.address, region: 'us-east-1', bucket: BUCKET, prefix: 'shop/', ...KEY, pathStyle: true });

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'inch-nest-store-'));
  mkdirSync(join(folder, 'copies'));
  bucket = await bucketStandIn();
  store = await openStore(settings());
});
afterEach(async () => {
  store.close();
  await bucket.close();
  rmSync(folder, { recursive: true, force: true });
});

const copies = () => join(folder, 'copies');
const night = (day: number) => new Date(Date.UTC(2026, 10, day, 2));
/** A file with the name of a copy. */
function lay(at: Date, byHand = false, bytes = 2000): string {
  const name = copyName(at, { byHand, sealed: true });
  writeFileSync(join(copies(), name), randomBytes(bytes));
  return name;
}

describe('a store that speaks the S3 protocol', () => {
  test('what is put there is there to the byte, small and in parts, and is brought back; what is no copy is passed over', async () => {
    const small = lay(night(3));
    // more than two parts of 16 MiB
    const large = lay(night(4), true, 35_000_000);
    bucket.objects.set('shop/notes.txt', Buffer.from('no copy'));
    bucket.objects.set('other/inch-nest-20261101-020000.zip', Buffer.from('of another shop'));
    for (const name of [small, large]) {
      await store.put(join(copies(), name), name);
      expect(bucket.objects.get(`shop/${name}`)!.equals(readFileSync(join(copies(), name)))).toBe(true);
      await store.fetch(name, join(folder, 'back'));
      expect(readFileSync(join(folder, 'back')).equals(readFileSync(join(copies(), name)))).toBe(true);
    }
    expect((await store.list()).map(({ name, bytes }) => [name, bytes])).toEqual([
      [large, 35_000_000],
      [small, 2000],
    ]);
    await store.remove(large);
    expect(bucket.objects.has(`shop/${large}`)).toBe(false);
  });

  test('a copy that comes back with one bit changed does not count, and is taken away again', async () => {
    const name = lay(night(3));
    bucket.trouble = 'spoils';
    await expect(store.put(join(copies(), name), name)).rejects.toThrow(
      /did not come back from fen-lane\/shop\/ at 127.0.0.1:\d+ as it was put there/,
    );
    expect(bucket.objects.size).toBe(0);
  });

  test.each([
    ['another secret', { secretAccessKey: 'not it' }, /the secret is not the one of the key/],
    ['another key', { accessKeyId: 'nobody' }, /the key is not known there/],
    ['another bucket', { bucket: 'elsewhere' }, /there is no such bucket/],
    ['nobody there', { endpoint: 'http://127.0.0.1:9' }, /nobody answers there/],
  ])('%s: said in one sentence that tells no secret', async (_, other, says) => {
    const wrong = await openStore({ ...settings(), ...other });
    const trouble = await wrong.list().catch((error: unknown) => error as Error);
    wrong.close();
    expect(trouble).toBeInstanceOf(StoreTrouble);
    expect((trouble as Error).message).toMatch(says);
    expect((trouble as Error).message).not.toMatch(/not it|a secret of the bench/);
  });

  test('what is not there is not fetched, and leaves no file', async () => {
    await expect(store.fetch('inch-nest-20261101-020000.zip', join(folder, 'back'))).rejects.toThrow(/there is none of that name/);
    expect(readdirSync(folder)).toEqual(['copies']);
  });
});

describe('kept in step with a folder', () => {
  const there = () => [...bucket.objects.keys()].map((name) => name.slice('shop/'.length)).sort();

  test('what it lacks is put there once, also after nights without it; a second time nothing is', async () => {
    const names = [lay(night(3)), lay(night(4)), lay(night(4), true)];
    expect((await keepInStep(store, copies())).put).toHaveLength(3);
    bucket.trouble = 'fails';
    names.push(lay(night(5)));
    await expect(keepInStep(store, copies())).rejects.toThrow(StoreTrouble);
    bucket.trouble = 'none';
    names.push(lay(night(6)));
    expect((await keepInStep(store, copies())).put).toEqual([names[4], names[3]]);
    expect(there()).toEqual([...names].sort());
    const before = bucket.asked['PUT'];
    expect(await keepInStep(store, copies())).toMatchObject({ put: [], gone: [] });
    expect(bucket.asked['PUT']).toBe(before);
  }, 30_000);

  test('one that came there in part is put there anew', async () => {
    const name = lay(night(3));
    bucket.objects.set(`shop/${name}`, Buffer.from('half of'));
    expect((await keepInStep(store, copies())).put).toEqual([name]);
    expect(bucket.objects.get(`shop/${name}`)).toHaveLength(2000);
  });

  test('night after night the store keeps what the rule of seven days, five weeks and twelve months keeps, and all by hand', async () => {
    const nights = Array.from({ length: 60 }, (_, i) => new Date(Date.UTC(2026, 8, 1 + i, 2)));
    const hand = lay(new Date(Date.UTC(2026, 8, 2, 9)), true, 10);
    for (const at of nights) bucket.objects.set(`shop/${copyName(at, { byHand: false, sealed: true })}`, Buffer.from('x'));
    const { gone, there: left } = await keepInStep(store, copies());
    const kept = copiesToKeep(nights).map((at) => copyName(at, { byHand: false, sealed: true }));
    expect(there()).toEqual([hand, ...kept].sort());
    expect(gone).toHaveLength(60 - kept.length);
    expect([...left].sort()).toEqual(there());
  });

  test('where the folder is lost, what lies there stays', async () => {
    const names = [lay(night(3)), lay(night(4))];
    await keepInStep(store, copies());
    rmSync(copies(), { recursive: true });
    expect(await keepInStep(store, copies())).toMatchObject({ put: [], gone: [] });
    expect(there()).toEqual([...names].sort());
  });
});

describe('the file about it', () => {
  const file = (text: string) => {
    const path = join(folder, 'store.json');
    writeFileSync(path, text);
    return path;
  };
  const whole = { endpoint: 'https://store.example', bucket: 'fen-lane', ...KEY };

  test('what is left out is as most stores want it', async () =>
    expect(await readStoreSettings(file(JSON.stringify(whole)))).toEqual({ ...whole, region: 'us-east-1', prefix: '', pathStyle: true }));

  test.each([
    ['no JSON', '{"endpoint":', /is no JSON/],
    ['in the clear', JSON.stringify({ ...whole, endpoint: 'http://store.example' }), /endpoint: must begin with https/],
    ['no address', JSON.stringify({ ...whole, endpoint: 'store' }), /endpoint: is no address/],
    ['no secret', JSON.stringify({ ...whole, secretAccessKey: '' }), /secretAccessKey: is empty/],
    ['a word too many', JSON.stringify({ ...whole, bukkit: 'x' }), /bukkit/],
    ['a list', '[]', /does not do/],
  ])('%s is said', (_, text, says) => expect(readStoreSettings(file(text))).rejects.toThrow(says));

  test('one that is not there is said', () => expect(readStoreSettings(join(folder, 'none'))).rejects.toThrow(/is not there/));
});
