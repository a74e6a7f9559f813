import type { Right } from '@inch-nest/contracts';

/** What each page asks for, by its address: the server shuts it by this, and no link leads where it is shut. */
export const PAGE_RIGHTS = {
  '/day': 'look',
  '/past': 'look',
  '/parcels/[id]': 'look',
  '/parcels/[id]/sale': 'plan',
  '/parcels/[id]/look-over': 'look',
  '/parcels/[id]/nest': 'money',
  '/parcels/[id]/bench': 'look',
  '/parcels/[id]/weigh': 'look',
  '/parcels/[id]/rate': 'money',
  '/parcels/[id]/send': 'send',
  '/new': 'plan',
  '/guess': 'money',
  '/hands': 'pack',
  '/stock': 'count',
  '/boxshop': 'count',
  '/pickups': 'send',
  '/cards': 'money',
  '/house': 'house',
  '/people': 'people',
  '/audit': 'people',
  '/me': 'look',
  '/join': 'look',
  '/upkeep': 'upkeep',
} as const satisfies Readonly<Record<string, Right>>;
export type PagePath = keyof typeof PAGE_RIGHTS;

/** What the page at an address asks for; looking where nothing more is known of it. */
export const pageNeeds = (path: string): Right =>
  (PAGE_RIGHTS as Readonly<Record<string, Right>>)[path.replace(/^\/parcels\/[^/]+/, '/parcels/[id]')] ?? 'look';
