import { recordParcel } from '@inch-nest/core';
import type { LabelMove } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import type { ParcelRow } from '../rows.ts';
import { labelMoves } from './labelMoves.ts';
import { belongingTo, eventsOf } from './parcelRows.ts';

/** Of labelled parcels that have not left, what no longer agrees with their label; those with nothing moved are left out. */
export async function labelsAtRisk(database: ShopDatabase, parcels: readonly ParcelRow[]): Promise<Map<string, LabelMove[]>> {
  const { models, sequelize } = database;
  const labelled = parcels.filter(({ state }) => state === 'labelled');
  const found = new Map<string, LabelMove[]>();
  if (labelled.length === 0) return found;
  await sequelize.transaction(async (transaction) => {
    const labels = await models.label.findAll({ where: { parcelId: labelled.map(({ id }) => id), state: 'bought' }, transaction });
    for (const parcel of labelled) {
      const label = labels.find((one) => one.parcelId === parcel.id);
      if (!label) continue;
      const life = recordParcel(await eventsOf(database, parcel.id, transaction));
      const own = await belongingTo(models, parcel, transaction);
      const moves = await labelMoves(database, label, own, life.weighing, life.label?.atRisk ?? false, transaction);
      if (moves.length > 0) found.set(parcel.id, moves);
    }
  });
  return found;
}
