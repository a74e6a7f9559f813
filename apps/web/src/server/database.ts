import 'server-only';
import { cache } from 'react';
import { databaseUrl, inShop, openDatabase, readShopId, type Database, type ShopDatabase } from '@inch-nest/data';
import { QUERY_WATCH } from './watch/watched.ts';

/** One pool for the process; kept on globalThis so that a reload in development does not open another. */
const kept = globalThis as { inchNestDatabase?: Database };

export const database = (): Database => (kept.inchNestDatabase ??= openDatabase(databaseUrl(), QUERY_WATCH));

/** The rooms of the shop that this request is for: so far the one shop of this server. */
export const shopData = cache(async (): Promise<ShopDatabase> => inShop(database(), await readShopId(database())));
