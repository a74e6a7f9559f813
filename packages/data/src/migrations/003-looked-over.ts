import type { QueryInterface } from 'sequelize';

/** The start of each fact of a piece that earlier versions did not know. */
const NEW_FACTS: Readonly<Record<string, unknown>> = {
  steadying: [],
  serial: null,
  seal: null,
  accessories: [],
  storageWrap: false,
  originalBox: 'none',
};

/** More facts of a piece, the shop's own revision, and the shop's templates. */
export async function up(queries: QueryInterface): Promise<void> {
  const fields = Object.fromEntries(
    Object.entries(NEW_FACTS).map(([path, value]) => [path, { text: '', value, revision: 0, draft: null, by: '' }]),
  );
  await queries.sequelize.query('update piece set fields = cast(:fields as jsonb) || fields', {
    replacements: { fields: JSON.stringify(fields) },
  });
  await queries.sequelize.query(`
    alter table shop add column revision integer not null default 1;
    create table template (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, name text not null,
      piece jsonb not null, choice jsonb not null, locks jsonb not null,
      person_id uuid not null references person, at timestamptz not null
    );
  `);
}
