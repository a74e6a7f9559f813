import { createHash, randomUUID } from 'node:crypto';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, strFromU8 } from 'fflate';
import {
  addPhoto,
  inShop,
  listPast,
  listShelf,
  beginPurchase,
  migrate,
  openDatabase,
  readParcel,
  readShop,
  type Database,
} from '@inch-nest/data';
import { freshDatabase } from '../../data/tests/freshDatabase.ts';
import { bowl, keepOne, RATE, smallShop, tell } from '../../data/tests/smallShop.ts';
import { damagesOf, listCopies, makeCopy, openCopy, restoreCopy, writeCopy } from './index.ts';

const NOW = new Date('2026-11-23T10:00:00Z');
const LATER = new Date('2026-11-24T02:00:00Z');

let folder: string;
let photos: string;
let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shopId: string;
/** Bytes that stand for a picture, as little to be squeezed as one, kept as pictures are, under the hash of their content. */
function keepPicture(text: string): string {
  const content = createHash('sha256').update(text).digest('hex');
  mkdirSync(join(photos, content.slice(0, 2)), { recursive: true });
  for (const name of [content, `${content}-small`])
    writeFileSync(
      join(photos, content.slice(0, 2), `${name}.jpg`),
      createHash('shake256', { outputLength: 60_000 })
        .update(text + name)
        .digest(),
    );
  return content;
}

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'inch-nest-copies-'));
  photos = join(folder, 'photos');
  mkdirSync(photos);
  fresh = await freshDatabase();
  const shop = await smallShop(fresh.owner);
  shopId = shop.id;
  const room = inShop(fresh.database, shopId);
  for (let i = 0; i < 6; i++) await bowl(room, shop);
  const [tag] = await listShelf(room);
  const { pieceId } = await readParcel(room, tag!.id, shop.people[0]!.id);
  await keepOne(room, shop, tag!.id, { path: `piece/${pieceId}/bin`, value: 'B4', basedOn: 0 });
  await tell(room, tag!.id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] }, NOW);
  await tell(room, tag!.id, { kind: 'rated', rate: RATE }, NOW);
  await beginPurchase(room, shop, tag!.id, shop.people[0]!.id, NOW);
  for (const text of ['front', 'back', 'base'])
    await addPhoto(
      room,
      shop,
      tag!.id,
      { id: randomUUID(), personId: shop.people[0]!.id, of: 'piece' },
      { content: keepPicture(text), width: 10, height: 8 },
      NOW,
    );
});
afterAll(async () => {
  await fresh.drop();
  rmSync(folder, { recursive: true, force: true });
});

