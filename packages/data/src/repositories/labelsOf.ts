import type { LabelView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';

/** A parcel's purchases, the newest first. */
export async function labelsOf({ models }: Database, parcelId: string, transaction: Transaction): Promise<LabelView[]> {
  const rows = await models.label.findAll({ where: { parcelId }, order: [['attempt', 'desc']], transaction });
  const people = await models.person.findAll({ where: { id: rows.map((row) => row.personId) }, transaction });
  return rows.map(({ id, attempt, state, rate, chargedMinor, tracking, problem, at, personId }) => ({
    id,
    attempt,
    state,
    serviceName: rate.serviceName,
    priceMinor: rate.priceMinor,
    chargedMinor,
    tracking,
    problem,
    at: new Date(at).toISOString(),
    by: people.find((person) => person.id === personId)?.name ?? '',
  }));
}
