import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { ParcelLife } from '@inch-nest/core';
import { benchPlanFor } from '@inch-nest/contracts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { keepOne, NOW, ODILE, TAM } from '../../tests/smallShop.ts';
import { inShop, listShelf, migrate, readParcel, readShop, takeBack, type ShopDatabase } from '../index.ts';
import { MIGRATIONS } from '../migrate.ts';
import { stepKeyFrom } from './stepKeyFrom.ts';

/** A database of the version before ids, with parcels in every state, and what that version read of each. */
interface Earlier {
  rows: Record<string, unknown[]>;
  views: Record<
    string,
    {
      id: string;
      life: Omit<ParcelLife, 'steps'> & { steps: string[] };
      photos: unknown[];
      undo: number;
      plan: { chance: number; costMinor: number; grossLb: number } | null;
      steps: string[];
    }
  >;
}
const earlier = JSON.parse(readFileSync(join(__dirname, '../../tests/version6.json'), 'utf8')) as Earlier;
const names = Object.keys(earlier.views);

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let room: ShopDatabase;
beforeAll(async () => {
  fresh = await freshDatabase({ migrations: MIGRATIONS.slice(0, 6) });
  for (const [table, rows] of Object.entries(earlier.rows))
    await fresh.database.sequelize.query(
      `insert into ${table} overriding system value select * from jsonb_populate_recordset(cast(null as public.${table}), cast($1 as jsonb))`,
      { bind: [JSON.stringify(rows)] },
    );
  expect(await migrate(fresh.database)).toEqual(MIGRATIONS.slice(6).map((one) => one.name));
  room = inShop(fresh.database, (earlier.rows['shop'] as { id: string }[])[0]!.id);
});
afterAll(() => fresh.drop());

const read = (name: string) => readParcel(room, earlier.views[name]!.id, ODILE);

test('every state is among them', () =>
  expect(new Set(names.map((name) => earlier.views[name]!.life.state))).toEqual(
    new Set([
      'draft',
      'planned',
      'packing',
      'brokenAtBench',
      'sealed',
      'weighed',
      'rated',
      'labelled',
      'handedOver',
      'delivered',
      'damaged',
      'lost',
      'returned',
    ]),
  ));

test.each(names)('%s: one piece, sold, in a block of its own, whoever planned it before there were several', async (name) => {
  const { piece, sale, nest } = await read(name);
  expect([piece.count.value, piece.stackOf.value, sale.job.value]).toEqual([1, 1, 'sale']);
  if (!nest.plan) return;
  const { block, bundleIn } = nest.plan.document;
  expect(block).toEqual({ pieces: 1, stacks: [1], grid: [1, 1, 1], sizeIn: bundleIn, at: [[0, 0, 0]] });
});

test.each(names)('%s: the same life, plan, pictures and steps to take back', async (name) => {
  const before = earlier.views[name]!;
  const view = await read(name);
  const { steps, ...life } = view.life;
  const { steps: keys, ...lifeBefore } = before.life;
  // each bundle by itself, what came back and the shakes of boxes within have joined what is known since
  const { innerShake, ownBoxShake, sharedShake, ...tests } = life.tests;
  expect({ ...life, tests, bundles: undefined, cameBack: undefined }).toEqual(lifeBefore);
  expect([innerShake, ownBoxShake, sharedShake]).toEqual(['untried', 'untried', 'untried']);
  expect(life.cameBack).toBeNull();
  expect(steps).toHaveLength(keys.length);
  // at which step a picture was taken was not kept yet; the piece it shows is the only one there was
  const shown = ({ of }: { of: string }) => (of === 'packing' ? null : view.pieceId);
  expect(view.photos).toEqual(
    before.photos.map((photo) => ({ ...(photo as { of: string }), pieceId: shown(photo as { of: string }), step: null, marks: [] })),
  );
  expect(view.undo).toBe(before.undo);
  const document = view.nest.plan?.document;
  expect(document ? { chance: document.chance, costMinor: document.costMinor, grossLb: document.weight.grossLb } : null).toEqual(
    before.plan,
  );
});

