import type { PictureMark } from '@inch-nest/core';
import type { PhotoView } from '@inch-nest/contracts';
import { Op, type Transaction, type WhereOptions } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import type { EventRow, PhotoRow } from '../rows.ts';
import { personNames } from './personNames.ts';

/**
 * Which photographs are a parcel's: those of its packing, and those of the pieces it holds, wherever they were when they were
 * taken. A photograph is evidence and stays as it was noted; it is the piece that goes elsewhere.
 */
export async function ofParcel({ models }: ShopDatabase, parcelId: string, transaction?: Transaction): Promise<WhereOptions<PhotoRow>> {
  const held = await models.bundle.findAll({ where: { parcelId }, attributes: ['pieceId'], ...(transaction ? { transaction } : {}) });
  return {
    [Op.or]: [
      { parcelId, of: 'packing' },
      { pieceId: held.map(({ pieceId }) => pieceId), of: ['piece', 'back'] },
    ],
  };
}

/** A parcel's photographs, the earliest first. */
export async function photosOf(database: ShopDatabase, parcelId: string, transaction: Transaction): Promise<PhotoView[]> {
  const photos = await photosKept(database, parcelId, transaction);
  const nameOf = await personNames(
    database.models,
    photos.map(({ row }) => row),
    transaction,
  );
  return photos.map(({ row: { id, personId }, facts }) => ({ id, ...facts, by: nameOf(personId) }));
}

/** What is known of a photograph wherever it is shown. */
export type PhotoFacts = Omit<PhotoView, 'id' | 'by'>;

/** A parcel's photographs that were not put aside, the earliest first, each with its row. */
export async function photosKept(
  database: ShopDatabase,
  parcelId: string,
  transaction?: Transaction,
): Promise<{ readonly row: PhotoRow; readonly facts: PhotoFacts }[]> {
  const rows = await database.models.photo.findAll({
    where: { ...(await ofParcel(database, parcelId, transaction)), removed: false },
    order: [
      ['at', 'asc'],
      ['id', 'asc'],
    ],
    ...(transaction ? { transaction } : {}),
  });
  const marksOf = await marksUpon(database, rows, transaction);
  return rows.map((row) => {
    const { id, of, pieceId, step, width, height, at } = row;
    return { row, facts: { of, pieceId: pieceId ?? null, step, width, height, marks: marksOf(id), at: new Date(at).toISOString() } };
  });
}

/** What is drawn upon some photographs: what was noted last of each, in whichever parcel that was. */
async function marksUpon(
  { models }: ShopDatabase,
  photos: readonly { readonly id: string }[],
  transaction?: Transaction,
): Promise<(photoId: string) => readonly PictureMark[]> {
  if (photos.length === 0) return () => [];
  const ids = photos.map(({ id }) => id);
  const events = await models.event.findAll({
    where: { kind: 'photoMarked', body: { photoId: { [Op.in]: ids } } } as WhereOptions<EventRow>,
    order: [
      ['at', 'asc'],
      ['seq', 'asc'],
    ],
    ...(transaction ? { transaction } : {}),
  });
  const marks = new Map(events.map(({ body }) => [body['photoId'] as string, body['marks'] as readonly PictureMark[]]));
  return (photoId) => marks.get(photoId) ?? [];
}
