import type { RunSql } from './RunSql.ts';

/**
 * Choices learn of cut-down boxes, liners and divider boards, of which earlier nests had none. Plans of
 * format 1 stay as they are but are no longer the one in hand: they are derived anew when a nest is opened.
 */
export async function up(run: RunSql): Promise<void> {
  const fuller = (path: string) => `'{"newDepthIn": null, "liner": false, "divider": false}'::jsonb || (${path})`;
  const widen = (table: string, column: string, also = 'true') => `
    update ${table} set ${column} = jsonb_set(${column}, '{choice}', ${fuller(`${column} -> 'choice'`)})
      where ${also} and jsonb_typeof(${column} -> 'choice') = 'object';`;
  await run(`
    ${widen('parcel', 'nest')}
    ${widen('field_change', 'before', "entity = 'nest'")}
    ${widen('field_change', 'after', "entity = 'nest'")}
    update parcel set plan_id = null where plan_id in (select id from plan where (document ->> 'format')::int < 2);
  `);
}
