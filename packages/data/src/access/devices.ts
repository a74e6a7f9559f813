import { randomUUID } from 'node:crypto';
import type { Database } from '../database.ts';
import type { ShopDatabase } from '../inShop.ts';
import type { DeviceRow } from './accessRows.ts';
import { Missing } from '../refusals.ts';

/** The device that shows a key, where it is still a shop's. */
export async function findDevice({ models }: Database, keyHash: string): Promise<DeviceRow | null> {
  const device = await models.device.findOne({ where: { keyHash } });
  return device && !device.revokedAt ? device : null;
}

/** @returns its id */
export async function addDevice(
  { models }: ShopDatabase,
  { name, keyHash, addedBy, idleMinutes }: Pick<DeviceRow, 'name' | 'keyHash' | 'addedBy' | 'idleMinutes'>,
  now: Date,
): Promise<string> {
  const id = randomUUID();
  await models.device.create({ id, name, keyHash, addedBy, addedAt: now, seenAt: now, idleMinutes, revokedAt: null });
  return id;
}

/**
 * Changes what is known of a device of the shop.
 *
 * @throws Missing where the shop has no such device
 */
export async function changeDevice(
  { models }: ShopDatabase,
  id: string,
  change: Partial<Pick<DeviceRow, 'name' | 'idleMinutes' | 'seenAt' | 'revokedAt'>>,
): Promise<void> {
  if ((await models.device.update(change, { where: { id, revokedAt: null } })) === 0) throw new Missing('there is no such device');
}

/** A device is the shop's no longer, and whoever sits at it is signed off. */
export async function revokeDevice(room: ShopDatabase, id: string, now: Date): Promise<void> {
  await changeDevice(room, id, { revokedAt: now });
  await room.models.session.destroy({ where: { deviceId: id } });
}