test.each(names)('%s: the bench knows every step that was done', async (name) => {
  const before = earlier.views[name]!;
  const view = await read(name);
  const bench = benchPlanFor(view, await readShop(room, NOW));
  const done = new Set(view.life.steps.map((step) => step.key));
  const known = (bench?.steps ?? []).filter((step) => done.has(step.key)).map((step) => step.title);
  // every step of a sealed parcel was done, the first ones of one that is being packed; papers have moved before the top since
  const toldNow = before.steps.map((title) => title.replace(/(\d)\.5 turns$/, '$1 1/2 turns'));
  expect([...known].sort()).toEqual(toldNow.slice(0, before.life.steps.length).sort());
});

test('what is history says what it is about', async () => {
  const view = await read('packing');
  const { models } = fresh.database;
  const events = view.events.filter((event) => event.kind === 'bundleMeasured' || (event.kind === 'stepDone' && event.phase === 'bundle'));
  expect(events.length).toBeGreaterThan(3);
  expect(new Set(events.map((event) => event.bundleId))).toEqual(new Set([view.bundleId]));
  expect((await read('broken')).events.find((event) => event.kind === 'brokenAtBench')!.pieceId).toBe((await read('broken')).pieceId);
  const photos = await models.photo.findAll({ where: { parcelId: view.id }, order: [['at', 'asc']] });
  expect(photos.map(({ of, pieceId, bundleId }) => [of, pieceId, bundleId])).toEqual([
    ['piece', view.pieceId, null],
    ['packing', null, view.bundleId],
  ]);
  const planned = await read('planned');
  const changes = await models.change.findAll({ where: { parcelId: planned.id }, order: [['seq', 'asc']] });
  expect(changes.map(({ entity, about }) => [entity, about])).toEqual([
    ['nest', planned.bundleId],
    ['piece', planned.pieceId],
    ['sale', planned.saleId],
  ]);
});

test('what was kept is changed, taken back and listed as before', async () => {
  const shop = await readShop(room, NOW);
  const { id } = earlier.views['planned']!;
  await takeBack(room, shop, id, { personId: TAM, direction: 'undo' }, NOW);
  expect((await read('planned')).sale.soldMinor.value).toBe(8400);
  const turned = { set: { layers: [{ material: 'largeBubble', turns: 3 }] }, drop: [], pin: {}, unpin: [] };
  expect(await keepOne(room, shop, id, { path: 'nest', value: turned, basedOn: 1 })).toMatchObject({ kind: 'kept', revision: 2 });
  expect((await read('planned')).nest.plan!.document.layers.map((layer) => layer.turns)).toEqual([3]);
  await takeBack(room, shop, id, { personId: ODILE, direction: 'undo' }, NOW);
  expect((await read('planned')).nest.plan!.document.costMinor).toBeCloseTo(
    (await read('planned')).nest.plan!.document.costLines.reduce((sum, line) => sum + line.amountMinor, 0),
    6,
  );
  expect((await listShelf(room)).length).toBe(names.length - 3);
});

test.each<[string, string]>([
  ['small-bubble-1-turn', 'b:layer:smallBubble:1'],
  ['large-bubble-2.5-turns', 'b:layer:largeBubble:2.5'],
  ['large-bubble-2.5-turns-2', 'b:layer:largeBubble:2.5:2'],
  ['guard-the-loose-part', 'b:guard:lid:cap'],
  ['fill-the-the-inside', 'b:hollow:inside'],
  ['put-the-bundle-in', 'box:in'],
  ['touch', 'test:touch'],
  ['feel', 'b:test:feel'],
  ['something-of-old', 'b:was:something-of-old'],
])('the step %s is now %s', (slug, key) =>
  expect(
    stepKeyFrom(slug, {
      bundleId: 'b',
      inner: false,
      hardPoints: [{ id: 'lid', kind: 'loosePart', guard: 'cap' }],
      hollows: [{ id: 'inside', name: 'the inside', filled: true }],
      wraps: [
        { key: 'smallBubble', name: 'Small bubble' },
        { key: 'largeBubble', name: 'Large bubble' },
      ],
    }),
  ).toBe(key),
);
