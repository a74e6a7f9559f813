import 'server-only';
import { cache } from 'react';
import { cookies, headers } from 'next/headers';
import { personAmong, type Me } from '@inch-nest/contracts';
import { credentialOf, findDevice, findSession, hashOf, inShop, Missing, listPersons, type OpenSession, readShopId } from '@inch-nest/data';
import { database } from '../database.ts';
import { signsInByItself } from '../environment.ts';
import { now } from '../now.ts';
import type { Asker } from './Asker.ts';
import { shownBy } from './cookies.ts';

/** Why nobody is let in: nobody is signed in, or whoever is must say again who she is. */
export type Shut = 'signedOut' | 'locked';

/** Who asks, by what the request shows alone. */
export async function whoAsks(asked: Headers): Promise<Asker | Shut> {
  const token = shownBy(asked, 'session');
  const session = token ? await findSession(database(), hashOf(token), now()) : null;
  if (session) return session.locked ? 'locked' : { shopId: session.shopId, person: session.person, session };
  if (!signsInByItself()) return 'signedOut';
  const shopId = await readShopId(database()).catch((error: unknown) => {
    if (error instanceof Missing) return null;
    throw error;
  });
  if (!shopId) return 'signedOut';
  const people = await listPersons(inShop(database(), shopId));
  return { shopId, person: personAmong(people, /(?:^|;\s*)person=([\w-]+)/.exec(asked.get('cookie') ?? '')?.[1]), session: null, people };
}

/** Who opens a page. */
export const whoOpens = cache(async (): Promise<Asker | Shut> => {
  const asked = new Headers(await headers());
  asked.set('cookie', (await cookies()).toString());
  return whoAsks(asked);
});

/** The shop's device that a request comes from, locked session or none. */
export async function deviceOf(asked: Headers) {
  const key = shownBy(asked, 'device');
  return key ? findDevice(database(), hashOf(key)) : null;
}

/** The session a request shows, locked or not. */
export async function sessionOf(asked: Headers): Promise<OpenSession | null> {
  const token = shownBy(asked, 'session');
  return token ? findSession(database(), hashOf(token), now()) : null;
}

/** Whoever asks, as her screens know her. */
export async function meOf({ shopId, person, session }: Asker): Promise<Me> {
  const device = session?.device ?? null;
  return {
    personId: person.id,
    byItself: session === null,
    device: device && { name: device.name, idleMinutes: device.idleMinutes },
    hasPin: (await credentialOf(inShop(database(), shopId), person.id))?.pinHash != null,
  };
}
