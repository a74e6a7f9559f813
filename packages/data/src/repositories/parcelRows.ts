import { apportion, isOfSet, pairsOf, worthMinor, type Elsewhere, type LifeEvent } from '@inch-nest/core';
import {
  pieceColumns,
  saleColumns,
  valuesOf,
  type KeptField,
  type HeldView,
  type KeptFields,
  type ParcelView,
  type PieceValues,
  type SaleValues,
} from '@inch-nest/contracts';
import { Op, type Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import type { BundleRow, EventRow, ParcelRow, PieceRow, SaleRow } from '../rows.ts';
import { Missing } from '../refusals.ts';
import { plannedCosts } from './plannedCosts.ts';

/** The rows of one parcel: what is kept of it, whom it was sold to, and what is in its first bundle. */
export type LockedParcel = Awaited<ReturnType<typeof lockParcel>>;

/** The rows of one parcel, locked against other writers until the transaction ends. */
export async function lockParcel({ models }: ShopDatabase, parcelId: string, transaction: Transaction) {
  const parcel = await models.parcel.findByPk(parcelId, { transaction, lock: transaction.LOCK.UPDATE });
  if (!parcel) throw new Missing('there is no such parcel');
  return { parcel, ...(await belongingTo(models, parcel, transaction)) };
}

/** Sale, bundles and their pieces: the first, which every parcel on the shelf has, and the others; and whose money that is. */
export async function belongingTo(models: ShopDatabase['models'], parcel: ParcelRow, transaction: Transaction) {
  const sale = (await models.sale.findByPk(parcel.saleId, { transaction }))!;
  const bundles = await models.bundle.findAll({ where: { parcelId: parcel.id }, order: [['position', 'asc']], transaction });
  if (bundles.length === 0) throw new Missing(`the pieces of parcel ${parcel.code} went into another parcel`);
  const pieces = await models.piece.findAll({ where: { id: bundles.map(({ pieceId }) => pieceId) }, transaction });
  const held = bundles.map((bundle) => ({ bundle, piece: pieces.find(({ id }) => id === bundle.pieceId)! }));
  const [first, ...others] = held as [(typeof held)[number], ...typeof held];
  return { sale, ...first, others, ...(await amongSold(models, pieces, sale, transaction)) };
}

/** What of the sales' money belongs to some of their pieces, by what those are worth, and what travels elsewhere; null for all the pieces of one sale. */
async function amongSold(
  models: ShopDatabase['models'],
  here: readonly PieceRow[],
  sale: SaleRow,
  transaction: Transaction,
): Promise<Pick<ParcelView, 'share' | 'elsewhere'>> {
  const saleIds = [...new Set(here.map(({ saleId }) => saleId))];
  const sold = await models.piece.findAll({ where: { saleId: saleIds }, order: [['id', 'asc']], transaction });
  const kept = await models.bundle.findAll({ where: { pieceId: sold.map(({ id }) => id), parcelId: { [Op.ne]: null } }, transaction });
  const all = sold.filter(({ id }) => kept.some(({ pieceId }) => pieceId === id));
  if (saleIds.length === 1 && saleIds[0] === sale.id && all.length === here.length) return { share: null, elsewhere: [] };
  const sales = await models.sale.findAll({ where: { id: saleIds }, transaction });
  const share = { soldMinor: 0, paidMinor: 0, shippingCollectedMinor: 0 };
  const elsewhere: Elsewhere[] = [];
  for (const one of sales) {
    const own = all.filter(({ saleId }) => saleId === one.id);
    const weights = own.map(({ fields }) => weightOf(fields as KeptFields<PieceValues>, one, own));
    for (const [at, { id, fields }] of own.entries())
      if (!here.some((one) => one.id === id)) elsewhere.push(elsewhereOf(id, fields as KeptFields<PieceValues>, weights[at]!));
    const byCost = await costWeights(models, own, kept, weights, transaction);
    for (const money of MONEY)
      apportion(one[money], money === 'shippingCollectedMinor' ? byCost : weights).forEach((due, at) => {
        if (here.some(({ id }) => id === own[at]!.id)) share[money] += due;
      });
  }
  return { share, elsewhere };
}

/**
 * What is collected for sending goes by what sending costs: each piece of a sale weighs as much as its part of its parcel's nest,
 * all pieces in a parcel alike; by worth while any of those parcels has no nest yet.
 */
async function costWeights(
  models: ShopDatabase['models'],
  own: readonly PieceRow[],
  kept: readonly Pick<BundleRow, 'pieceId' | 'parcelId'>[],
  byWorth: readonly number[],
  transaction: Transaction,
): Promise<readonly number[]> {
  const parcelOf = new Map(kept.map(({ pieceId, parcelId }) => [pieceId, parcelId!]));
  const parcels = await models.parcel.findAll({ where: { id: [...new Set(own.map(({ id }) => parcelOf.get(id)!))] }, transaction });
  if (parcels.length < 2) return byWorth;
  const costOf = await plannedCosts(models, parcels, transaction);
  if (parcels.some((parcel) => costOf(parcel) === null)) return byWorth;
  const bundles = await models.bundle.findAll({ where: { parcelId: parcels.map(({ id }) => id) }, attributes: ['parcelId'], transaction });
  const each = new Map(parcels.map((parcel) => [parcel.id, costOf(parcel)! / bundles.filter((one) => one.parcelId === parcel.id).length]));
  return own.map(({ id }) => each.get(parcelOf.get(id)!)!);
}

/** A piece as those in other boxes need to know it. */
function elsewhereOf(id: string, { partOf, wholeOrNothing, count }: KeptFields<PieceValues>, worthMinor: number): Elsewhere {
  const said = { wholeOrNothing: wholeOrNothing.value, count: count.value };
  const pairs = pairsOf(said);
  return { id, partOf: partOf.value, worthMinor, ...(isOfSet(said) ? { isOfSet: true } : {}), ...(pairs === null ? {} : { pairs }) };
}

const MONEY = ['soldMinor', 'paidMinor', 'shippingCollectedMinor'] as const;

/** What a piece is worth beside the others of its sale. */
const weightOf = (fields: KeptFields<PieceValues>, { soldMinor }: SaleRow, own: readonly PieceRow[]): number =>
  worthMinor({ replacementMinor: fields.replacementMinor.value, count: fields.count.value }, { soldMinor, pieces: own });

/** A nest before anything is chosen. */
export const NO_NEST = { revision: 0, choice: null, locks: {}, marks: {}, reasons: [] as string[], plan: null };

/** Columns that follow from kept fields. */
export const fieldColumns = {
  sale: (fields: Record<string, KeptField>) => saleColumns(valuesOf(fields as KeptFields<SaleValues>)),
  piece: (fields: Record<string, KeptField>) => pieceColumns(valuesOf(fields as KeptFields<PieceValues>)),
};

/** An event as the core knows it. */
export const eventOf = ({ id, seq, at, personId, undoOf, kind, body, bundleId, pieceId }: EventRow): LifeEvent =>
  ({
    ...body,
    bundleId: bundleId ?? null,
    pieceId: pieceId ?? null,
    id,
    seq,
    at: new Date(at).toISOString(),
    personId,
    undoOf,
    kind,
  }) as LifeEvent;

/** A parcel's events in their order. */
export async function eventsOf({ models }: ShopDatabase, parcelId: string, transaction?: Transaction): Promise<LifeEvent[]> {
  const rows = await models.event.findAll({ where: { parcelId }, order: [['seq', 'asc']], ...(transaction ? { transaction } : {}) });
  return rows.map(eventOf);
}

/** What planning needs of the rows. */
export const factsView = ({
  sale,
  bundle,
  piece,
  others,
  share,
  elsewhere,
}: Pick<LockedParcel, 'sale' | 'bundle' | 'piece' | 'others' | 'share' | 'elsewhere'>): HeldView => ({
  saleId: sale.id,
  bundleId: bundle.id,
  pieceId: piece.id,
  sale: sale.fields as KeptFields<SaleValues>,
  piece: piece.fields as KeptFields<PieceValues>,
  others: others.map((one) => ({ bundleId: one.bundle.id, pieceId: one.piece.id, piece: one.piece.fields as KeptFields<PieceValues> })),
  share,
  elsewhere,
});

/** The rows as they are for one of its pieces: that one in the place of the first. */
export function rowsOfPiece(rows: LockedParcel, pieceId: string): LockedParcel | null {
  if (rows.piece.id === pieceId) return rows;
  const held = rows.others.find(({ piece }) => piece.id === pieceId);
  return held ? { ...rows, ...held } : null;
}
