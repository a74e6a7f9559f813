import { Op } from 'sequelize';
import type { Database } from '../database.ts';
import type { LabelRow } from '../rows.ts';
import { plainLabel } from './labelRepository.ts';

// What the sweep asks the counter about, of every shop on this server: it settles each in its own shop.

/** Purchases whose outcome is not known, the oldest first. */
export async function pendingPurchases({ models }: Database, before: Date): Promise<LabelRow[]> {
  const rows = await models.label.findAll({ where: { state: 'pending', at: { [Op.lt]: before } }, order: [['at', 'asc']] });
  return rows.map(plainLabel);
}

/** Labels that are being given back, the oldest first. */
export async function pendingVoids({ models }: Database): Promise<LabelRow[]> {
  return (await models.label.findAll({ where: { state: 'voiding' }, order: [['at', 'asc']] })).map(plainLabel);
}

/** Bought labels of parcels that have not left yet: one may be given back at the counter itself. */
export async function labelsInHand({ models }: Database): Promise<LabelRow[]> {
  const parcels = await models.parcel.findAll({ where: { state: 'labelled' }, attributes: ['id'] });
  const rows = await models.label.findAll({ where: { state: 'bought', parcelId: parcels.map(({ id }) => id) } });
  return rows.map(plainLabel);
}
