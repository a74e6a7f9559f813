import { findScanned, inShop, listPast, listShelf, readDay } from '@inch-nest/data';
import { freshDatabase } from '../packages/data/tests/freshDatabase.ts';
import { manyParcels } from '../packages/data/tests/manyParcels.ts';
import { bowl, NOW, smallShop, tell } from '../packages/data/tests/smallShop.ts';

// What is asked of a shop every few seconds, when a hundred parcels are over and when twenty thousand are: the ratio
// says whether a shop slows down with its years. Both are asked in this one run, on the same server.

const YOUNG = 100;
const GROWN = 20_000;
const ROUNDS = 15;
const OPEN = 5;
const DEEP_PAGES = 40;

const median = (numbers: readonly number[]): number => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;

async function steady(ask: () => Promise<unknown>): Promise<number> {
  await ask();
  const times: number[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    const start = performance.now();
    await ask();
    times.push(performance.now() - start);
  }
  return median(times);
}

/** Median milliseconds of each question in a shop with so many parcels that are over. */
async function askedOf(count: number): Promise<ReadonlyMap<string, number>> {
  const fresh = await freshDatabase();
  try {
    const shop = await smallShop(fresh.database);
    const room = inShop(fresh.database, shop.id);
    const over = await bowl(room, shop);
    await tell(room, over, { kind: 'weighed', readingsLb: [3], outsideIn: null }, NOW);
    for (let i = 0; i < OPEN; i++) await bowl(room, shop);
    await manyParcels(fresh.database, over, count);
    let deep: string | null = null;
    for (let page = 0; page < DEEP_PAGES; page++) deep = (await listPast(room, {}, deep)).next ?? deep;
    const questions: Readonly<Record<string, () => Promise<unknown>>> = {
      'the shelf': () => listShelf(room),
      'the day': () => readDay(room, shop),
      'a code that was scanned': () => findScanned(room, { of: 'parcel', name: 'G77' }),
      'past parcels, the first page': () => listPast(room, {}, null),
      'past parcels, a page deep down': () => listPast(room, {}, deep),
      'past parcels by a word': () => listPast(room, { text: 'number 77' }, null),
    };
    const times = new Map<string, number>();
    for (const [what, ask] of Object.entries(questions)) times.set(what, await steady(ask));
    return times;
  } finally {
    await fresh.drop();
  }
}

const young = await askedOf(YOUNG);
const grown = await askedOf(GROWN);
console.log(`${GROWN.toLocaleString('en')} parcels that are over, against ${YOUNG}: time, as a ratio\n`);
for (const [what, ms] of grown) console.log(`${`  ${what}`.padEnd(76)} ${(ms / young.get(what)!).toFixed(1)}  (${ms.toFixed(1)} ms)`);
