import type { LabelView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import { personNames } from './personNames.ts';

/** A parcel's purchases, the newest first. */
export async function labelsOf({ models }: Database, parcelId: string, transaction: Transaction): Promise<LabelView[]> {
  const rows = await models.label.findAll({ where: { parcelId }, order: [['attempt', 'desc']], transaction });
  const nameOf = await personNames(models, rows, transaction);
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
    by: nameOf(personId),
  }));
}
