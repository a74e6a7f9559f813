import 'server-only';
import { databaseUrl, openDatabase, type Database } from '@inch-nest/data';
import { QUERY_WATCH } from './watch/watched.ts';

/** One pool for the process; kept on globalThis so that a reload in development does not open another. */
const kept = globalThis as { inchNestDatabase?: Database };

export const database = (): Database => (kept.inchNestDatabase ??= openDatabase(databaseUrl(), QUERY_WATCH));
