import { randomUUID } from 'node:crypto';
import type { Happening } from '@inch-nest/core';
import { freshDatabase } from '../../tests/freshDatabase.ts';
import { bowl, NOW, ODILE, smallShop, TAM, tell } from '../../tests/smallShop.ts';
import { appendEvent, handsOfLate, inShop, type ShopDatabase } from '../index.ts';

let fresh: Awaited<ReturnType<typeof freshDatabase>>;
let room: ShopDatabase;
let parcels: string[];
beforeAll(async () => {
  fresh = await freshDatabase();
  const shop = await smallShop(fresh.database);
  room = inShop(fresh.database, shop.id);
  parcels = [];
  for (let i = 0; i < 3; i++) parcels.push(await bowl(room, shop));
});
afterAll(() => fresh.drop());

const feel = (result: 'passed' | 'failed'): Happening => ({ kind: 'testTried', test: 'feel', result });
const DAY_MS = 86_400_000;

test('parcels are counted, not presses; what was taken back or is long past is not', async () => {
  const [one, other, old] = parcels as [string, string, string];
  // felt, put right, passed; and passed at once
  await tell(room, one, feel('failed'), NOW);
  await tell(room, one, { kind: 'remedied', test: 'feel', remedy: 'one more turn of bubble' }, NOW);
  await tell(room, one, feel('failed'), NOW);
  await tell(room, one, feel('passed'), NOW);
  await tell(room, other, feel('passed'), NOW);
  // a slip of the finger
  const slip = randomUUID();
  await room.sequelize.transaction(async (transaction) => {
    const event = { parcelId: other, personId: ODILE, now: NOW };
    await appendEvent(
      room,
      { ...event, id: slip, happening: { kind: 'testTried', test: 'shake', result: 'failed' }, undoOf: null },
      transaction,
    );
    await appendEvent(room, { ...event, id: randomUUID(), happening: { kind: 'takenBack' }, undoOf: slip }, transaction);
  });
  await tell(room, old, feel('failed'), new Date(NOW.getTime() - 91 * DAY_MS));

  const { days, found } = await handsOfLate(room, NOW, null);
  expect(days).toBe(90);
  expect(found).toEqual([{ personId: ODILE, name: 'Odile', tests: [{ test: 'feel', parcels: 2, failed: 1 }] }]);
  expect((await handsOfLate(room, NOW, TAM)).found).toEqual([]);
  expect((await handsOfLate(room, NOW, ODILE)).found).toHaveLength(1);
});
