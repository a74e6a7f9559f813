import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** A piece may travel in its own box: until now nobody had measured one. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ ownBoxIn: null }) });
}
