import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** A parcel may be sent for something else than a sale: until now all were sold. */
export async function up(run: RunSql): Promise<void> {
  await run('update sale set fields = cast(:fields as jsonb) || fields', { fields: startOf({ job: 'sale' }) });
}
