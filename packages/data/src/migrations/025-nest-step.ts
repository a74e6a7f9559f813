import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** Whether pieces that are alike go into one another: nobody had said. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ nestStepIn: null }) });
}
