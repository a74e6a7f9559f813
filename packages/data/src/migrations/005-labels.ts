import type { RunSql } from './RunSql.ts';

/** Labels: each purchase is noted as pending before it is asked for, under a key of its own. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    create table label (
      id uuid primary key, shop_id uuid not null references shop on delete cascade,
      parcel_id uuid not null references parcel on delete cascade, key text not null unique, attempt integer not null,
      state text not null check (state in ('pending', 'bought', 'priceChanged', 'notBought', 'voided')),
      ordered jsonb not null, rate jsonb not null, tracking text, charged_minor integer, problem text,
      person_id uuid not null references person, at timestamptz not null, unique (parcel_id, attempt)
    );
    create unique index label_one_alive on label (parcel_id) where state in ('pending', 'bought');
  `);
}
