import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** Whether money buys another: nobody had said so before. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ irreplaceable: false }) });
}
