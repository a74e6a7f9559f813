import { randomUUID } from 'node:crypto';
import { useSmallShop } from '../../tests/useSmallShop.ts';
import { bowl, NOW, ODILE, RATE, TAM } from '../../tests/smallShop.ts';
import type { PictureMark } from '@inch-nest/core';
import { heldIn } from '@inch-nest/contracts';
import {
  addPhoto,
  appendEvent,
  createParcel,
  markPhoto,
  picturesOf,
  readParcel,
  removePhoto,
  saleFromLine,
  splitParcel,
  takeBack,
} from '../index.ts';

const here = useSmallShop();

async function photographed(): Promise<{ id: string; photo: string }> {
  const id = await bowl(here.room, here.shop);
  const photo = randomUUID();
  await addPhoto(
    here.room,
    here.shop,
    id,
    { id: photo, personId: ODILE, of: 'packing' },
    { content: 'cd'.repeat(32), width: 9, height: 9 },
    NOW,
  );
  return { id, photo };
}
const put = (id: string, photo: string, removed: boolean) =>
  removePhoto(here.room, here.shop, id, { id: photo, removed, personId: TAM }, NOW);
const told = async (id: string) => (await readParcel(here.room, id, ODILE)).events.map(({ kind, personId }) => [kind, personId]);

test('putting a photograph aside, and taking it back in, is told once each with who did it', async () => {
  const { id, photo } = await photographed();
  await put(id, photo, true);
  await put(id, photo, true);
  expect(await picturesOf(here.room, id)).toEqual([]);
  await put(id, photo, false);
  expect(await picturesOf(here.room, id)).toHaveLength(1);
  expect(await told(id)).toEqual([
    ['opened', ODILE],
    ['photoRemoved', TAM],
    ['photoRestored', TAM],
  ]);
});

test.each([
  ['sealed', [{ kind: 'sealed' }], /sealed: open it again/],
  ['with a claim open', [{ kind: 'rated', rate: RATE }, { kind: 'handedOver' }, { kind: 'damaged' }], /evidence while the claim is open/],
] as const)('%s it stays, and nothing is told', async (_, happenings, why) => {
  const { id, photo } = await photographed();
  for (const happening of happenings) {
    const event = { id: randomUUID(), parcelId: id, personId: ODILE, happening, now: NOW, undoOf: null, gated: false };
    await here.room.sequelize.transaction((transaction) => appendEvent(here.room, event, transaction));
  }
  await expect(put(id, photo, true)).rejects.toThrow(why);
  expect(await picturesOf(here.room, id)).toHaveLength(1);
  expect((await told(id)).map(([kind]) => kind)).not.toContain('photoRemoved');
});

test('a photograph of another parcel is none of this one’s', async () => {
  const one = await photographed();
  const other = await photographed();
  await expect(put(one.id, other.photo, true)).rejects.toThrow('there is no such photograph');
});

test('each piece has its own, and they go where it goes', async () => {
  const sold = saleFromLine('lamp, 6 x 5 x 5, 2 lb, sold 84, to 40217 + stand, 6 x 6 x 3, 1 lb', here.shop, 'imperial');
  const id = randomUUID();
  await createParcel(here.room, here.shop, { id, personId: ODILE, sale: sold.sale, piece: sold.piece, more: sold.more! }, NOW);
  const [lamp, stand] = heldIn(await readParcel(here.room, id, ODILE));
  const picture = (pieceId: string) =>
    addPhoto(
      here.room,
      here.shop,
      id,
      { id: randomUUID(), personId: ODILE, of: 'piece', pieceId },
      { content: 'ef'.repeat(32), width: 1, height: 1 },
      NOW,
    );
  await picture(lamp!.pieceId);
  await picture(stand!.pieceId);
  await expect(picture(randomUUID())).rejects.toThrow('no such piece');
  const shown = async (parcel: string) => (await readParcel(here.room, parcel, ODILE)).photos.map(({ pieceId }) => pieceId);
  expect(await shown(id)).toEqual(expect.arrayContaining([lamp!.pieceId, stand!.pieceId]));
  await splitParcel(here.room, here.shop, id, { act: 'split', personId: ODILE, lots: [[{ bundleId: stand!.bundleId }]] }, NOW);
  const { set } = await readParcel(here.room, id, ODILE);
  expect(await shown(id)).toEqual([lamp!.pieceId]);
  expect(await shown(set.find((one) => one.id !== id)!.id)).toEqual([stand!.pieceId]);
  await takeBack(here.room, here.shop, id, { personId: ODILE, direction: 'undo' }, NOW);
  expect(await shown(id)).toHaveLength(2);
});

test('what is drawn upon one is kept beside it, the last of it counts, and it goes where the piece goes', async () => {
  const { id, photo } = await photographed();
  const draw = (parcelId: string, photoId: string, marks: readonly PictureMark[]) =>
    markPhoto(here.room, parcelId, { kind: 'photoMarked', photoId, marks }, { eventId: randomUUID(), personId: ODILE, now: NOW });
  const shown = async (parcelId: string) => (await readParcel(here.room, parcelId, ODILE)).photos.map(({ marks }) => marks);
  expect(await shown(id)).toEqual([[]]);
  await draw(id, photo, [{ kind: 'word', at: [0.2, 0.3], text: 'crack' }]);
  const ring: PictureMark = { kind: 'ring', at: [0.5, 0.5], size: [0.2, 0.1] };
  await draw(id, photo, [ring]);
  expect(await shown(id)).toEqual([[ring]]);
  expect((await picturesOf(here.room, id)).map(({ marks, width, height }) => [marks, width, height])).toEqual([[[ring], 9, 9]]);
  await expect(draw(await bowl(here.room, here.shop), photo, [])).rejects.toThrow('no such photograph');
  await draw(id, photo, []);
  expect(await shown(id)).toEqual([[]]);
  expect((await told(id)).filter(([kind]) => kind === 'photoMarked')).toHaveLength(3);
});
