import type { LifeEvent } from '@inch-nest/core';
import { recordParcel } from '@inch-nest/core';
import type { ParcelView } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { Database } from '../database.ts';
import type { EventRow, ParcelRow, PieceRow, SaleRow } from '../rows.ts';
import { Missing } from '../refusals.ts';
import { labelsOf } from './labelsOf.ts';
import { setOf } from './setRepository.ts';
import { photosOf } from './photosOf.ts';
import { countSteps } from './undoSteps.ts';

/** The rows of one parcel, locked against other writers until the transaction ends. */
export async function lockParcel({ models }: Database, parcelId: string, transaction: Transaction) {
  const parcel = await models.parcel.findByPk(parcelId, { transaction, lock: transaction.LOCK.UPDATE });
  if (!parcel) throw new Missing('there is no such parcel');
  const sale = await models.sale.findByPk(parcel.saleId, { transaction });
  const piece = await firstPiece(models, parcelId, transaction);
  return { parcel, sale: sale!, piece };
}

/** The piece of a parcel's first bundle; every parcel has one. */
async function firstPiece(models: Database['models'], parcelId: string, transaction: Transaction) {
  const bundle = await models.bundle.findOne({ where: { parcelId }, order: [['position', 'asc']], transaction });
  return (await models.piece.findByPk(bundle!.pieceId, { transaction }))!;
}

/** An event as the core knows it. */
export const eventOf = ({ id, seq, at, personId, undoOf, kind, body }: EventRow): LifeEvent =>
  ({ ...body, id, seq, at: new Date(at).toISOString(), personId, undoOf, kind }) as LifeEvent;

/** A parcel's events in their order. */
export async function eventsOf({ models }: Database, parcelId: string, transaction?: Transaction): Promise<LifeEvent[]> {
  const rows = await models.event.findAll({ where: { parcelId }, order: [['seq', 'asc']], ...(transaction ? { transaction } : {}) });
  return rows.map(eventOf);
}

/** What planning needs of the rows. */
export const factsView = (
  parcel: ParcelRow,
  sale: SaleRow,
  piece: PieceRow,
): Pick<ParcelView, 'saleId' | 'pieceId' | 'sale' | 'piece'> => ({
  saleId: sale.id,
  pieceId: piece.id,
  sale: sale.fields as ParcelView['sale'],
  piece: piece.fields as ParcelView['piece'],
});

/** The whole view of a parcel, with the steps one person can take back. */
export async function readParcel(database: Database, parcelId: string, personId: string): Promise<ParcelView> {
  const { models, sequelize } = database;
  return sequelize.transaction({ isolationLevel: 'REPEATABLE READ' as never }, async (transaction) => {
    const parcel = await models.parcel.findByPk(parcelId, { transaction });
    if (!parcel) throw new Missing('there is no such parcel');
    const sale = (await models.sale.findByPk(parcel.saleId, { transaction }))!;
    const piece = await firstPiece(models, parcelId, transaction);
    const plan = parcel.planId ? await models.plan.findByPk(parcel.planId, { transaction }) : null;
    const events = await eventsOf(database, parcelId, transaction);
    const address = await models.address.findByPk(sale.id, { transaction });
    const steps = await countSteps(database, parcelId, personId, transaction);
    return {
      id: parcel.id,
      code: parcel.code,
      revision: parcel.revision,
      ...factsView(parcel, sale, piece),
      nest: { ...parcel.nest, plan: plan && { id: plan.id, number: plan.number, document: plan.document } },
      life: recordParcel(events),
      photos: await photosOf(database, parcelId, transaction),
      labels: await labelsOf(database, parcelId, transaction),
      set: await setOf(database, parcel.together ?? null, transaction),
      address: { kept: address !== null, revision: address?.revision ?? 0 },
      events,
      ...steps,
    };
  });
}
