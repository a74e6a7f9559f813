import { Op } from 'sequelize';
import type { Database } from '../database.ts';
import type { LabelRow } from '../rows.ts';
import { plainLabel } from './labelRepository.ts';

/** Purchases of every shop on this server whose outcome is not known, the oldest first: the sweep settles each in its own shop. */
export async function pendingPurchases({ models }: Database, before: Date): Promise<LabelRow[]> {
  const rows = await models.label.findAll({ where: { state: 'pending', at: { [Op.lt]: before } }, order: [['at', 'asc']] });
  return rows.map(plainLabel);
}
