import { QueryTypes, Transaction, type Sequelize } from 'sequelize';
import type { Database } from '../database.ts';

/** All rows of a database, or of one shop, as they stood at one moment. */
export interface Moment {
  /** Migrations that made the tables, in order. */
  readonly migrations: readonly string[];
  /** Tables, those that others point to first. */
  readonly tables: readonly string[];
  /** What each column holds, in the database's own words. */
  readonly columns: readonly { readonly table: string; readonly column: string; readonly type: string; readonly needed: boolean }[];
  /** A table's rows in the order of their keys, each as one line of JSON. */
  readonly lines: (table: string) => AsyncGenerator<string, void>;
}

/** What is of this place and this moment alone: its versions, who is signed in just now, and who guessed wrong a moment ago. */
const NOT_COPIED = "'migration', 'session', 'sign_in_limit'";

/** So many rows are fetched at a time: a plan has some ten thousand signs. */
const AT_A_TIME = 200;

/**
 * Reads a database as it stands at one moment, whatever is written meanwhile.
 *
 * @param shopId one shop's rows alone; null for all
 * @param read is handed the moment; what it gives is given back
 */
export function readMoment<Found>(
  { sequelize }: Pick<Database, 'sequelize'>,
  shopId: string | null,
  read: (moment: Moment) => Promise<Found>,
): Promise<Found> {
  return sequelize.transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ }, async (transaction) => {
    await sequelize.query('set transaction read only', { transaction });
    const migrations = await sequelize.query<{ name: string }>('select name from migration order by name', {
      transaction,
      type: QueryTypes.SELECT,
    });
    const tables = await tablesInOrder(sequelize, transaction);
    return read({
      migrations: migrations.map(({ name }) => name),
      tables,
      columns: await sequelize.query(
        `select table_name as table, column_name as column, data_type as type, is_nullable = 'NO' as needed
         from information_schema.columns where table_schema = 'public' and table_name not in (${NOT_COPIED}) order by table_name, ordinal_position`,
        { transaction, type: QueryTypes.SELECT },
      ),
      lines: (table) => tableLines(sequelize, transaction, table, shopId),
    });
  });
}

/**
 * A table's rows as lines of JSON, in the order of their keys. Alike on every server: moments in UTC, numbers as exactly as they
 * are kept, names of columns in the server's own order.
 */
export async function* tableLines(
  sequelize: Sequelize,
  transaction: Transaction,
  table: string,
  shopId: string | null = null,
): AsyncGenerator<string, void> {
  const run = (sql: string, bind: unknown[] = []) => sequelize.query(sql, { transaction, bind });
  await run("set local timezone to 'UTC'; set local extra_float_digits to 1");
  const [key] = await sequelize.query<{ columns: string }>(
    `select string_agg(quote_ident(a.attname), ', ' order by array_position(i.indkey::int[], a.attnum::int)) as columns
     from pg_index i join pg_attribute a on a.attrelid = i.indrelid and a.attnum = any (i.indkey)
     where i.indrelid = cast($1 as regclass) and i.indisprimary`,
    { transaction, bind: [`public."${table}"`], type: QueryTypes.SELECT },
  );
  const own = shopId === null ? '' : `where ${table === 'shop' ? 'id' : 'shop_id'} = $1`;
  await run(
    `declare rows_of_${table} no scroll cursor for select to_jsonb(one)::text as line from "${table}" one ${own} order by ${key!.columns}`,
    [...(shopId === null ? [] : [shopId])],
  );
  for (;;) {
    const rows = await sequelize.query<{ line: string }>(`fetch ${AT_A_TIME} from rows_of_${table}`, {
      transaction,
      type: QueryTypes.SELECT,
    });
    for (const { line } of rows) yield line;
    if (rows.length < AT_A_TIME) break;
  }
  await run(`close rows_of_${table}`);
}

/** Tables of the product, each after those that it points to; the note of migrations is none of them. */
export async function tablesInOrder(sequelize: Sequelize, transaction: Transaction): Promise<string[]> {
  const tables = await sequelize.query<{ name: string; needs: string[] }>(
    `select c.relname as name, coalesce(array_agg(r.relname::text) filter (where r.relname <> c.relname), '{}') as needs
     from pg_class c join pg_namespace n on n.oid = c.relnamespace
     left join pg_constraint k on k.conrelid = c.oid and k.contype = 'f' left join pg_class r on r.oid = k.confrelid
     where n.nspname = 'public' and c.relkind = 'r' and c.relname not in (${NOT_COPIED}) group by c.relname order by c.relname`,
    { transaction, type: QueryTypes.SELECT },
  );
  const ordered: string[] = [];
  const place = (name: string) => {
    if (ordered.includes(name)) return;
    for (const needed of tables.find((one) => one.name === name)?.needs ?? []) place(needed);
    ordered.push(name);
  };
  for (const { name } of tables) place(name);
  return ordered;
}
