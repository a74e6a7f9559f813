import type { RunSql } from './RunSql.ts';

/** A template holds several boxes; those kept so far are of one. */
export async function up(run: RunSql): Promise<void> {
  await run(`alter table template add column boxes jsonb not null default '[]'`);
}
