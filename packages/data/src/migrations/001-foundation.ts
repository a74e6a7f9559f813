import type { RunSql } from './RunSql.ts';

/** Shop, people, sales, pieces, parcels, their changes, events, plans and weighings; stock and rate cards. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    create table shop (
      id uuid primary key, name text not null, zone text not null, currency char(3) not null, origin_postcode text not null,
      last_cut_off text not null, house jsonb not null, tapes jsonb not null, demo boolean not null default false
    );
    create table person (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, name text not null,
      system text not null check (system in ('imperial', 'metric')), position integer not null
    );
    create table sale (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, buyer text, destination_postcode text not null,
      sold_minor integer not null check (sold_minor >= 0), paid_minor integer not null check (paid_minor >= 0),
      shipping_collected_minor integer not null check (shipping_collected_minor >= 0), ship_by date not null, fields jsonb not null
    );
    create table piece (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, sale_id uuid not null references sale on delete cascade,
      title text not null, archetype text not null, bin text,
      length_in numeric(14, 6) check (length_in > 0), width_in numeric(14, 6) check (width_in > 0),
      height_in numeric(14, 6) check (height_in > 0), weight_lb numeric(14, 6) check (weight_lb > 0), fields jsonb not null
    );
    create table parcel (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, sale_id uuid not null references sale on delete cascade, code text not null, state text not null, revision integer not null,
      nest jsonb not null, plan_id uuid, created_at timestamptz not null default now(), unique (shop_id, code)
    );
    create table bundle (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, parcel_id uuid not null references parcel on delete cascade,
      piece_id uuid not null references piece on delete cascade, position integer not null, unique (parcel_id, position), unique (parcel_id, piece_id)
    );
    create table field_change (
      id uuid primary key, seq bigint generated always as identity, shop_id uuid not null references shop on delete cascade,
      parcel_id uuid not null references parcel on delete cascade, entity text not null, path text not null, before jsonb, after jsonb,
      person_id uuid not null references person, at timestamptz not null, undo_of uuid, undone boolean not null default false
    );
    create index field_change_parcel on field_change (parcel_id, person_id, seq);
    create table life_event (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, parcel_id uuid not null references parcel on delete cascade,
      seq integer not null, at timestamptz not null, person_id uuid not null references person, kind text not null, body jsonb not null,
      undo_of uuid, unique (parcel_id, seq)
    );
    create table plan (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, parcel_id uuid not null references parcel on delete cascade,
      number integer not null, person_id uuid not null references person, at timestamptz not null, document jsonb not null,
      house jsonb not null, stock jsonb not null, cards jsonb not null, unique (parcel_id, number)
    );
    create table weighing (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, parcel_id uuid not null references parcel on delete cascade,
      readings_lb jsonb not null, weight_lb numeric(14, 6) not null, outside_in jsonb
    );
    create table box (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, key text not null, name text not null,
      position integer not null, on_hand integer not null, properties jsonb not null, unique (shop_id, key)
    );
    create table material (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, kind text not null check (kind in ('wrap', 'fill')),
      key text not null, name text not null, position integer not null, on_hand numeric(14, 6) not null, properties jsonb not null,
      unique (shop_id, kind, key)
    );
    create table rate_card (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, card_key text not null, version integer not null,
      carrier text not null, valid_from date not null, valid_to date, document jsonb not null, unique (shop_id, card_key, version)
    );
    create function refuse_change() returns trigger language plpgsql as $$
      begin raise exception '% is append-only', tg_table_name; end $$;
    create trigger life_event_append_only before update on life_event for each row execute function refuse_change();
    create trigger plan_immutable before update on plan for each row execute function refuse_change();
  `);
}