const order = () => ({ database: fresh.database, photos, now: LATER });
const files = (of: string) =>
  readdirSync(of, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.jpg'))
    .sort()
    .map((name) => [name, readFileSync(join(of, name), 'latin1')] as const);

/** Every row of every table, by a query of its own that knows nothing of copies. */
async function everyRow({ sequelize }: Database): Promise<Record<string, unknown[]>> {
  const [tables] = (await sequelize.query("select tablename from pg_tables where schemaname = 'public' order by 1")) as [
    { tablename: string }[],
    unknown,
  ];
  const found: Record<string, unknown[]> = {};
  for (const { tablename } of tables) {
    const hidden = tablename === 'migration' ? 'name' : '*';
    [found[tablename]] = await sequelize.query(`select ${hidden} from "${tablename}" order by 1`);
  }
  return found;
}

/** An empty place, and what a copy becomes in it. */
async function restored(path: string, passphrase?: string) {
  const place = await freshDatabase({ migrations: [] });
  const pictures = mkdtempSync(join(folder, 'restored-'));
  const copy = await openCopy(path, passphrase);
  try {
    const told = await restoreCopy(copy, place.owner, pictures);
    return { place, pictures, told };
  } catch (error) {
    await place.drop();
    throw error;
  } finally {
    await copy.close();
  }
}

test('everything is put back: each row, each picture, and what the application reads of them', async () => {
  const path = join(folder, 'all.zip');
  const before = await everyRow(fresh.owner);
  const manifest = await writeCopy(order(), path);
  const { place, pictures, told } = await restored(path);
  try {
    const after = await everyRow(place.owner);
    expect(Object.keys(after)).toEqual(Object.keys(before));
    expect(after).toEqual(before);
    expect(['parcel', 'life_event', 'label', 'photo', 'box', 'field_change'].map((table) => before[table]!.length > 0)).not.toContain(
      false,
    );
    expect(files(pictures)).toEqual(files(photos));
    expect(files(pictures)).toHaveLength(6);
    const rows = Object.entries(before).reduce((sum, [name, some]) => sum + (name === 'migration' ? 0 : some.length), 0);
    expect([told.rows, told.pictures, told.missing]).toEqual([rows, 6, []]);
    expect(manifest.tables.reduce((sum, one) => sum + one.rows, 0)).toBe(rows);
    const [here, there] = [inShop(fresh.database, shopId), inShop(place.owner, shopId)];
    expect(await listShelf(there)).toEqual(await listShelf(here));
    expect(await listPast(there, {}, null)).toEqual(await listPast(here, {}, null));
    const shop = await readShop(here, NOW);
    expect(await readShop(there, NOW)).toEqual(shop);
    const [tag] = await listShelf(here);
    expect(await readParcel(there, tag!.id, shop.people[0]!.id)).toEqual(await readParcel(here, tag!.id, shop.people[0]!.id));
    // what counts up goes on where it was: another change takes the next number
    const [[next]] = (await place.owner.sequelize.query(
      `select nextval(pg_get_serial_sequence('field_change', 'seq'))::int as next, (select coalesce(max(seq), 0)::int from field_change) as last`,
    )) as [{ next: number; last: number }[], unknown];
    expect(next!.next).toBe(next!.last + 1);
  } finally {
    await place.drop();
  }
});

test('the copy is of one moment: what is written while it is made is whole in it, or not in it', async () => {
  const path = join(folder, 'moment.zip');
  const room = inShop(fresh.database, shopId);
  const copying = writeCopy(order(), path);
  const shop = await readShop(room, NOW);
  const [tag] = await listShelf(room);
  for (let i = 0; i < 20; i++)
    await addPhoto(
      room,
      shop,
      tag!.id,
      { id: randomUUID(), personId: shop.people[0]!.id, of: 'piece' },
      { content: keepPicture(`n${i}`), width: 1, height: 1 },
      NOW,
    );
  const { tables, pictures } = await copying;
  const photo = tables.find(({ name }) => name === 'photo')!;
  // a row and its two pictures, always; and the event beside each photograph
  expect(pictures).toHaveLength(2 * photo.rows);
  const { place } = await restored(path);
  const [[counts]] = (await place.owner.sequelize.query(
    `select (select count(*)::int from photo) as photos, (select count(*)::int from life_event where kind = 'photoAdded') as told`,
  )) as [{ photos: number; told: number }[], unknown];
  await place.drop();
  expect(counts!.photos).toBe(photo.rows);
});

test('an open format: a ZIP whose parts are JSON by the line, pictures, and a list of contents', async () => {
  const path = join(folder, 'open.zip');
  await writeCopy(order(), path);
  // read with another program than wrote it
  const parts = unzipSync(readFileSync(path));
  const manifest = JSON.parse(strFromU8(parts['manifest.json']!)) as { tables: { name: string; rows: number; sha256: string }[] };
  for (const { name, rows, sha256 } of manifest.tables) {
    const text = strFromU8(parts[`tables/${name}.jsonl`]!);
    expect(
      text
        .split('\n')
        .filter(Boolean)
        .map((line) => JSON.parse(line) as object),
    ).toHaveLength(rows);
    expect(createHash('sha256').update(text).digest('hex')).toBe(sha256);
  }
});

test('one shop alone, with lists for other programs; another shop of the server is not in it', async () => {
  const other = await smallShop(fresh.owner, true);
  const path = join(folder, 'shop.zip');
  const manifest = await writeCopy({ ...order(), shopId: other.id }, path);
  const parts = unzipSync(readFileSync(path));
  const shops = strFromU8(parts['tables/shop.jsonl']!).trim().split('\n');
  expect(shops.map((line) => (JSON.parse(line) as { id: string }).id)).toEqual([other.id]);
  for (const [name, part] of Object.entries(parts)) if (/^(tables|lists)\//.test(name)) expect(strFromU8(part)).not.toContain(shopId);
  expect(strFromU8(parts['lists/box.csv']!).split('\n')[0]).toBe('id,shop_id,key,name,position,on_hand,properties');
  expect(strFromU8(parts['lists/columns.csv']!)).toContain('box,on_hand,integer,true');
  expect(manifest.holds).toBe('oneShop');
  const { place } = await restored(path);
  const there = inShop(place.owner, other.id);
  expect(await readShop(there, NOW)).toEqual(await readShop(inShop(fresh.database, other.id), NOW));
  await place.drop();
});

test('a copy of an earlier version is put back and brought up to date', async () => {
  const earlier = JSON.parse(readFileSync(join(__dirname, '../../data/tests/version6.json'), 'utf8')) as {
    rows: Record<string, unknown[]>;
    views: Record<string, { id: string }>;
  };
  const { MIGRATIONS } = jest.requireActual<{ MIGRATIONS: { name: string; up: never }[] }>('../../data/src/migrate.ts');
  const old = await freshDatabase({ migrations: MIGRATIONS.slice(0, 6) });
  for (const [table, rows] of Object.entries(earlier.rows))
    await old.owner.sequelize.query(
      `insert into ${table} overriding system value select * from jsonb_populate_recordset(cast(null as public.${table}), cast($1 as jsonb))`,
      { bind: [JSON.stringify(rows)] },
    );
  const path = join(folder, 'old.zip');
  await writeCopy({ ...order(), database: old.owner }, path);
  // the same rows brought up to date where they are
  await migrate(old.owner);
  const { place, told } = await restored(path);
  // its pictures never lay here, and it says so
  expect(told.missing.length).toBeGreaterThan(0);
  const [here, there] = [await everyRow(old.owner), await everyRow(place.owner)];
  // ids that the change of tables makes anew differ; everything else is alike
  for (const table of ['sale', 'parcel', 'piece', 'life_event', 'plan', 'photo', 'label']) expect(there[table]).toEqual(here[table]);
  expect(there['migration']).toHaveLength(MIGRATIONS.length);
  await place.drop();
  await old.drop();
});

describe('sealed with a passphrase', () => {
  const passphrase = 'three lamps over the quay';
  let path: string;
  beforeAll(async () => {
    path = join(folder, 'sealed.zip.sealed');
    await writeCopy({ ...order(), passphrase }, path);
  });

  test('nothing of it can be read, and it opens with the passphrase', async () => {
    const bytes = readFileSync(path);
    for (const word of ['manifest.json', 'tables/', 'photos/']) expect(bytes.includes(word)).toBe(false);
    const copy = await openCopy(path, passphrase);
    expect(await damagesOf(copy)).toEqual([]);
    await copy.close();
    const { place } = await restored(path, passphrase);
    await place.drop();
  });

  test.each([
    ['without one', undefined, /is sealed: say the file with its passphrase/],
    ['with another', 'three lamps over the key', /passphrase is not the one/],
  ])('%s it says so', async (_, other, says) => expect(openCopy(path, other)).rejects.toThrow(says));

  test.each([
    ['one bit turned in the middle', (bytes: Buffer) => ((bytes[bytes.length >> 1]! ^= 1), bytes), /is damaged \d+ kB from its beginning/],
    ['its end cut off at a piece', (bytes: Buffer) => bytes.subarray(0, 42 + 2 * (65_536 + 16)), /damaged|cut short/],
    [
      'two pieces exchanged',
      (bytes: Buffer) => {
        const piece = 65_536 + 16;
        const [first, second] = [42, 42 + piece].map((at) => Buffer.from(bytes.subarray(at, at + piece)));
        second!.copy(bytes, 42);
        first!.copy(bytes, 42 + piece);
        return bytes;
      },
      /passphrase is not|damaged/,
    ],
  ])('%s: it does not open', async (_, damage, says) => {
    const hurt = join(folder, 'hurt.sealed');
    writeFileSync(hurt, damage(Buffer.from(readFileSync(path))));
    await expect(openCopy(hurt, passphrase)).rejects.toThrow(says);
  });
});

describe('a damaged copy says which part', () => {
  const damaged = async (change: (bytes: Buffer, at: (entry: string) => number) => void) => {
    const path = join(folder, 'damaged.zip');
    await writeCopy(order(), path);
    const bytes = readFileSync(path);
    // an entry's content begins after its own header, in which its name stands first of all places
    change(bytes, (entry) => bytes.indexOf(entry) + entry.length);
    writeFileSync(path, bytes);
    return path;
  };

  test('a table', async () => {
    const path = await damaged((bytes, at) => void (bytes[at('tables/life_event.jsonl') + 60]! ^= 4));
    const copy = await openCopy(path);
    expect(await damagesOf(copy)).toEqual(['the table life_event']);
    await copy.close();
    await expect(restored(path)).rejects.toThrow('damaged: the table life_event');
  });

  test('a picture, and nothing is put back of it', async () => {
    const [name] = files(photos)[0]!;
    const path = await damaged((bytes, at) => void (bytes[at(`photos/${name}`) + 3]! ^= 1));
    const copy = await openCopy(path);
    const says = `the picture ${name.split('/')[1]!.slice(0, 12)}…`;
    expect(await damagesOf(copy)).toEqual([says]);
    await copy.close();
    const place = await freshDatabase({ migrations: [] });
    const again = await openCopy(path);
    await expect(restoreCopy(again, place.owner, join(folder, 'none'))).rejects.toThrow(says);
    await again.close();
    expect(Object.keys(await everyRow(place.owner))).toEqual(['migration']);
    await place.drop();
  });

  test.each<[string, (bytes: Buffer) => Buffer, RegExp]>([
    ['cut off', (bytes) => bytes.subarray(0, bytes.length - 3000), /cut short|missing or damaged/],
    ['empty', () => Buffer.alloc(0), /is empty/],
    ['another file', () => Buffer.from('a letter'), /no copy that can be read/],
  ])('%s', async (_, change, says) => {
    const path = join(folder, 'strange.zip');
    await writeCopy(order(), path);
    writeFileSync(path, change(readFileSync(path)));
    await expect(openCopy(path)).rejects.toThrow(says);
  });
});

test('a place with something in it is refused, and nothing in it moves', async () => {
  const path = join(folder, 'full.zip');
  await writeCopy(order(), path);
  const place = await freshDatabase();
  await smallShop(place.owner);
  const before = await everyRow(place.owner);
  const copy = await openCopy(path);
  await expect(restoreCopy(copy, place.owner, join(folder, 'none'))).rejects.toThrow(
    /there is something here already \(in shop|put it back into an empty place/,
  );
  await copy.close();
  expect(await everyRow(place.owner)).toEqual(before);
  await place.drop();
});

test('a copy that cannot be written leaves nothing behind', async () => {
  const path = join(folder, 'nowhere/all.zip');
  await expect(writeCopy(order(), path)).rejects.toThrow(/ENOENT/);
  const gone = { ...order(), database: openDatabase('postgres://nobody:x@127.0.0.1:9/none') };
  await expect(writeCopy(gone, join(folder, 'gone.zip'))).rejects.toThrow();
  expect(readdirSync(folder).filter((name) => name.includes('gone') || name.endsWith('.part'))).toEqual([]);
});

test('a folder of copies: listed newest first, those by hand stay, old ones of its own go', async () => {
  const place = join(folder, 'kept');
  mkdirSync(place);
  const DAY = 86_400_000;
  for (let day = 1; day <= 40; day++) {
    const at = new Date(LATER.getTime() - day * DAY).toISOString().slice(0, 10).replaceAll('-', '');
    writeFileSync(join(place, `inch-nest-${at}-020000.zip`), 'x');
  }
  writeFileSync(join(place, 'inch-nest-20250101-000000-by-hand.zip'), 'x');
  writeFileSync(join(place, 'letter.txt'), 'x');
  const { copy, gone } = await makeCopy(order(), place, false);
  expect(copy.name).toBe('inch-nest-20261124-020000.zip');
  const left = await listCopies(place);
  expect(left[0]!.name).toBe(copy.name);
  expect(left.at(-1)).toMatchObject({ byHand: true });
  expect(gone.length + left.length).toBe(42);
  expect(readdirSync(place)).toContain('letter.txt');
});
