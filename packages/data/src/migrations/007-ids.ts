import type { RunSql } from './RunSql.ts';
import { stepKeyFrom, type KnownNames } from './stepKeyFrom.ts';

/**
 * Whatever is history says what it is about: field changes, events, photographs and step keys carry the ids of piece
 * and bundle, so that several of them in one parcel can be told apart later. Parts of a nest and of a shop remember who
 * changed them last and when; a label remembers what it was bought for; lists get the indexes they are asked through.
 */
export async function up(run: RunSql): Promise<void> {
  await run(`
    alter table field_change add column about uuid;
    update field_change c set about = case c.entity
      when 'sale' then (select p.sale_id from parcel p where p.id = c.parcel_id)
      when 'piece' then (select b.piece_id from bundle b where b.parcel_id = c.parcel_id order by b.position limit 1)
      else (select b.id from bundle b where b.parcel_id = c.parcel_id order by b.position limit 1) end;
    alter table field_change alter column about set not null;

    alter table photo add column piece_id uuid, add column bundle_id uuid;
    update photo set piece_id = (select b.piece_id from bundle b where b.parcel_id = photo.parcel_id order by b.position limit 1)
      where of = 'piece';
    update photo set bundle_id = (select b.id from bundle b where b.parcel_id = photo.parcel_id order by b.position limit 1)
      where of = 'packing';

    alter table life_event add column bundle_id uuid, add column piece_id uuid;
    alter table life_event disable trigger life_event_append_only;
    update life_event e set bundle_id = (select b.id from bundle b where b.parcel_id = e.parcel_id order by b.position limit 1)
      where kind = 'bundleMeasured' or (kind = 'stepDone' and body ->> 'phase' = 'bundle')
        or (kind in ('testTried', 'testSkipped', 'remedied') and body ->> 'test' in ('caseShake', 'feel', 'bundleSize'));
    update life_event e set piece_id = (select b.piece_id from bundle b where b.parcel_id = e.parcel_id order by b.position limit 1)
      where kind = 'brokenAtBench';
  `);
  await renameSteps(run);
  await run(`
    alter table life_event enable trigger life_event_append_only;

    update parcel set nest = jsonb_build_object('marks', '{}'::jsonb, 'reasons', '[]'::jsonb) || nest;
    update parcel set nest = jsonb_set(nest #- '{choice,divider}', '{choice,board}', coalesce(nest #> '{choice,divider}', 'false'))
      where jsonb_typeof(nest -> 'choice') = 'object';
    update template set choice = (choice - 'divider') || jsonb_build_object('board', coalesce(choice -> 'divider', 'false'));
    update field_change set before = jsonb_set(before #- '{choice,divider}', '{choice,board}', coalesce(before #> '{choice,divider}', 'false'))
      where entity = 'nest' and jsonb_typeof(before -> 'choice') = 'object';
    update field_change set after = jsonb_set(after #- '{choice,divider}', '{choice,board}', coalesce(after #> '{choice,divider}', 'false'))
      where entity = 'nest' and jsonb_typeof(after -> 'choice') = 'object';

    alter table plan disable trigger plan_immutable;
    update plan set document = jsonb_set(document #- '{choice,divider}', '{choice,board}', coalesce(document #> '{choice,divider}', 'false'))
      where jsonb_typeof(document -> 'choice') = 'object';
    alter table plan enable trigger plan_immutable;

    alter table shop add column marks jsonb not null default '{}';
    create table shop_change (
      id uuid primary key, seq bigint generated always as identity, shop_id uuid not null references shop on delete cascade,
      path text not null, before jsonb, after jsonb, person_id uuid not null references person, at timestamptz not null
    );
    create index shop_change_shop on shop_change (shop_id, seq);
    alter table label add column bought_for jsonb;

    create index parcel_shelf on parcel (shop_id, state, created_at, code);
    create index parcel_past on parcel (shop_id, created_at desc, id desc);
    create index piece_bin on piece (shop_id, bin) where bin is not null;
    create index piece_kind on piece (shop_id, archetype, id);
    create index piece_words on piece using gin (to_tsvector('simple', title));
    create index sale_buyer on sale (shop_id, lower(buyer));
    create index bundle_piece on bundle (piece_id);
    create index label_tracking on label (shop_id, tracking) where tracking is not null;
    create index label_parcel on label (parcel_id);
    create index parcel_sale on parcel (sale_id);
    create index pickup_day on pickup (shop_id, day);
  `);
}

interface StepRow {
  id: string;
  parcel_id: string;
  shop_id: string;
  body: { step: string };
}

/** Steps were named after their titles; now they are named after what they are about. */
async function renameSteps(run: RunSql): Promise<void> {
  const steps = await run<StepRow>("select id, parcel_id, shop_id, body from life_event where kind = 'stepDone' order by parcel_id, seq");
  if (steps.length === 0) return;
  const materials = await run<{ shop_id: string; kind: string; key: string; name: string }>(
    'select shop_id, kind, key, name from material',
  );
  const pieces = await run<{
    parcel_id: string;
    bundle_id: string;
    inner: boolean;
    points: KnownNames['hardPoints'];
    hollows: KnownNames['hollows'];
  }>(`
    select b.parcel_id, b.id as bundle_id, coalesce(jsonb_typeof(a.nest #> '{choice,inner}') = 'object', false) as inner, p.fields #> '{hardPoints,value}' as points, p.fields #> '{hollows,value}' as hollows
    from bundle b join piece p on p.id = b.piece_id join parcel a on a.id = b.parcel_id order by b.parcel_id, b.position desc`);
  const of = new Map(pieces.map((piece) => [piece.parcel_id, piece]));
  for (const step of steps) {
    const piece = of.get(step.parcel_id);
    const known: KnownNames = {
      bundleId: piece?.bundle_id ?? step.parcel_id,
      inner: piece?.inner ?? false,
      hardPoints: piece?.points ?? [],
      hollows: piece?.hollows ?? [],
      wraps: materials.filter((one) => one.shop_id === step.shop_id && one.kind === 'wrap'),
    };
    await run('update life_event set body = jsonb_set(body, :path, to_jsonb(cast(:key as text))) where id = :id', {
      path: '{step}',
      key: stepKeyFrom(step.body.step, known),
      id: step.id,
    });
  }
}
