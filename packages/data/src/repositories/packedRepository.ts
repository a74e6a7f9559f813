import type { PackedList, PackedView } from '@inch-nest/contracts';
import { Op } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { belongingTo, factsView } from './parcelRows.ts';

/** So many of the latest parcels are looked at. */
const MOST = 500;
const WEEK_MS = 7 * 86_400_000;

/** The latest parcels that have a nest, the newest first, whatever has become of them; and over how many weeks they came. */
export async function packedOfLate({ models, sequelize }: ShopDatabase, now: Date): Promise<PackedList> {
  return sequelize.transaction(async (transaction) => {
    const parcels = await models.parcel.findAll({
      where: { planId: { [Op.ne]: null } },
      order: [
        ['createdAt', 'desc'],
        ['id', 'desc'],
      ],
      limit: MOST,
      transaction,
    });
    const views: PackedView[] = [];
    for (const parcel of parcels) {
      const { choice, locks } = parcel.nest;
      // what went into another parcel was packed there
      if (!choice || (await models.bundle.count({ where: { parcelId: parcel.id }, transaction })) === 0) continue;
      const held = factsView(await belongingTo(models, parcel, transaction));
      views.push({ id: parcel.id, held, choice, method: locks.method ?? null });
    }
    const first = parcels.at(-1)?.createdAt ?? now;
    return { weeks: Math.max(1, (now.getTime() - first.getTime()) / WEEK_MS), parcels: views };
  });
}
