import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** Pieces go from parcel to parcel, or are set aside; a part says what it comes off. Until now each stayed where it was. */
export async function up(run: RunSql): Promise<void> {
  await run('alter table bundle alter column parcel_id drop not null');
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ partOf: null }) });
}
