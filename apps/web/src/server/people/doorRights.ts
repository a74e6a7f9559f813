import type { Right } from '@inch-nest/contracts';

/** Who may come to a door: anybody at all, whoever is signed in, or whoever has a right. */
export type Needs = Right | 'anybody' | 'signedIn';
type Method = 'GET' | 'POST' | 'PUT' | 'PATCH';

/**
 * What each door asks for, by its address and method. A door that does not stand here is shut to everybody. Doors that take
 * several kinds of change ask again for each (`changeRights.ts`).
 */
export const DOOR_RIGHTS: Readonly<Record<string, Partial<Readonly<Record<Method, Needs>>>>> = {
  '/api/health': { GET: 'anybody' },
  // knows its own token, and only this machine
  '/api/metrics': { GET: 'anybody' },
  '/api/first': { POST: 'anybody' },
  '/api/sign-in': { GET: 'anybody', POST: 'anybody' },
  '/api/trust': { GET: 'anybody' },
  '/api/session': { GET: 'signedIn', POST: 'signedIn' },
  '/api/live': { GET: 'look' },
  '/api/people': { GET: 'people', POST: 'people' },
  '/api/audit': { GET: 'people' },
  '/api/shop': { GET: 'look' },
  '/api/shop/kept': { PATCH: 'look' },
  '/api/shelf': { GET: 'look' },
  '/api/day': { GET: 'look' },
  '/api/day/sheet': { GET: 'look' },
  '/api/past': { GET: 'look' },
  '/api/scan': { GET: 'look' },
  '/api/plan': { POST: 'pack' },
  '/api/hands': { GET: 'pack' },
  '/api/labels': { GET: 'count' },
  '/api/boxshop': { GET: 'count' },
  '/api/stock': { GET: 'count' },
  '/api/stock/packed': { GET: 'money' },
  '/api/cards': { GET: 'money', POST: 'house' },
  '/api/cards/[id]': { GET: 'money', PATCH: 'house' },
  '/api/pickups': { GET: 'send', POST: 'send' },
  '/api/pickups/sheet': { GET: 'send' },
  '/api/photos/[id]': { GET: 'look' },
  '/api/upkeep': { GET: 'upkeep', POST: 'upkeep' },
  '/api/upkeep/files': { GET: 'upkeep', POST: 'upkeep' },
  '/api/parcels': { POST: 'plan' },
  '/api/parcels/file': { POST: 'plan' },
  '/api/parcels/[id]': { GET: 'look' },
  '/api/parcels/[id]/kept': { PATCH: 'pack' },
  '/api/parcels/[id]/events': { POST: 'pack' },
  '/api/parcels/[id]/steps': { POST: 'pack' },
  '/api/parcels/[id]/photos': { POST: 'pack', PATCH: 'pack' },
  '/api/parcels/[id]/papers': { GET: 'pack', POST: 'pack' },
  '/api/parcels/[id]/letters': { GET: 'send' },
  '/api/parcels/[id]/address': { POST: 'send' },
  '/api/parcels/[id]/label': { GET: 'look', POST: 'send' },
  '/api/parcels/[id]/quote': { GET: 'money' },
  '/api/parcels/[id]/claim': { GET: 'send', POST: 'send' },
  '/api/parcels/[id]/export': { GET: 'money' },
  '/api/parcels/[id]/pieces': { POST: 'plan' },
  '/api/parcels/[id]/templates': { GET: 'plan', PUT: 'plan', POST: 'plan' },
  '/api/parcels/[id]/together': { POST: 'plan' },
};

/** What the door at an address asks for; null where there is none that is known. */
export function doorNeeds(path: string, method: string): Needs | null {
  const parts = path.split('/');
  const found = Object.entries(DOOR_RIGHTS).find(([pattern]) => {
    const wanted = pattern.split('/');
    return wanted.length === parts.length && wanted.every((part, i) => part === '[id]' || part === parts[i]);
  });
  return found?.[1][(method === 'HEAD' ? 'GET' : method) as Method] ?? null;
}
