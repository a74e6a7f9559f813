import type { RunSql } from './RunSql.ts';

/** Giving a label back is noted before the carrier is told, as buying is; an event knows which changes came before it. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    alter table label drop constraint label_state_check;
    alter table label add constraint label_state_check
      check (state in ('pending', 'bought', 'voiding', 'priceChanged', 'notBought', 'voided'));
    drop index label_one_alive;
    create unique index label_one_alive on label (parcel_id) where state in ('pending', 'bought', 'voiding');
    alter table life_event add column after_change integer;
  `);
}
