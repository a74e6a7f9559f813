import 'server-only';
import { IDLE_MINUTES } from '@inch-nest/contracts';
import { addDevice, hashOf, newToken, noteAccess, type ShopDatabase } from '@inch-nest/data';
import { now } from '../now.ts';
import { showFromNow } from './cookies.ts';

/** Whoever asks sits at a device of the shop from now on. @returns its id, and the cookie it is known by */
export async function newDevice(request: Request, room: ShopDatabase, name: string, addedBy: string | null) {
  const key = newToken();
  const id = await addDevice(room, { name, keyHash: hashOf(key), addedBy, idleMinutes: IDLE_MINUTES }, now());
  await noteAccess(room, { personId: addedBy, deviceId: id, act: 'deviceAdded', about: name, at: now() });
  return { id, cookie: showFromNow(request.headers, 'device', key) };
}
