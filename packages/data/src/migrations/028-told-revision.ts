import type { RunSql } from './RunSql.ts';

/** A parcel that moves is told with its revision, so that who holds that already need not look: whatever is changed of one raises it. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    create function tell_parcel_revision() returns trigger language plpgsql as $$
      begin
        if tg_op = 'INSERT' or old.revision is distinct from new.revision then
          perform pg_notify('inch_nest', json_build_object('of', 'parcel', 'shop', new.shop_id, 'parcel', new.id, 'revision', new.revision)::text);
        end if;
        return null;
      end $$;
    drop trigger told on field_change;
    drop trigger told on life_event;
    create trigger told after insert or update on parcel for each row execute function tell_parcel_revision();
  `);
}
