import type { CounterAnswer, LabelOrder, PickupOrder, QuoteOfCounter, TrackingAnswer } from '@inch-nest/contracts';

/** The carriers, as far as labels go. Each call answers with what is certain, or throws when nothing is. */
export interface CarrierCounter {
  /** Buys once for a key, however often it is asked. */
  buy(key: string, order: LabelOrder): Promise<CounterAnswer>;
  find(key: string): Promise<CounterAnswer>;
  /** Makes sure nothing more is charged under a key. */
  close(key: string): Promise<CounterAnswer>;
  void(key: string): Promise<CounterAnswer>;
  track(tracking: string): Promise<TrackingAnswer>;
  /** What an order would cost now; nothing is bought. */
  quote(order: LabelOrder): Promise<QuoteOfCounter>;
  /** Whether anybody is there. */
  answers(): Promise<boolean>;
  /** Asks to have parcels fetched, once for an id. */
  pickup(order: PickupOrder): Promise<{ reference: string }>;
}
