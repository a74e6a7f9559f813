import type { ParcelLife } from '@inch-nest/core';
import type { LabelView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { labelMoves } from './labelMoves.ts';
import type { LockedParcel } from './parcelRows.ts';
import { personNames } from './personNames.ts';

/** A parcel's purchases, the newest first. */
export async function labelsOf(
  database: ShopDatabase,
  parcelId: string,
  own: Pick<LockedParcel, 'sale' | 'bundle' | 'piece' | 'others' | 'share'>,
  life: ParcelLife,
  transaction: Transaction,
): Promise<LabelView[]> {
  const { models } = database;
  const rows = await models.label.findAll({ where: { parcelId }, order: [['attempt', 'desc']], transaction });
  const nameOf = await personNames(models, rows, transaction);
  const bought = rows.find((row) => row.state === 'bought');
  const moved = bought ? await labelMoves(database, bought, own, life.weighing, life.label?.atRisk ?? false, transaction) : [];
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
    moved: id === bought?.id ? moved : [],
  }));
}
