import type { LifeEvent } from '@inch-nest/core';
import {
  pieceColumns,
  saleColumns,
  valuesOf,
  type KeptField,
  type KeptFields,
  type ParcelView,
  type PieceValues,
  type SaleValues,
} from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import type { BundleRow, EventRow, ParcelRow, PieceRow, SaleRow } from '../rows.ts';
import { Missing } from '../refusals.ts';

/** The rows of one parcel: what is kept of it, whom it was sold to, and what is in its first bundle. */
export type LockedParcel = Awaited<ReturnType<typeof lockParcel>>;

/** The rows of one parcel, locked against other writers until the transaction ends. */
export async function lockParcel({ models }: ShopDatabase, parcelId: string, transaction: Transaction) {
  const parcel = await models.parcel.findByPk(parcelId, { transaction, lock: transaction.LOCK.UPDATE });
  if (!parcel) throw new Missing('there is no such parcel');
  return { parcel, ...(await belongingTo(models, parcel, transaction)) };
}

/** Sale, first bundle and its piece; every parcel has one. */
export async function belongingTo(models: ShopDatabase['models'], parcel: ParcelRow, transaction: Transaction) {
  const sale = (await models.sale.findByPk(parcel.saleId, { transaction }))!;
  const bundle = (await models.bundle.findOne({ where: { parcelId: parcel.id }, order: [['position', 'asc']], transaction }))!;
  return { sale, bundle, piece: (await models.piece.findByPk(bundle.pieceId, { transaction }))! };
}

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
}: {
  sale: SaleRow;
  bundle: BundleRow;
  piece: PieceRow;
}): Pick<ParcelView, 'saleId' | 'bundleId' | 'pieceId' | 'sale' | 'piece'> => ({
  saleId: sale.id,
  bundleId: bundle.id,
  pieceId: piece.id,
  sale: sale.fields as KeptFields<SaleValues>,
  piece: piece.fields as KeptFields<PieceValues>,
});
