import { nameAmong, type Person, type PeopleView, type SignInView } from '@inch-nest/contracts';
import type { Database } from '../database.ts';
import { inShop, type ShopDatabase } from '../inShop.ts';

/** Who may come in, and on which devices. */
export async function readPeople(
  { models }: ShopDatabase,
  people: readonly Person[],
  hereDevice: string | null,
  now: Date,
): Promise<Omit<PeopleView, 'network'>> {
  const [credentials, codes, sessions, devices] = await Promise.all([
    models.credential.findAll(),
    models.accessCode.findAll({ where: { kind: 'recovery', usedAt: null } }),
    models.session.findAll(),
    models.device.findAll({ where: { revokedAt: null }, order: [['addedAt', 'asc']] }),
  ]);
  return {
    access: people.map(({ id }) => {
      const credential = credentials.find((one) => one.id === id);
      return {
        personId: id,
        hasPassword: credential?.passwordHash != null,
        hasPin: credential?.pinHash != null,
        codesLeft: codes.filter((one) => one.personId === id).length,
        sessions: sessions.filter((one) => one.personId === id && one.endsAt > now).length,
      };
    }),
    devices: devices.map((device) => ({
      id: device.id,
      name: device.name,
      addedBy: device.addedBy ? nameAmong(people, device.addedBy) : '',
      addedAt: device.addedAt.toISOString(),
      seenAt: device.seenAt.toISOString(),
      idleMinutes: device.idleMinutes,
      here: device.id === hereDevice,
    })),
  };
}

/** Whom a device of a shop may ask for by name; nobody is named to a stranger. */
export async function readSignIn(database: Database, shopId: string | null): Promise<Omit<SignInView, 'locked'>> {
  const shops = await database.models.shop.findAll({ attributes: ['id', 'name'], order: [['name', 'asc']] });
  const listed = shops.length > 1 ? shops.map(({ id, name }) => ({ id, name })) : [];
  if (!shopId) return { people: null, shops: listed };
  const { models } = inShop(database, shopId);
  const [people, credentials] = await Promise.all([
    models.person.findAll({ where: { gone: false }, order: [['position', 'asc']] }),
    models.credential.findAll(),
  ]);
  return {
    people: people.map(({ id, name }) => ({ id, name, hasPin: credentials.some((one) => one.id === id && one.pinHash !== null) })),
    shops: listed,
  };
}

/** Whoever is called so in a shop, as she is called in it: case and spaces round it do not count. */
export async function personByName({ models }: ShopDatabase, name: string): Promise<Person | null> {
  const wanted = name.trim().toLowerCase();
  const found = (await models.person.findAll({ where: { gone: false } })).find((one) => one.name.trim().toLowerCase() === wanted);
  return found ?? null;
}

/** True where somebody of the shop can sign in at all. */
export const someoneSignsIn = async ({ models }: ShopDatabase): Promise<boolean> =>
  (await models.credential.findAll()).some((one) => one.passwordHash !== null);
