import { recordParcel } from '@inch-nest/core';
import type { ParcelView } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { Missing } from '../refusals.ts';
import type { ParcelRow } from '../rows.ts';
import { labelsOf } from './labelsOf.ts';
import { belongingTo, eventsOf, factsView } from './parcelRows.ts';
import { photosOf } from './photosOf.ts';
import { keptBefore, reservedStock, TO_PACK } from './reservedStock.ts';
import { setOf } from './setRepository.ts';
import { countSteps } from './undoSteps.ts';

/** The whole view of a parcel, with the steps one person can take back. */
export async function readParcel(database: ShopDatabase, parcelId: string, personId: string): Promise<ParcelView> {
  const { models, sequelize } = database;
  return sequelize.transaction({ isolationLevel: 'REPEATABLE READ' as never }, async (transaction) => {
    const parcel = await models.parcel.findByPk(parcelId, { transaction });
    if (!parcel) throw new Missing('there is no such parcel');
    const own = await belongingTo(models, parcel, transaction);
    const plan = parcel.planId ? await models.plan.findByPk(parcel.planId, { transaction }) : null;
    const events = await eventsOf(database, parcelId, transaction);
    const life = recordParcel(events);
    const address = await models.address.findByPk(own.sale.id, { transaction });
    const { shipBy } = own.sale;
    const kept = { id: parcel.id, code: parcel.code, shipBy, isKept: plan !== null };
    const steps = await countSteps(database, parcelId, personId, transaction);
    return {
      id: parcel.id,
      code: parcel.code,
      revision: parcel.revision,
      ...factsView(own),
      nest: { ...nestOf(parcel), plan: plan && { id: plan.id, number: plan.number, document: plan.document } },
      // what is packed has what it wanted
      reserved: TO_PACK.includes(parcel.state) ? keptBefore(await reservedStock(database, transaction), kept) : [],
      life,
      photos: await photosOf(database, parcelId, transaction),
      labels: await labelsOf(database, parcelId, own, life, transaction),
      set: await setOf(database, parcel.together ?? null, transaction),
      address: { kept: address !== null, revision: address?.revision ?? 0 },
      events,
      ...steps,
    };
  });
}

/** How far a parcel has come: whoever holds its view of that revision has all that was changed of it; null where there is none. */
export async function revisionOf({ models }: ShopDatabase, parcelId: string): Promise<number | null> {
  return (await models.parcel.findByPk(parcelId, { attributes: ['revision'] }))?.revision ?? null;
}

/** A nest as screens see it. */
const nestOf = ({
  nest: { revision, choice, locks, reasons },
}: ParcelRow): Pick<ParcelView['nest'], 'revision' | 'choice' | 'locks' | 'reasons'> => ({
  revision,
  choice,
  locks,
  reasons,
});
