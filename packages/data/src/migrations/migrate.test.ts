import { freshDatabase } from '../../tests/freshDatabase.ts';
import { migrate } from '../index.ts';
import { MIGRATIONS } from '../migrate.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
beforeAll(async () => {
  fresh = await freshDatabase({ migrations: [] });
});
afterAll(() => fresh.drop());

const tables = async () =>
  (
    (await fresh.database.sequelize.query("select tablename from pg_tables where schemaname = 'public' order by 1"))[0] as {
      tablename: string;
    }[]
  )
    .map((row) => row.tablename)
    .filter((name) => name !== 'migration');

test.each(MIGRATIONS.map((migration, i) => [migration.name, i] as const))(
  'a start that dies in %s leaves nothing of it, and the next start finishes it',
  async (name, i) => {
    const { database } = fresh;
    const known = MIGRATIONS.slice(0, i + 1);
    const before = await tables();
    const dying = known.map((one) =>
      one.name === name
        ? {
            name,
            up: async (run: Parameters<typeof one.up>[0]) => {
              await one.up(run);
              throw new Error('killed');
            },
          }
        : one,
    );
    await expect(migrate(database, dying)).rejects.toThrow('killed');
    expect(await tables()).toEqual(before);
    expect(await migrate(database, known)).toEqual([name]);
    expect(await migrate(database, known)).toEqual([]);
  },
);
