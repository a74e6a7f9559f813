import 'server-only';
import { database } from '../database.ts';
import { counterAccess } from '../environment.ts';
import { now } from '../now.ts';
import { httpCounter } from './httpCounter.ts';
import { purchases } from './purchases.ts';

const EVERY_MS = 20_000;

/** Asks after what is pending, now and every so often; before this process nobody is under way. */
export function sweepAtStart(): void {
  const access = counterAccess();
  if (!access) return;
  const counter = httpCounter(access.address, undefined, access.secret);
  const sweep = (underWayMs?: number) =>
    purchases(database(), counter, now, underWayMs)
      .sweep()
      .catch(() => undefined);
  void sweep(0);
  setInterval(() => void sweep(), EVERY_MS).unref();
}
