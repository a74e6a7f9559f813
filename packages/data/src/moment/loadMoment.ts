import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { migrate, MIGRATIONS, NewerSchema } from '../migrate.ts';
import { tableLines, tablesInOrder, type Moment } from './readMoment.ts';

/** The place where something is to be put back holds something already. */
export class NotEmpty extends Error {
  constructor(readonly table: string) {
    super(`there is something here already (in ${table}): put it back into an empty place`);
  }
}

/** So many rows are sent at a time. */
const AT_A_TIME = 200;

/**
 * Puts rows back into an empty database: the tables as they were made then, the rows of that moment, and then whatever has been
 * changed about tables since.
 *
 * @param owner the database by the role that owns its tables
 * @param check is handed each table's rows as they now stand, before anything is kept for good; what it throws undoes all
 * @throws NewerSchema when the rows are of a later version; NotEmpty when something is here
 */
export async function loadMoment(
  owner: Database,
  moment: Moment,
  check: (table: string, lines: AsyncGenerator<string, void>) => Promise<void>,
): Promise<void> {
  const known = MIGRATIONS.slice(0, moment.migrations.length);
  const strange = moment.migrations.filter((name, at) => known[at]?.name !== name);
  if (strange.length > 0) throw new NewerSchema(strange);
  const { sequelize } = owner;
  await refuseFull(sequelize);
  await migrate(owner, known);
  await sequelize.transaction(async (transaction) => {
    for (const table of moment.tables) await loadTable(sequelize, transaction, table, moment.lines(table));
    for (const table of moment.tables) await check(table, tableLines(sequelize, transaction, table));
  });
  await migrate(owner);
}

/** @throws NotEmpty */
async function refuseFull(sequelize: Sequelize): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    for (const table of await tablesInOrder(sequelize, transaction)) {
      const found = await sequelize.query(`select 1 from "${table}" limit 1`, { transaction, type: QueryTypes.SELECT });
      if (found.length > 0) throw new NotEmpty(table);
    }
  });
}

async function loadTable(
  sequelize: Sequelize,
  transaction: Transaction,
  table: string,
  lines: AsyncGenerator<string, void>,
): Promise<void> {
  const send = (some: readonly string[]) =>
    sequelize.query(
      `insert into "${table}" overriding system value
       select * from jsonb_populate_recordset(cast(null as public."${table}"), cast($1 as jsonb))`,
      { transaction, bind: [`[${some.join(',')}]`] },
    );
  let some: string[] = [];
  for await (const line of lines) {
    if (some.push(line) < AT_A_TIME) continue;
    await send(some);
    some = [];
  }
  if (some.length > 0) await send(some);
  await goOnCounting(sequelize, transaction, table);
}

/** What counts up goes on after the highest that was put back. */
async function goOnCounting(sequelize: Sequelize, transaction: Transaction, table: string): Promise<void> {
  const counted = await sequelize.query<{ column: string }>(
    `select column_name as column from information_schema.columns where table_schema = 'public' and table_name = $1 and is_identity = 'YES'`,
    { transaction, bind: [table], type: QueryTypes.SELECT },
  );
  for (const { column } of counted)
    await sequelize.query(
      `select setval(pg_get_serial_sequence('"${table}"', '${column}'), greatest(1, coalesce(max("${column}"), 1)), max("${column}") is not null) from "${table}"`,
      { transaction },
    );
}
