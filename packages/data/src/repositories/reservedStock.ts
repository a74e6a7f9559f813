import { summedUses, type StockUse } from '@inch-nest/core';
import { literal, Op, type Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { readEach } from '../readEach.ts';

/** Parcels in these states have what they want still before them: sealing alone counts down. */
export const TO_PACK = ['draft', 'planned', 'packing'];

/** What a kept nest will take from the stockroom. */
export interface ReservedNest {
  readonly id: string;
  readonly code: string;
  readonly shipBy: string;
  readonly uses: readonly StockUse[];
}

/** What the kept nests of unsealed parcels will take, those that go first at the front. */
export async function reservedStock({ models }: ShopDatabase, transaction?: Transaction): Promise<ReservedNest[]> {
  const within = transaction ? { transaction } : {};
  const parcels = await models.parcel.findAll({
    where: { state: TO_PACK, planId: { [Op.ne]: null } },
    attributes: ['id', 'code', 'saleId', 'planId'],
    ...within,
  });
  const [sales, plans] = await readEach(
    transaction,
    () => models.sale.findAll({ where: { id: parcels.map(({ saleId }) => saleId) }, attributes: ['id', 'shipBy'], ...within }),
    () =>
      models.plan.findAll({
        where: { id: parcels.map(({ planId }) => planId!) },
        attributes: ['id', [literal("document -> 'uses'"), 'uses']],
        ...within,
      }),
  );
  const shipByOf = new Map(sales.map(({ id, shipBy }) => [id, shipBy]));
  const usesOf = new Map(plans.map((plan) => [plan.id, (plan.get('uses') as StockUse[] | null) ?? []]));
  return parcels
    .map(({ id, code, saleId, planId }): ReservedNest => ({ id, code, shipBy: shipByOf.get(saleId)!, uses: usesOf.get(planId!) ?? [] }))
    .sort((a, b) => a.shipBy.localeCompare(b.shipBy) || a.code.localeCompare(b.code));
}

/**
 * What the nests that go before a parcel keep, each thing once. Of those promised for the same day a kept nest goes before
 * one that is still to be kept, and then the lower code.
 *
 * @param isKept the parcel's own nest is kept
 */
export function keptBefore(
  nests: readonly ReservedNest[],
  { id, code, shipBy, isKept }: { id: string; code: string; shipBy: string; isKept: boolean },
): StockUse[] {
  const before = nests.filter((one) => one.id !== id && (one.shipBy < shipBy || (one.shipBy === shipBy && (!isKept || one.code < code))));
  return summedUses(before.flatMap(({ uses }) => uses));
}
