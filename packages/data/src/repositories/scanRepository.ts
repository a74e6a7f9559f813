import { statesThat } from '@inch-nest/core';
import type { Scanned } from '@inch-nest/contracts';
import { Op } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { Missing } from '../refusals.ts';
import type { ParcelRow } from '../rows.ts';
import { tagsOf } from './shelfRepository.ts';

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
export async function findScanned(database: ShopDatabase, { of, name }: Scanned): Promise<{ path: string; name: string }> {
  const { models } = database;
  if (of === 'box') {
    const box = await models.box.findOne({ where: { key: name } });
    if (box) return { path: `/stock#box-${encodeURIComponent(box.key)}`, name: box.name };
  } else if (of === 'bin') {
    const tag = (await tagsOf(database, await inBin(database, name)))[0];
    if (tag) return { path: `/parcels/${tag.id}/${STATION[tag.state] ?? 'send'}`, name: tag.title };
  } else {
    const label = of === 'tracking' ? await models.label.findOne({ where: { tracking: name } }) : null;
    const parcel = await models.parcel.findOne({
      where: { ...(of === 'parcel' ? { code: name } : { id: { [Op.eq]: label?.parcelId ?? null } }) },
    });
    if (parcel) return { path: `/parcels/${parcel.id}/${STATION[parcel.state] ?? 'send'}`, name: `parcel ${parcel.code}` };
  }
  throw new Missing('nothing here has this code');
}

/** Open parcels with a piece in a bin, the oldest first. */
async function inBin({ models }: ShopDatabase, bin: string): Promise<ParcelRow[]> {
  const pieces = await models.piece.findAll({ where: { bin }, attributes: ['id'], order: [['id', 'asc']], limit: 200 });
  const bundles = await models.bundle.findAll({ where: { pieceId: pieces.map((piece) => piece.id) }, attributes: ['parcelId'] });
  return models.parcel.findAll({
    where: { id: bundles.flatMap((bundle) => bundle.parcelId ?? []), state: statesThat('open') },
    order: [['createdAt', 'asc']],
    limit: 1,
  });
}
