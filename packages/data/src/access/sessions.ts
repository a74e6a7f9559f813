import type { Person } from '@inch-nest/contracts';
import { Op } from 'sequelize';
import type { Database } from '../database.ts';
import type { ShopDatabase } from '../inShop.ts';
import type { DeviceRow, SessionRow } from './accessRows.ts';

/** Somebody signed in, with where she sits. */
export interface OpenSession {
  readonly id: string;
  readonly shopId: string;
  readonly person: Person;
  readonly device: Pick<DeviceRow, 'id' | 'name' | 'idleMinutes'> | null;
  readonly activeAt: Date;
  /** Nothing is answered to it until she says again who she is. */
  readonly locked: boolean;
}

/** A client may be late in saying that somebody is there: so long more than her device allows. */
const LATE_MINUTES = 3;

/**
 * The session of what a browser shows. None where it was ended, has run out, its device was taken away, or whoever it was has
 * left. One that nobody touched for longer than its device allows is locked.
 *
 * @param tokenHash SHA-256 of what is shown, in hex
 */
export async function findSession({ models }: Database, tokenHash: string, now: Date): Promise<OpenSession | null> {
  const session = await models.session.findOne({ where: { tokenHash, endsAt: { [Op.gt]: now } } as never });
  if (!session) return null;
  const [person, device] = await Promise.all([
    models.person.findByPk(session.personId),
    session.deviceId ? models.device.findByPk(session.deviceId) : null,
  ]);
  if (!person || person.gone || (session.deviceId && (!device || device.revokedAt))) return null;
  const { id, name, system, role, seesMoney, sends, gone } = person;
  const idle = device?.idleMinutes ?? null;
  return {
    id: session.id,
    shopId: session.shopId,
    person: { id, name, system, role, seesMoney, sends, gone },
    device: device && { id: device.id, name: device.name, idleMinutes: device.idleMinutes },
    activeAt: session.activeAt,
    locked: session.locked || (idle !== null && now.getTime() - session.activeAt.getTime() > (idle + LATE_MINUTES) * 60_000),
  };
}

/** Lets somebody in: a row of its own each time, so that nothing that was shown before is worth anything. */
export async function openSession(room: ShopDatabase, row: Omit<SessionRow, 'shopId' | 'locked' | 'activeAt'>): Promise<void> {
  // what has run out is swept as somebody comes
  await room.models.session.destroy({ where: { endsAt: { [Op.lte]: row.madeAt } } });
  await room.models.session.create({ ...row, activeAt: row.madeAt, locked: false });
}

/** Somebody was there just now. */
export const touchSession = (room: ShopDatabase, id: string, now: Date): Promise<number> =>
  room.models.session.update({ activeAt: now }, { where: { id } });

export const lockSession = (room: ShopDatabase, id: string): Promise<number> =>
  room.models.session.update({ locked: true }, { where: { id } });

export const endSession = (room: ShopDatabase, id: string): Promise<void> => room.models.session.destroy({ where: { id } });

/** Ends everything somebody is signed in at, but the one session that is named. */
export const endSessionsOf = (room: ShopDatabase, personId: string, but: string | null = null): Promise<void> =>
  room.models.session.destroy({ where: { personId, ...(but ? { id: { [Op.ne]: but } } : {}) } });
