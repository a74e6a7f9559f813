import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** The start of each fact of a piece that earlier versions did not know. */
const NEW_FACTS: Readonly<Record<string, unknown>> = {
  steadying: [],
  serial: null,
  seal: null,
  accessories: [],
  storageWrap: false,
  originalBox: 'none',
};

/** The start of each fact of a sale that earlier versions did not know. */
const NEW_WISHES: Readonly<Record<string, unknown>> = { arriveBy: null, signatureWish: 'none' };

/** More facts of a piece and a sale, the shop's own revision, and the shop's templates. */
export async function up(run: RunSql): Promise<void> {
  for (const [table, facts] of [
    ['piece', NEW_FACTS],
    ['sale', NEW_WISHES],
  ] as const)
    await run(`update ${table} set fields = cast(:fields as jsonb) || fields`, { fields: startOf(facts) });
  await run(`
    alter table shop add column revision integer not null default 1;
    create table template (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, name text not null,
      piece jsonb not null, choice jsonb not null, locks jsonb not null,
      person_id uuid not null references person, at timestamptz not null
    );
  `);
}
