import type { RunSql } from './RunSql.ts';

/** Photographs: what is known of each; the pictures themselves lie in a store by their content. */
export async function up(run: RunSql): Promise<void> {
  await run(`
    create table photo (
      id uuid primary key, shop_id uuid not null references shop on delete cascade,
      parcel_id uuid not null references parcel on delete cascade, of text not null, content text not null check (content ~ '^[0-9a-f]{64}$'),
      width integer not null check (width > 0), height integer not null check (height > 0),
      person_id uuid not null references person, at timestamptz not null, removed boolean not null default false
    );
    create index photo_parcel on photo (parcel_id, at);
  `);
}
