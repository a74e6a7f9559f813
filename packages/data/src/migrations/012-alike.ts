import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** A piece may be one of several alike: until now there was one of each, and every plan was for a bundle alone. */
export async function up(run: RunSql): Promise<void> {
  await run('update piece set fields = cast(:fields as jsonb) || fields', { fields: startOf({ count: 1, stackOf: 1 }) });
  await run(`
    alter table piece add column count integer not null default 1;
    alter table plan disable trigger plan_immutable;
    update plan set document = document || jsonb_build_object('block', jsonb_build_object(
      'pieces', 1, 'stacks', '[1]'::jsonb, 'grid', '[1, 1, 1]'::jsonb, 'sizeIn', document -> 'bundleIn', 'at', '[[0, 0, 0]]'::jsonb))
      where not document ? 'block';
    alter table plan enable trigger plan_immutable;
  `);
}
