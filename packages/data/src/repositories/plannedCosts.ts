import { literal, type Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import type { ParcelRow } from '../rows.ts';

/** What the kept nests of some parcels cost in all, minor units; null for a parcel where none is kept. */
export async function plannedCosts(
  models: ShopDatabase['models'],
  parcels: readonly Pick<ParcelRow, 'planId'>[],
  transaction: Transaction,
): Promise<(parcel: Pick<ParcelRow, 'planId'>) => number | null> {
  const plans = await models.plan.findAll({
    where: { id: parcels.flatMap(({ planId }) => planId ?? []) },
    attributes: ['id', [literal("(document ->> 'costMinor')::float"), 'costMinor']],
    transaction,
  });
  return ({ planId }) => (plans.find((plan) => plan.id === planId)?.get('costMinor' as never) as number | undefined) ?? null;
}
