import 'server-only';
import { randomUUID } from 'node:crypto';
import type { AccessAct, Person } from '@inch-nest/contracts';
import {
  addCodes,
  dropCodes,
  endSession,
  hashOf,
  hashOfCode,
  newCode,
  newToken,
  noteAccess,
  openSession,
  type ShopDatabase,
} from '@inch-nest/data';
import { now } from '../now.ts';
import { showFromNow } from './cookies.ts';
import { sessionOf } from './whoAsks.ts';

const DAY_MS = 86_400_000;
/** At the shop's own device somebody stays; elsewhere a day's work is enough. */
const LASTS_MS = { device: 30 * DAY_MS, elsewhere: DAY_MS / 2 };
const RECOVERY_CODES = 8;

/**
 * Lets somebody in: whatever this browser showed before ends, and what it shows from now on was never shown to anybody.
 *
 * @returns the cookie
 */
export async function comeIn(
  request: Request,
  room: ShopDatabase,
  person: Pick<Person, 'id'>,
  deviceId: string | null,
  act: AccessAct,
): Promise<string> {
  const before = await sessionOf(request.headers);
  if (before && before.shopId === room.shopId) await endSession(room, before.id);
  const token = newToken();
  const madeAt = now();
  await openSession(room, {
    id: randomUUID(),
    tokenHash: hashOf(token),
    personId: person.id,
    deviceId,
    madeAt,
    endsAt: new Date(madeAt.getTime() + (deviceId ? LASTS_MS.device : LASTS_MS.elsewhere)),
  });
  await noteAccess(room, { personId: person.id, deviceId, act, about: null, at: madeAt });
  return showFromNow(request.headers, 'session', token);
}

/** Codes by which somebody chooses a new password, shown this once; those printed before serve no more. */
export async function newRecoveryCodes(room: ShopDatabase, personId: string): Promise<string[]> {
  const codes = Array.from({ length: RECOVERY_CODES }, () => newCode());
  await dropCodes(room, personId, 'recovery', now());
  await addCodes(
    room,
    codes.map((one) => hashOfCode(one)),
    { kind: 'recovery', personId, madeBy: personId, madeAt: now(), endsAt: null },
  );
  return codes;
}
