jest.mock('server-only', () => ({}));
import { strToU8, zipSync } from 'fflate';
import { DEMO_CARDS } from '@inch-nest/data/demo-cards';
import { readCardApart } from './readCardApart.ts';

/** How often this thread had its turn meanwhile. */
async function turnsDuring(work: () => Promise<unknown>): Promise<number> {
  let turns = 0;
  let going = true;
  const turn = () => {
    turns++;
    if (going) setImmediate(turn);
  };
  setImmediate(turn);
  await work();
  going = false;
  return turns;
}

test('a card read apart is the card', async () => {
  const [card] = DEMO_CARDS;
  const files = [{ name: 'card.json', bytes: strToU8(JSON.stringify(card)) }];
  expect(await readCardApart(files)).toMatchObject({
    ok: true,
    card: { id: card!.id, services: card!.services.map(({ key }) => ({ key })) },
  });
});

test('while files made to be hard to read are read, the server has its turns', async () => {
  const quotes = strToU8(`${'"a",'.repeat(990)}\n`.repeat(99));
  const files = ['card', 'zones', 'services', 'prices'].map((table) => ({ name: `${table}.csv`, bytes: quotes.slice(0, 240_000) }));
  const turns = await turnsDuring(async () => expect((await readCardApart(files)).ok).toBe(false));
  // read on this thread it would have one or two
  expect(turns).toBeGreaterThan(100);
});

test('what swells beyond every bound is refused, and the thread is gone', async () => {
  const bomb = zipSync({ 'zones.csv': new Uint8Array(80_000_000) });
  expect(await readCardApart([{ name: 'card.zip', bytes: bomb }])).toEqual({
    ok: false,
    problems: [{ path: 'card.zip', message: 'at most 1 MB unpacked, please' }],
  });
});
