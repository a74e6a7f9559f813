import type { RunSql } from './RunSql.ts';

/**
 * A label keeps what it was bought for and moves only onwards; a shop that is still being loaded says so, and so does a card
 * that is out of force.
 */
export async function up(run: RunSql): Promise<void> {
  await run(`
    create function label_moves_onwards() returns trigger language plpgsql as $$
      begin
        if old.state <> new.state and (old.state, new.state) not in (
            ('pending', 'bought'), ('pending', 'priceChanged'), ('pending', 'notBought'),
            ('bought', 'voiding'), ('bought', 'voided'), ('voiding', 'voided'))
          then raise exception 'a label that is % does not become %', old.state, new.state; end if;
        if old.state <> 'pending' and (old.tracking, old.charged_minor) is distinct from (new.tracking, new.charged_minor)
          then raise exception 'a label keeps its number and what was charged'; end if;
        if (old.key, old.parcel_id, old.ordered, old.rate, old.bought_for) is distinct from (new.key, new.parcel_id, new.ordered, new.rate, new.bought_for)
          then raise exception 'a label keeps what it was bought for'; end if;
        return new;
      end $$;
    create trigger label_onwards before update on label for each row execute function label_moves_onwards();
    alter table shop add column loading boolean not null default false;
    alter table rate_card add column withdrawn boolean not null default false;
  `);
}
