import type { PhotoView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { personNames } from './personNames.ts';

/** A parcel's photographs, the earliest first. */
export async function photosOf({ models }: ShopDatabase, parcelId: string, transaction: Transaction): Promise<PhotoView[]> {
  const rows = await models.photo.findAll({
    where: { parcelId, removed: false },
    order: [
      ['at', 'asc'],
      ['id', 'asc'],
    ],
    transaction,
  });
  const nameOf = await personNames(models, rows, transaction);
  return rows.map(({ id, of, step, width, height, at, personId }) => ({
    id,
    of,
    step,
    width,
    height,
    at: new Date(at).toISOString(),
    by: nameOf(personId),
  }));
}
