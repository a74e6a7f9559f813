import type { ShopView } from '@inch-nest/contracts';
import {
  beginPurchase,
  beginVoid,
  inShop,
  labelsInHand,
  pendingPurchases,
  pendingVoids,
  settlePurchase,
  settleVoid,
  type Database,
  type LabelRow,
} from '@inch-nest/data';
import type { CarrierCounter } from './CarrierCounter.ts';

const TRIES = 3;
const BETWEEN_MS = 250;
/** A purchase younger than this is still being asked for by whoever began it. */
const UNDER_WAY_MS = 25_000;

/** Buys labels so that each is bought once and none is lost, whatever breaks on the way. */
export interface Purchases {
  /** Notes it, asks for it, and writes down what became of it; pending where nothing is certain. */
  buy(shop: ShopView, parcelId: string, personId: string): Promise<void>;
  /** Finds out what became of every purchase left pending; what the counter does not know is closed there first. */
  sweep(): Promise<void>;
  /** Notes that it is given back and says so at the counter; where that does not answer the sweep goes on. */
  void(shop: ShopView, asked: { parcelId: string; labelId: string; personId: string }): Promise<void>;
}

export function purchases(database: Database, counter: CarrierCounter, now: () => Date, underWayMs = UNDER_WAY_MS): Purchases {
  const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
  const roomOf = (shopId: string) => inShop(database, shopId);
  const ask = async (label: LabelRow): Promise<void> => {
    for (let left = TRIES; left > 0; left--) {
      try {
        return await settlePurchase(roomOf(label.shopId), label.id, await counter.buy(label.key, label.ordered), now());
      } catch {
        // nothing is known: the same key is asked for again, never another
        if (left > 1) await pause(BETWEEN_MS);
      }
    }
  };
  const giveBack = async (label: LabelRow): Promise<void> => {
    const answer = await counter.void(label.key);
    if (answer.kind !== 'bought' || answer.purchase.voided) await settleVoid(roomOf(label.shopId), label.id, now());
  };
  return {
    async buy(shop, parcelId, personId) {
      await ask(await beginPurchase(roomOf(shop.id), shop, parcelId, personId, now()));
    },
    async sweep() {
      for (const label of await pendingPurchases(database, new Date(now().getTime() - underWayMs))) {
        try {
          const found = await counter.find(label.key);
          await settlePurchase(roomOf(label.shopId), label.id, found.kind === 'unknown' ? await counter.close(label.key) : found, now());
        } catch {
          // the counter does not answer: it stays pending and is asked for again next time
        }
      }
      for (const label of await pendingVoids(database)) await giveBack(label).catch(() => undefined);
      for (const label of await labelsInHand(database)) {
        const found = await counter.find(label.key).catch(() => null);
        if (found?.kind === 'bought' && found.purchase.voided) await settleVoid(roomOf(label.shopId), label.id, now(), ELSEWHERE);
      }
    },
    async void(shop, asked) {
      // where the carrier does not answer it stays noted, and is asked for again by the sweep
      await giveBack(await beginVoid(roomOf(shop.id), shop, asked)).catch(() => undefined);
    },
  };
}

/** How a label went that nobody here gave back. */
const ELSEWHERE = 'void at the counter: it was given back there';
