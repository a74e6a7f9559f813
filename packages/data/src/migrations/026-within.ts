import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** Whether a piece goes into another, or is to stand next to one: nobody had said. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ within: null, beside: null }) });
}
