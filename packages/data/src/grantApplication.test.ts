import { randomUUID } from 'node:crypto';
import { freshDatabase } from '../tests/freshDatabase.ts';
import { bowl, NOW, keepOne, RATE, smallShop, tell } from '../tests/smallShop.ts';
import { addPhoto, beginPurchase, inShop, readParcel, settlePurchase, type ShopDatabase } from './index.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let room: ShopDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  const shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
  const id = await bowl(room, shop);
  const person = shop.people[0]!.id;
  await keepOne(room, shop, id, { path: `piece/${(await readParcel(room, id, person)).pieceId}/bin`, value: 'B4', basedOn: 0 });
  await tell(room, id, { kind: 'weighed', readingsLb: [3.5], outsideIn: [12, 12, 12] }, NOW);
  await tell(room, id, { kind: 'rated', rate: RATE }, NOW);
  const photo = { id: randomUUID(), personId: person, of: 'piece' as const };
  await addPhoto(room, shop, id, photo, { content: 'ab'.repeat(32), width: 100, height: 80 }, NOW);
  const label = await beginPurchase(room, shop, id, person, NOW);
  const purchase = { key: label.key, tracking: 'CA1', chargedMinor: 980, boughtAt: NOW.toISOString(), voided: false };
  await settlePurchase(room, label.id, { kind: 'bought', purchase }, NOW);
});
afterAll(() => fresh.drop());

const ask = (sql: string) => fresh.database.sequelize.query(sql);
const DENIED = /permission denied|must be owner/;
/** Each table of evidence with a column that would tell a lie. */
const EVIDENCE: readonly (readonly [string, string])[] = [
  ['life_event', "at = now() - interval '9 days'"],
  ['plan', 'number = number + 1'],
  ['weighing', 'weight_lb = 1'],
  ['photo', "content = repeat('0', 64)"],
  ['label', "ordered = '{}'"],
  ['field_change', "after = '1'"],
  ['shop_change', "after = '1'"],
];

test('the application is neither superuser nor owner of anything', async () => {
  const [[role]] = (await ask('select rolsuper, rolcreatedb, rolcreaterole from pg_roles where rolname = current_user')) as [
    Record<string, boolean>[],
    unknown,
  ];
  expect(role).toEqual({ rolsuper: false, rolcreatedb: false, rolcreaterole: false });
  const [owned] = await ask("select tablename from pg_tables where schemaname = 'public' and tableowner = current_user");
  expect(owned).toEqual([]);
  await expect(ask('create table mine (id integer)')).rejects.toThrow(DENIED);
});

describe.each(EVIDENCE)('%s', (table, lie) => {
  test.each([
    ['rewritten', `update ${table} set ${lie}`],
    ['taken away', `delete from ${table}`],
    ['emptied', `truncate ${table} cascade`],
    ['freed of its triggers', `alter table ${table} disable trigger all`],
    ['dropped', `drop table ${table} cascade`],
  ])('cannot be %s', (_, sql) => expect(ask(sql)).rejects.toThrow(DENIED));
});

test('nor is evidence taken away with what it hangs on', async () => {
  for (const table of ['parcel', 'sale', 'piece', 'person', 'shop', 'bundle'])
    await expect(ask(`delete from ${table}`)).rejects.toThrow(DENIED);
});

test('a label keeps its number, what was charged and what it was bought for, and is never bought twice', async () => {
  await expect(ask("update label set tracking = 'CA2'")).rejects.toThrow(/keeps its number/);
  await expect(ask('update label set charged_minor = 1')).rejects.toThrow(/keeps its number/);
  await expect(ask("update label set state = 'pending'")).rejects.toThrow(/does not become pending/);
  await ask("update label set state = 'voided'");
  await expect(ask("update label set state = 'bought'")).rejects.toThrow(/does not become bought/);
});

test('every table is told of, and what the shop works with it may change', async () => {
  const [all] = (await ask(`
    select c.relname as name, has_table_privilege(c.oid, 'select') as read
    from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where n.nspname = 'public' and c.relkind = 'r' and c.relname <> 'migration'`)) as [{ name: string; read: boolean }[], unknown];
  expect(all.filter((table) => !table.read)).toEqual([]);
  await ask("update parcel set state = state; update piece set title = title; delete from box where key = 'none-such'");
});
