import { randomUUID } from 'node:crypto';
import { countedTitle } from '@inch-nest/core';
import type { PutTogether, SetMember, ShopView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import type { ParcelRow } from '../rows.ts';
import { personOf } from './personOf.ts';
import { plannedCosts } from './plannedCosts.ts';

/** The parcels of each set that some parcels belong to, in the order of their codes. */
export async function membersOf(
  { models }: ShopDatabase,
  parcels: readonly ParcelRow[],
  transaction?: Transaction,
): Promise<Map<string, ParcelRow[]>> {
  const sets = [...new Set(parcels.flatMap(({ together }) => together ?? []))];
  const found = new Map<string, ParcelRow[]>(sets.map((set) => [set, []]));
  if (sets.length === 0) return found;
  const members = await models.parcel.findAll({
    where: { together: sets },
    attributes: ['id', 'code', 'state', 'together'],
    order: [['code', 'asc']],
    ...(transaction ? { transaction } : {}),
  });
  for (const member of members) found.get(member.together!)!.push(member);
  return found;
}

/** Which of how many it is; null where it goes alone. */
export const placeAmong = ({ id }: Pick<ParcelRow, 'id'>, members: readonly ParcelRow[] = []): { place: number; of: number } | null =>
  members.length < 2 ? null : { place: members.findIndex((member) => member.id === id) + 1, of: members.length };

/** The parcels of one sending in the order of their codes; none where a parcel goes alone. */
export async function setOf({ models }: ShopDatabase, together: string | null, transaction: Transaction): Promise<SetMember[]> {
  if (together === null) return [];
  const parcels = await models.parcel.findAll({ where: { together }, order: [['code', 'asc']], transaction });
  const ids = parcels.map((parcel) => parcel.id);
  const labels = await models.label.findAll({ where: { parcelId: ids, state: 'bought' }, transaction });
  const bundles = await models.bundle.findAll({ where: { parcelId: ids }, order: [['position', 'asc']], transaction });
  const pieces = await models.piece.findAll({ where: { id: bundles.map((bundle) => bundle.pieceId) }, transaction });
  const costOf = await plannedCosts(models, parcels, transaction);
  return parcels.map(({ id, code, planId, state }) => ({
    id,
    code,
    title: bundles
      .filter((bundle) => bundle.parcelId === id)
      .map((bundle) => countedTitle(pieces.find((piece) => piece.id === bundle.pieceId)!))
      .join(', '),
    tracking: labels.find((label) => label.parcelId === id)?.tracking ?? null,
    state,
    costMinor: costOf({ planId }),
  }));
}

/**
 * Puts parcels to one buyer together, so that each is one of so many; named alone, a parcel goes alone again.
 *
 * @throws Refused when they go to different places
 */
export async function putTogether(database: ShopDatabase, shop: ShopView, { personId, parcelIds }: PutTogether): Promise<void> {
  personOf(shop, personId);
  const { models, sequelize } = database;
  await sequelize.transaction(async (transaction) => {
    const parcels = await models.parcel.findAll({
      where: { id: parcelIds },
      order: [['id', 'asc']],
      transaction,
      lock: transaction.LOCK.UPDATE,
    });
    if (parcels.length !== new Set(parcelIds).size) throw new Missing('there is no such parcel');
    const sales = await models.sale.findAll({ where: { id: parcels.map((parcel) => parcel.saleId) }, transaction });
    if (new Set(sales.map((sale) => `${sale.buyer ?? ''} ${sale.destinationPostcode}`)).size > 1)
      throw new Refused([{ path: 'parcelIds', message: 'only parcels to one buyer at one place go together' }]);
    const together = parcels.length > 1 ? randomUUID() : null;
    const left = parcels.flatMap((parcel) => parcel.together ?? []);
    await models.parcel.update({ together }, { where: { id: parcelIds }, transaction });
    // one left alone of an older set is no set
    for (const old of new Set(left))
      if ((await models.parcel.count({ where: { together: old }, transaction })) === 1)
        await models.parcel.update({ together: null }, { where: { together: old }, transaction });
    await models.parcel.increment('revision', { where: { id: parcelIds }, transaction });
  });
}
