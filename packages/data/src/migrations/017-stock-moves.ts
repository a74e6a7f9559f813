import type { RunSql } from './RunSql.ts';

/** Every move of a count is kept; what is on hand today is where the record begins. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    create table stock_move (
      id uuid primary key, seq bigint generated always as identity, shop_id uuid not null references shop on delete cascade,
      kind text not null, key text not null, why text not null, amount double precision not null, at timestamptz not null,
      person_id uuid references person, parcel_id uuid references parcel, paid_minor integer, supplier text, lead_days integer
    );
    create index stock_move_shop on stock_move (shop_id, at);
    insert into stock_move (id, shop_id, kind, key, why, amount, at)
      select gen_random_uuid(), shop_id, 'box', key, 'counted', on_hand, now() from box where on_hand <> 0;
    insert into stock_move (id, shop_id, kind, key, why, amount, at)
      select gen_random_uuid(), shop_id, kind, key, 'counted', on_hand, now() from material where on_hand <> 0;
    insert into stock_move (id, shop_id, kind, key, why, amount, at)
      select gen_random_uuid(), id, 'board', 'sheetBoard', 'counted', (tapes -> 'linerBoard' ->> 'onHandFt2')::double precision, now()
      from shop where (tapes -> 'linerBoard' ->> 'onHandFt2')::double precision <> 0;
  `);
}
