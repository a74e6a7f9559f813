import { randomUUID } from 'node:crypto';
import { STANDING, type ParcelState } from '@inch-nest/core';
import type { ShopView } from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { Missing, Refused } from '../refusals.ts';
import type { LabelRow } from '../rows.ts';
import { appendEvent } from './eventRepository.ts';
import { plainLabel } from './labelRepository.ts';
import { lockParcel } from './parcelRows.ts';
import { personOf } from './personOf.ts';

/**
 * Notes that a bought label is to be given back, before anybody is told: until the carrier has answered nothing is printed
 * from it and the parcel does not leave. Told again it is the same giving back.
 *
 * @throws Missing where the parcel has no such label
 * @throws Refused where the parcel has left, or the label is not one that was bought
 */
export async function beginVoid(
  database: ShopDatabase,
  shop: ShopView,
  { parcelId, labelId, personId }: { parcelId: string; labelId: string; personId: string },
): Promise<LabelRow> {
  personOf(shop, personId);
  const { models, sequelize } = database;
  return sequelize.transaction(async (transaction) => {
    const { parcel } = await lockParcel(database, parcelId, transaction);
    const label = await models.label.findOne({ where: { id: labelId, parcelId }, transaction, lock: transaction.LOCK.UPDATE });
    if (!label) throw new Missing('this parcel has no such label');
    if (label.state === 'voiding') return plainLabel(label);
    if (STANDING[parcel.state as ParcelState] !== 'open')
      throw new Refused([{ path: 'label', message: 'the parcel has left with it: it is not given back' }]);
    if (label.state !== 'bought') throw new Refused([{ path: 'label', message: 'only a bought label is given back' }]);
    await label.update({ state: 'voiding' }, { transaction });
    await parcel.increment('revision', { transaction });
    return plainLabel(label);
  });
}

/**
 * Writes down that a label was given back, once.
 *
 * @param problem how, where nobody here asked for it
 */
export async function settleVoid(database: ShopDatabase, id: string, now: Date, problem: string | null = null): Promise<void> {
  const { models, sequelize } = database;
  const row = await models.label.findByPk(id);
  if (!row) throw new Missing('there is no such label');
  await sequelize.transaction(async (transaction) => {
    await lockParcel(database, row.parcelId, transaction);
    const label = (await models.label.findByPk(id, { transaction, lock: transaction.LOCK.UPDATE }))!;
    if (label.state !== 'bought' && label.state !== 'voiding') return;
    await label.update({ state: 'voided', ...(problem ? { problem } : {}) }, { transaction });
    await appendEvent(
      database,
      {
        id: randomUUID(),
        parcelId: label.parcelId,
        personId: label.personId,
        happening: { kind: 'labelVoided', labelId: label.id },
        now,
        undoOf: null,
        gated: false,
      },
      transaction,
    );
  });
}
