import type { Scanned } from '@inch-nest/contracts';
import { Op } from 'sequelize';
import type { Database } from '../database.ts';
import { Missing } from '../refusals.ts';
import { listShelf } from './parcelRepository.ts';

/** Where a parcel's work goes on, by how far it has come. */
const STATION: Readonly<Record<string, string>> = {
  draft: 'nest',
  planned: 'bench',
  packing: 'bench',
  sealed: 'weigh',
  weighed: 'rate',
};

/**
 * What a scanned code leads to: a parcel by its own code or its label's number, a bin's first parcel, a box
 * in the stockroom.
 *
 * @throws Missing when nothing here has that code
 */
export async function findScanned(database: Database, shopId: string, { of, name }: Scanned): Promise<{ path: string; name: string }> {
  const { models } = database;
  if (of === 'box') {
    const box = await models.box.findOne({ where: { shopId, key: name } });
    if (box) return { path: `/stock#box-${encodeURIComponent(box.key)}`, name: box.name };
  } else if (of === 'bin') {
    const tag = (await listShelf(database, shopId)).find((one) => one.bin === name);
    if (tag) return { path: `/parcels/${tag.id}/${STATION[tag.state] ?? 'send'}`, name: tag.title };
  } else {
    const label = of === 'tracking' ? await models.label.findOne({ where: { shopId, tracking: name } }) : null;
    const parcel = await models.parcel.findOne({
      where: { shopId, ...(of === 'parcel' ? { code: name } : { id: { [Op.eq]: label?.parcelId ?? null } }) },
    });
    if (parcel) return { path: `/parcels/${parcel.id}/${STATION[parcel.state] ?? 'send'}`, name: `parcel ${parcel.code}` };
  }
  throw new Missing('nothing here has this code');
}
