import { randomUUID } from 'node:crypto';
import type { Happening } from '@inch-nest/core';
import type { PhotoOf, ShopView } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import { appendEvent } from './eventRepository.ts';
import { lockParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';
import { ofParcel, photosKept, type PhotoFacts } from './photosOf.ts';

const MOST_PHOTOS = 60;

/** A picture as it lies in the store. */
export interface StoredPicture {
  /** SHA-256 of its bytes, in hex. */
  readonly content: string;
  readonly width: number;
  readonly height: number;
}

/**
 * Notes a photograph whose picture lies in the store already. The same id twice counts once.
 *
 * @throws Refused when the parcel has as many as it may have, or no such piece
 */
export async function addPhoto(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  wanted: { id: string; personId: string; of: PhotoOf; step?: string | undefined; pieceId?: string | undefined },
  picture: StoredPicture,
  now: Date,
): Promise<void> {
  const person = personOf(shop, wanted.personId);
  const { photo } = database.models;
  await database.sequelize.transaction(async (transaction) => {
    const { parcel, bundle, piece, others } = await lockParcel(database, parcelId, transaction);
    if (await photo.findByPk(wanted.id, { transaction })) return;
    const kept = { ...(await ofParcel(database, parcelId, transaction)), removed: false };
    if ((await photo.count({ where: kept, transaction })) >= MOST_PHOTOS)
      throw new Refused([{ path: 'photo', message: `a parcel keeps at most ${MOST_PHOTOS} photographs` }]);
    const shown = [piece, ...others.map((one) => one.piece)].find(({ id }) => id === (wanted.pieceId ?? piece.id));
    if (!shown) throw new Refused([{ path: 'pieceId', message: 'this parcel has no such piece' }]);
    await photo.create(
      {
        id: wanted.id,
        parcelId,
        of: wanted.of,
        step: wanted.step ?? null,
        ...(wanted.of !== 'packing' ? { pieceId: shown.id } : { bundleId: bundle.id }),
        ...picture,
        personId: person.id,
        at: now,
        removed: false,
      },
      { transaction },
    );
    await parcel.increment('revision', { transaction });
  });
}

/**
 * Takes a photograph out of the parcel, or back in, and says so in its history; the picture stays in the store.
 *
 * @throws Missing when the parcel has no such photograph, Refused while it is sealed or a claim is open
 */
export async function removePhoto(
  database: ShopDatabase,
  shop: ShopView,
  parcelId: string,
  wanted: { id: string; removed: boolean; personId: string },
  now: Date,
): Promise<void> {
  const person = personOf(shop, wanted.personId);
  await database.sequelize.transaction(async (transaction) => {
    await lockParcel(database, parcelId, transaction);
    const photo = await database.models.photo.findOne({
      where: { ...(await ofParcel(database, parcelId, transaction)), id: wanted.id },
      transaction,
    });
    if (!photo) throw new Missing('there is no such photograph');
    if (photo.removed === wanted.removed) return;
    const happening = { kind: wanted.removed ? 'photoRemoved' : 'photoRestored', photoId: photo.id } as const;
    await appendEvent(database, { id: randomUUID(), parcelId, personId: person.id, happening, now, undoOf: null }, transaction);
    await photo.update({ removed: wanted.removed }, { transaction });
  });
}

/**
 * Notes what is drawn upon a photograph, in place of what was; the picture stays as it was taken.
 *
 * @throws Missing when the parcel has no such photograph
 */
export async function markPhoto(
  database: ShopDatabase,
  parcelId: string,
  happening: Extract<Happening, { kind: 'photoMarked' }>,
  { eventId: id, personId, now }: { eventId: string; personId: string; now: Date },
): Promise<void> {
  await database.sequelize.transaction(async (transaction) => {
    await lockParcel(database, parcelId, transaction);
    const where = { ...(await ofParcel(database, parcelId, transaction)), id: happening.photoId };
    if (!(await database.models.photo.findOne({ where, transaction }))) throw new Missing('there is no such photograph');
    await appendEvent(database, { id, parcelId, personId, happening, now, undoOf: null }, transaction);
  });
}

/** What a photograph's picture is called in the store. */
export async function pictureOf({ models }: ShopDatabase, photoId: string): Promise<string> {
  const row = await models.photo.findByPk(photoId);
  if (!row) throw new Missing('there is no such photograph');
  return row.content;
}

/** A photograph and what its picture is called in the store. */
export interface KeptPicture extends PhotoFacts {
  readonly content: string;
}

/** A parcel's photographs with what their pictures are called in the store, the oldest first. */
export async function picturesOf(database: ShopDatabase, parcelId: string): Promise<KeptPicture[]> {
  return (await photosKept(database, parcelId)).map(({ row: { content }, facts }) => ({ content, ...facts }));
}
