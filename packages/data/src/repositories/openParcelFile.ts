import { randomUUID } from 'node:crypto';
import { derivePlan } from '@inch-nest/core';
import {
  parcelFile,
  personAmong,
  planRequestFor,
  typedAgain,
  type FieldEntity,
  type NestOfFile,
  type ParcelFile,
  type ShopView,
} from '@inch-nest/contracts';
import type { ShopDatabase } from '../inShop.ts';
import { Refused } from '../refusals.ts';
import { keepParcel } from './keepRepository.ts';
import { wholeNestChange } from './nestRepository.ts';
import { createParcel, type FieldTexts } from './parcelRepository.ts';
import { readParcel } from './readParcel.ts';

/**
 * Opens a parcel from its file as a new one of this shop: its sale, its pieces and, where the stockroom has what it is made of,
 * its nest. What happened to it is not carried over, and no field is taken whose text and meaning do not agree. Asked twice with
 * the same id, the first stands.
 *
 * @throws Refused with what is wrong of the file, field by field
 */
export async function openParcelFile(
  database: ShopDatabase,
  shop: ShopView,
  { id, personId, file }: { id: string; personId: string; file: string },
  now: Date,
): Promise<{ id: string; nest: NestOfFile }> {
  const { parcel } = read(file);
  const setting = { today: shop.today, system: personAmong(shop.people, personId).system };
  const problems: { path: string; message: string }[] = [];
  const all = [{ pieceId: parcel.pieceId, piece: parcel.piece }, ...parcel.others];
  const renamed = all.map((one): [string, string] => [one.pieceId, randomUUID()]);
  const texts = (entity: FieldEntity, fields: ParcelFile['parcel']['sale']): FieldTexts => {
    const typed = Object.entries(fields).flatMap(([path, field]): [string, string][] => {
      try {
        const text = typedAgain(entity, path, field, setting);
        return text === undefined ? [] : [[path, renamed.reduce((said, [from, to]) => said.replaceAll(from, to), text)]];
      } catch (error) {
        problems.push({ path: `${entity}/${path}`, message: (error as Error).message });
        return [];
      }
    });
    return Object.fromEntries(typed);
  };
  const [sale, [piece, ...more]] = [texts('sale', parcel.sale), all.map((one) => texts('piece', one.piece))];
  if (problems.length > 0) throw new Refused(problems);
  await createParcel(database, shop, { id, personId, sale, piece: piece!, more, pieceIds: renamed.map(([, to]) => to) }, now);
  const { choice, locks } = parcel.nest;
  if (!choice) return { id, nest: 'none' };
  // what this stockroom cannot make is not kept for somebody to mend
  const there = await readParcel(database, id, personId);
  if (derivePlan({ ...planRequestFor(there, shop), locks }, choice).kind === 'noPlan') return { id, nest: 'left' };
  const changes = [{ id: randomUUID(), path: 'nest', value: wholeNestChange(choice, locks), basedOn: 0 }];
  const [verdict] = await keepParcel(database, shop, id, { personId, changes }, now);
  return { id, nest: verdict?.kind === 'kept' ? 'kept' : 'left' };
}

function read(file: string): ParcelFile {
  let told: unknown;
  try {
    told = JSON.parse(file);
  } catch {
    throw new Refused([{ path: 'file', message: 'this is not the file of a parcel' }]);
  }
  const parsed = parcelFile.safeParse(told);
  if (parsed.success) return parsed.data;
  throw new Refused(parsed.error.issues.slice(0, 8).map(({ path, message }) => ({ path: ['file', ...path].join('/'), message })));
}
