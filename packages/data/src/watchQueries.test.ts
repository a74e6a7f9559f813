import { freshDatabase } from '../tests/freshDatabase.ts';
import { smallShop } from '../tests/smallShop.ts';
import { inShop, readShop } from './index.ts';
import { nameOfQuery, watchQueries } from './watchQueries.ts';

test.each([
  [
    `SELECT "id" FROM "sale" WHERE "buyer" = 'Ann O''Hara' AND sold_minor > 8400`,
    'SELECT "id" FROM "sale" WHERE "buyer" = ? AND sold_minor > ?',
  ],
  [
    `SELECT "id", "shop_id" AS "shopId", "parcel_id" AS "parcelId", "key" FROM "label" WHERE "state" = 'pending'`,
    'select … from "label" WHERE "state" = ?',
  ],
  [`select 1 where x in (1, 2, 3) /* r1 */`, 'select ? where x in (?, …)'],
  [`insert into a values (E'it\\'s 5 Quay', $1)`, 'insert into a values (?, $1)'],
])('%s', (sql, name) => expect(nameOfQuery(sql)).toBe(name));

test('every question is timed by its name, and the server sees whose it is; an answer is the same, a fault too', async () => {
  const { database, drop } = await freshDatabase();
  try {
    const shop = await smallShop(database);
    const room = inShop(database, shop.id);
    const before = await readShop(room, new Date('2026-11-23T10:00:00Z'));
    const took: string[] = [];
    watchQueries(database.sequelize, { mark: () => 'request-77', took: (name) => took.push(name()) });
    expect(await readShop(room, new Date('2026-11-23T10:00:00Z'))).toEqual(before);
    expect(took.length).toBeGreaterThan(3);
    expect(took.join(' ')).not.toContain(shop.id);
    const [[row]] = (await database.sequelize.query('select query from pg_stat_activity where pid = pg_backend_pid()')) as [
      { query: string }[],
      unknown,
    ];
    expect(row!.query).toMatch(/^\/\* request-77 \*\/ select query/);
    await expect(database.sequelize.query("select 'secret' from nowhere")).rejects.toThrow(/nowhere/);
    expect(took.at(-1)).toBe('select ? from nowhere');
  } finally {
    await drop();
  }
});
