import { applicationRole, databaseUrl } from '../environment.ts';
import { grantApplication, loadDemo, migrate, NewerSchema, openDatabase } from '../index.ts';

/** Data without the demo's own mark is somebody's work. */
class NotTheDemo extends Error {
  constructor() {
    super('this database is not the demo’s: --reset only ever drops the demo');
  }
}

/**
 * Brings the database named in DATABASE_URL up to date, as the owner of its tables, and loads the demo into it when it is empty
 * or an earlier loading was cut short. The role in INCH_NEST_ROLE, which the application works under, gets its rights.
 * With `--own-shop` no demo is loaded: the application asks for the shop at its first start.
 * With `--reset` the demo's own tables are dropped first; a database without the demo's mark is refused.
 * Exit 3 with one sentence when the database cannot be used.
 */
const database = openDatabase(databaseUrl());
try {
  if (process.argv.includes('--reset')) await dropDemo();
  await migrate(database);
  const role = applicationRole();
  if (role) await grantApplication(database, role);
  console.log(process.argv.includes('--own-shop') ? 'data kept' : await loadDemo(database, new Date()));
} catch (error) {
  console.error(
    error instanceof NewerSchema || error instanceof NotTheDemo
      ? error.message
      : `the database does not answer as it should: ${(error as Error).message}`,
  );
  process.exitCode = 3;
} finally {
  await database.sequelize.close();
}

async function dropDemo(): Promise<void> {
  const [tables] = (await database.sequelize.query("select table_name from information_schema.tables where table_schema = 'public'")) as [
    { table_name: string }[],
    unknown,
  ];
  if (tables.length === 0) return;
  const marked =
    tables.some((table) => table.table_name === 'shop') &&
    (await database.sequelize.query('select 1 from shop where not demo'))[0].length === 0;
  if (!marked) throw new NotTheDemo();
  await database.sequelize.query('drop schema public cascade; create schema public');
}
