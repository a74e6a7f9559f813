import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** In how many boxes a buyer asked for it: nobody had said. */
export async function up(run: RunSql): Promise<void> {
  await run('update sale set fields = cast(:fields as jsonb) || fields', { fields: startOf({ boxWish: 'none' }) });
}
