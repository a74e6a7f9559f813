import 'server-only';
import { database } from '../database.ts';
import { counterAddress } from '../environment.ts';
import { now } from '../rooms.ts';
import { httpCounter } from './httpCounter.ts';
import { purchases } from './purchases.ts';

const EVERY_MS = 20_000;

/** Asks after what is pending, now and every so often; before this process nobody is under way. */
export function sweepAtStart(): void {
  const address = counterAddress();
  if (!address) return;
  const sweep = (underWayMs?: number) =>
    purchases(database(), httpCounter(address), now, underWayMs)
      .sweep()
      .catch(() => undefined);
  void sweep(0);
  setInterval(() => void sweep(), EVERY_MS).unref();
}
