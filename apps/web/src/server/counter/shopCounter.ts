import 'server-only';
import { Refused } from '@inch-nest/data';
import { database } from '../database.ts';
import { counterAccess } from '../environment.ts';
import { now } from '../now.ts';
import type { CarrierCounter } from './CarrierCounter.ts';
import { httpCounter } from './httpCounter.ts';
import { purchases, type Purchases } from './purchases.ts';

/** The counter this shop buys at. */
export function shopCounter(): CarrierCounter {
  const access = counterAccess();
  if (!access) throw new Refused([{ path: 'label', message: 'no carrier is connected: start with npm run demo, which brings a stand-in' }]);
  return httpCounter(access.address, undefined, access.secret);
}

export const shopPurchases = (): Purchases => purchases(database(), shopCounter(), now);
