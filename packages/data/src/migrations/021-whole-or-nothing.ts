import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** Whether several alike are worth something with one of them broken: they were taken to be. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ wholeOrNothing: false }) });
}
