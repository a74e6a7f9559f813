import { Umzug } from 'umzug';
import type { Database } from './database.ts';
import { up as foundation } from './migrations/001-foundation.ts';
import { up as fullerChoices } from './migrations/002-fuller-choices.ts';
import { up as lookedOver } from './migrations/003-looked-over.ts';
import { up as photos } from './migrations/004-photos.ts';
import { up as labels } from './migrations/005-labels.ts';
import { up as papers } from './migrations/006-papers.ts';

const MIGRATIONS = [
  { name: '001-foundation', up: foundation },
  { name: '002-fuller-choices', up: fullerChoices },
  { name: '003-looked-over', up: lookedOver },
  { name: '004-photos', up: photos },
  { name: '005-labels', up: labels },
  { name: '006-papers', up: papers },
];
const LOCK = 4_117_201;

/** The database is of a later version of the product than this one. */
export class NewerSchema extends Error {
  constructor(readonly unknown: readonly string[]) {
    super(
      `the database was made by a newer Inch Nest (it knows ${unknown.join(', ')}): update this copy, or start with another --state folder`,
    );
  }
}

/**
 * Brings the tables up to date. Two starters may call it at once: one waits for the other.
 *
 * @returns names of the migrations it carried out
 * @throws NewerSchema when the database knows migrations that this copy does not
 */
export async function migrate({ sequelize }: Database): Promise<string[]> {
  return sequelize.transaction(async (transaction) => {
    await sequelize.query(`select pg_advisory_xact_lock(${LOCK})`, { transaction });
    await sequelize.query('create table if not exists migration (name text primary key, at timestamptz not null default now())');
    const [rows] = (await sequelize.query('select name from migration order by name')) as [{ name: string }[], unknown];
    const unknown = rows.map((row) => row.name).filter((name) => !MIGRATIONS.some((migration) => migration.name === name));
    if (unknown.length > 0) throw new NewerSchema(unknown);
    const umzug = new Umzug({
      migrations: MIGRATIONS.map(({ name, up }) => ({ name, up: () => up(sequelize.getQueryInterface()) })),
      storage: {
        executed: () => Promise.resolve(rows.map((row) => row.name)),
        logMigration: async ({ name }) =>
          void (await sequelize.query('insert into migration (name) values (:name)', { replacements: { name } })),
        unlogMigration: async ({ name }) =>
          void (await sequelize.query('delete from migration where name = :name', { replacements: { name } })),
      },
      logger: undefined,
    });
    return (await umzug.up()).map((migration) => migration.name);
  });
}
