import type { PhotoView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';

/** A parcel's photographs, the earliest first. */
export async function photosOf({ models }: Database, parcelId: string, transaction: Transaction): Promise<PhotoView[]> {
  const rows = await models.photo.findAll({
    where: { parcelId, removed: false },
    order: [
      ['at', 'asc'],
      ['id', 'asc'],
    ],
    transaction,
  });
  const people = await models.person.findAll({ where: { id: rows.map((row) => row.personId) }, transaction });
  return rows.map(({ id, of, width, height, at, personId }) => ({
    id,
    of,
    width,
    height,
    at: new Date(at).toISOString(),
    by: people.find((person) => person.id === personId)?.name ?? '',
  }));
}
