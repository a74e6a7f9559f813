import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** What lies between the pieces of a stack: nobody had said. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ interleaf: null }) });
}
