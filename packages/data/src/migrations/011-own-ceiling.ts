import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** How often a piece may break at most, where that is not the house's rule: nobody had said so before. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ mostChance: null }) });
}
