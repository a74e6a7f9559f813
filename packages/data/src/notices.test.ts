import { randomUUID } from 'node:crypto';
import type { Notice } from '@inch-nest/contracts';
import { NOW, ODILE, keepOne, tell } from '../tests/smallShop.ts';
import { useSmallShop } from '../tests/useSmallShop.ts';
import { addPiece, createParcel, listenForNotices, readParcel, revisionOf, saleFromLine, takeBack } from './index.ts';

// Whoever listens hears how far a parcel has come, so that who made a change, or has seen it, need not look again.

const use = useSmallShop();
const heard: Notice[] = [];
let stop: () => void;
beforeAll(async () => {
  stop = listenForNotices(
    use.url,
    (notice) => heard.push(notice),
    () => undefined,
  );
  // it listens once it hears of something
  for (let tries = 0; heard.length === 0; tries++) {
    await use.room.sequelize.query(`select pg_notify('inch_nest', '{"of":"shop","shop":"none"}')`);
    await pause();
    if (tries > 1000) throw new Error('nothing is heard');
  }
});
afterAll(() => stop());

const pause = () => new Promise((resolve) => setTimeout(resolve, 20));
const toldOf = (id: string) => heard.flatMap((notice) => (notice.of === 'parcel' && notice.parcel === id ? [notice] : []));

/** The revisions that were told, once the one it stands at has been. */
async function revisions(id: string): Promise<(number | null)[]> {
  const { revision } = await readParcel(use.room, id, ODILE);
  while (!toldOf(id).some((notice) => notice.revision === revision)) await pause();
  return toldOf(id).map((notice) => notice.revision);
}

test('whatever is done to a parcel is told once, with the revision it has come to', async () => {
  const { room, shop } = use;
  const id = randomUUID();
  const { sale, piece } = saleFromLine('brass bell 4 x 4 x 6, 2 lb, 60.00', shop, 'imperial');
  await createParcel(room, shop, { id, personId: ODILE, sale, piece }, NOW);
  const { pieceId } = await readParcel(room, id, ODILE);
  const acts: [what: string, act: () => Promise<unknown>][] = [
    ['sold', () => Promise.resolve()],
    ['a field typed', () => keepOne(room, shop, id, { path: `piece/${pieceId}/weight`, value: '2 lb 3 oz', basedOn: 0 })],
    ['taken back', () => takeBack(room, shop, id, { personId: ODILE, direction: 'undo' }, NOW)],
    ['happened', () => tell(room, id, { kind: 'opened' }, NOW)],
    [
      'a piece put in',
      () => addPiece(room, shop, id, { act: 'add', personId: ODILE, id: randomUUID(), line: 'cup 3 x 3 x 3, 1 lb, 5.00' }, NOW),
    ],
  ];
  let before = 0;
  for (const [what, act] of acts) {
    await act();
    const told = await revisions(id);
    const last = told.at(-1);
    expect({ what, last, told: told.length }).toEqual({ what, last: await revisionOf(room, id), told: new Set(told).size });
    expect(last).toBeGreaterThan(before);
    before = last!;
  }
});

test('of a parcel that is not there no revision is known', async () => {
  expect(await revisionOf(use.room, randomUUID())).toBeNull();
});
