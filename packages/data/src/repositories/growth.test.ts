import { randomUUID } from 'node:crypto';
import { appendEvent } from './eventRepository.ts';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { manyParcels } from '../../tests/manyParcels.ts';
import { bowl, NOW, smallShop, tell } from '../../tests/smallShop.ts';
import {
  findScanned,
  inShop,
  listBins,
  listPast,
  listPickups,
  listShelf,
  readDay,
  readParcel,
  templatesFor,
  type ShopDatabase,
} from '../index.ts';

// A shop that has grown: some thousand parcels are over, a few are open. What is asked every few seconds and every
// look-up reads the open ones through indexes and never walks over the rest.

const GROWN = 3000;
/** Tables that grow with every parcel. */
const GROWING = ['parcel', 'sale', 'piece', 'bundle', 'life_event', 'label', 'plan', 'field_change', 'photo', 'weighing'];

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let shop: Awaited<ReturnType<typeof smallShop>>;
let room: ShopDatabase;
let open: string[];
const me = () => shop.people[0]!.id;
beforeAll(async () => {
  fresh = await freshDatabase();
  shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
  const over = await bowl(room, shop);
  await tell(room, over, { kind: 'weighed', readingsLb: [3], outsideIn: null }, NOW);
  await room.sequelize.transaction((transaction) =>
    appendEvent(
      room,
      { id: randomUUID(), parcelId: over, personId: me(), happening: { kind: 'delivered' }, now: NOW, undoOf: null, gated: false },
      transaction,
    ),
  );
  open = [];
  for (let i = 0; i < 5; i++) open.push(await bowl(room, shop));
  await manyParcels(fresh.database, over, GROWN);
});
afterAll(() => fresh.drop());

/** What the database does for everything that is asked meanwhile: tables it walks over from end to end. */
async function walkedOver(ask: () => Promise<unknown>): Promise<string[]> {
  const { sequelize } = fresh.database;
  const { options } = sequelize as unknown as { options: { logging: false | ((text: string) => void) } };
  const asked: string[] = [];
  options.logging = (text) => {
    const sql = text.replace(/^Execut\w+ \([^)]*\): /, '').replace(/;\s*$/, '');
    if (/^\s*SELECT/i.test(sql)) asked.push(sql);
  };
  try {
    await ask();
  } finally {
    options.logging = false;
  }
  expect(asked.length).toBeGreaterThan(0);
  return sequelize.transaction(async (transaction) => {
    // a small table is walked over because that is quicker: with this off, only where there is no index to go by
    await sequelize.query('set local enable_seqscan = off', { transaction });
    const walked: string[] = [];
    for (const sql of asked) {
      const [rows] = await sequelize.query(`explain ${sql}`, { transaction });
      const plan = (rows as { 'QUERY PLAN': string }[]).map((row) => row['QUERY PLAN']).join('\n');
      for (const [, table] of plan.matchAll(/Seq Scan on (\w+)/g))
        if (GROWING.includes(table!)) walked.push(`${table}: ${sql.slice(0, 160)}`);
    }
    return walked;
  });
}

test.each<[string, () => Promise<unknown>]>([
  ['the shelf', () => listShelf(room)],
  ['the day', () => readDay(room, shop)],
  ['the bins', () => listBins(room)],
  ['the pick-ups', () => listPickups(room, shop)],
  ['a parcel', () => readParcel(room, open[0]!, me())],
  ['what was packed like it', () => templatesFor(room, shop, open[0]!)],
  ['a code', () => findScanned(room, { of: 'parcel', name: 'G77' })],
  ['a tracking number', () => findScanned(room, { of: 'tracking', name: 'GR77' })],
  ['a bin', () => findScanned(room, { of: 'bin', name: 'Z7' }).catch(() => null)],
  ['past parcels', () => listPast(room, {}, null)],
  ['past parcels by words', () => listPast(room, { text: 'number 77' }, null)],
  ['past parcels by code', () => listPast(room, { code: 'g77' }, null)],
  ['past parcels by tag', () => listPast(room, { tag: 'b77' }, null)],
  ['past parcels by bin', () => listPast(room, { bin: 'Z7' }, null)],
  ['past parcels by tracking number', () => listPast(room, { tracking: 'GR77' }, null)],
])('%s is found without walking over what is past', async (_, ask) => expect(await walkedOver(ask)).toEqual([]));

test('the shelf is what is open; all the rest is past, page by page, each once, the newest first', async () => {
  expect((await listShelf(room)).map((tag) => tag.id).sort()).toEqual([...open].sort());
  const seen: string[] = [];
  let after: string | null = null;
  for (let page = 0; page < 100; page++) {
    const { tags, next }: Awaited<ReturnType<typeof listPast>> = await listPast(room, { state: 'finished' }, after);
    seen.push(...tags.map((tag) => tag.code));
    after = next;
    if (!next) break;
  }
  expect(seen).toHaveLength(GROWN + 1);
  expect(new Set(seen).size).toBe(GROWN + 1);
  expect(seen.slice(1, 4)).toEqual(['G1', 'G2', 'G3']);
});

test.each(['code', 'title', 'tag', 'state', 'promised', 'bin'] as const)(
  'by %s: page by page, each once, up and down alike',
  async (sort) => {
    const all = async (down: boolean) => {
      const seen: string[] = [];
      for (let after: string | null = null, page = 0; page < 100; page++) {
        const asked: Awaited<ReturnType<typeof listPast>> = await listPast(
          room,
          { text: 'bowl 12', sort, ...(down ? { down: '1' } : {}) },
          after,
        );
        seen.push(...asked.tags.map((tag) => tag.code));
        after = asked.next;
        if (!after) break;
      }
      return seen;
    };
    const up = await all(false);
    expect(new Set(up).size).toBe(up.length);
    expect(up.length).toBeGreaterThan(60);
    expect(await all(true)).toEqual([...up].reverse());
    if (sort === 'code') expect(up).toEqual([...up].sort());
  },
);

test.each<[string, Parameters<typeof listPast>[1], string[]]>([
  ['words of a title, the beginning of each enough', { text: 'BOWL 2999' }, ['G2999']],
  ['a code in small letters', { code: 'g12' }, ['G12']],
  ['a tag', { tag: 'b12' }, ['G12']],
  ['a tracking number', { tracking: 'GR12' }, ['G12']],
  ['a bin', { bin: 'Z899' }, ['G899', 'G1799', 'G2699']],
  ['two things at once', { bin: 'Z899', tracking: 'GR1799' }, ['G1799']],
  ['nothing of the kind', { text: 'no such thing' }, []],
  ['signs that are no words', { text: "'); --" }, []],
])('by %s', async (_, filter, codes) => expect((await listPast(room, filter, null)).tags.map((tag) => tag.code)).toEqual(codes));

test('by days, and by state', async () => {
  const { tags } = await listPast(room, { from: '2026-11-22', to: '2026-11-22', state: 'delivered' }, null);
  expect(tags.length).toBeGreaterThan(3);
  expect(new Set(tags.map((tag) => tag.state))).toEqual(new Set(['delivered']));
  expect((await listPast(room, { state: 'open' }, null)).tags).toHaveLength(open.length);
});
