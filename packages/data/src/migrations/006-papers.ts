import type { RunSql } from './RunSql.ts';
import { startOf } from './startOf.ts';

/** Customs, letters, where the buyer lives, parcels that go together, pick-ups asked for, and the shop's paper. */
export async function up(run: RunSql): Promise<void> {
  await run('update sale set fields = cast(:fields as jsonb) || fields', { fields: startOf({ customs: null, letter: null }) });
  await run(`
    alter table shop add column paper text not null default 'letter' check (paper in ('letter', 'a4'));
    alter table parcel add column together uuid;
    create index parcel_together on parcel (together);
    create table address (
      sale_id uuid primary key references sale on delete cascade, shop_id uuid not null references shop on delete cascade,
      name text not null, lines jsonb not null, revision integer not null,
      person_id uuid not null references person, at timestamptz not null
    );
    create table pickup (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, card_key text not null, day date not null,
      tracking jsonb not null, reference text not null, person_id uuid not null references person, at timestamptz not null
    );
  `);
}
