import 'server-only';
import { cache } from 'react';
import { inShop, type ShopDatabase } from '@inch-nest/data';
import { database } from './database.ts';
import type { Asker } from './people/Asker.ts';
import { whoOpens } from './people/whoAsks.ts';
import { askerNow } from './watch/watched.ts';

/** A page was opened by nobody who is signed in: nothing of any shop is read for it. */
export class NotSignedIn extends Error {}

/** Whoever asks, at a door or by opening a page. @throws NotSignedIn */
export async function asker(): Promise<Asker> {
  const who = askerNow() ?? (await whoOpens());
  if (typeof who === 'string') throw new NotSignedIn(who);
  return who;
}

/** The rooms of the shop of whoever asks: there is no other way to a shop's rows. */
export const shopData = cache(async (): Promise<ShopDatabase> => inShop(database(), (await asker()).shopId));
