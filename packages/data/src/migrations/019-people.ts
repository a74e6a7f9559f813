import type { RunSql } from './RunSql.ts';

/** Who may do what, how they sign in, on which devices, and what they did about it; and whatever moves is told to whoever listens. Whoever stood first owns the shop. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    alter table person
      add column role text not null default 'planner' check (role in ('owner', 'planner', 'packer', 'lookerOn')),
      add column sees_money boolean not null default false,
      add column sends boolean not null default false,
      add column gone boolean not null default false;
    update person set role = 'owner'
      where id in (select distinct on (shop_id) id from person order by shop_id, position);
    create table credential (
      id uuid primary key references person on delete cascade, shop_id uuid not null references shop on delete cascade,
      password_hash text, pin_hash text, changed_at timestamptz not null
    );
    create table device (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, name text not null, key_hash text not null unique,
      added_by uuid references person, added_at timestamptz not null, seen_at timestamptz not null, idle_minutes integer,
      revoked_at timestamptz
    );
    create table session (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, token_hash text not null unique,
      person_id uuid not null references person on delete cascade, device_id uuid references device,
      made_at timestamptz not null, active_at timestamptz not null, ends_at timestamptz not null, locked boolean not null default false
    );
    create index session_person on session (person_id);
    create table access_code (
      id uuid primary key, shop_id uuid not null references shop on delete cascade, kind text not null check (kind in ('recovery', 'come', 'device')),
      code_hash text not null unique, person_id uuid references person on delete cascade, made_by uuid references person,
      made_at timestamptz not null, ends_at timestamptz, used_at timestamptz
    );
    create table access_note (
      id uuid primary key, seq bigint generated always as identity, shop_id uuid not null references shop on delete cascade,
      person_id uuid references person, device_id uuid references device, act text not null, about text, at timestamptz not null
    );
    create index access_note_shop on access_note (shop_id, at);
    create index field_change_at on field_change (shop_id, at);
    create index life_event_at on life_event (shop_id, at);
    create table sign_in_limit (key varchar(255) primary key, points integer not null default 0, expire bigint);

    create function tell_parcel_moved() returns trigger language plpgsql as $$
      begin
        perform pg_notify('inch_nest', json_build_object('of', 'parcel', 'shop', new.shop_id, 'parcel', new.parcel_id)::text);
        return null;
      end $$;
    create function tell_shop_moved() returns trigger language plpgsql as $$
      begin
        perform pg_notify('inch_nest', json_build_object('of', 'shop', 'shop', new.shop_id)::text);
        return null;
      end $$;
    create trigger told after insert or update on field_change for each row execute function tell_parcel_moved();
    create trigger told after insert on life_event for each row execute function tell_parcel_moved();
    create trigger told after insert or update on label for each row execute function tell_parcel_moved();
    create trigger told after insert or update on photo for each row execute function tell_parcel_moved();
    create trigger told after insert on shop_change for each row execute function tell_shop_moved();
    create trigger told after insert on stock_move for each row execute function tell_shop_moved();
  `);
}
