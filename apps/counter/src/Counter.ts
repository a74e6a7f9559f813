import type { RateCard } from '@inch-nest/core';
import {
  quoteOrder,
  type CounterAnswer,
  type CounterSwitches,
  type LabelOrder,
  type PickupOrder,
  type Purchase,
  type QuoteOfCounter,
  type TrackingAnswer,
} from '@inch-nest/contracts';

/** What a counter remembers; kept by whoever runs it. */
export interface CounterState {
  purchases: Record<string, Purchase & { order: LabelOrder; attempts: number }>;
  /** Keys under which nothing will ever be charged. */
  closed: string[];
  pickups: Record<string, { cardId: string; day: string; tracking: string[]; reference: string }>;
}

export const NEW_STATE: CounterState = { purchases: {}, closed: [], pickups: {} };

const DAY_MS = 86_400_000;
const ACCEPTED_AFTER_MS = 6 * 3_600_000;
const TRANSIT_DAYS = 3;

/** The carriers' counter: charges once for a key, whatever happens on the way to it or back. */
export interface Counter {
  buy(key: string, order: LabelOrder): CounterAnswer;
  /** What became of a key. */
  find(key: string): CounterAnswer;
  /** Makes sure that nothing more is charged under a key; a purchase already made stays. */
  close(key: string): CounterAnswer;
  void(key: string): CounterAnswer;
  track(tracking: string): TrackingAnswer | null;
  /** What an order would cost; nothing is bought. */
  quote(order: LabelOrder): QuoteOfCounter;
  /** Comes once for an id, however often it is asked. */
  pickup(order: PickupOrder): { reference: string };
  /** How often money was taken, for tests. */
  charges(): number;
}

/**
 * @param state read and written in place
 * @param keep called after each change, before anything is answered
 * @param cards what the carriers publish; an order by a card that is none of theirs is taken at the price agreed
 */
export function createCounter(
  state: CounterState,
  keep: () => void,
  now: () => Date,
  switches: () => CounterSwitches,
  cards: readonly RateCard[] = [],
): Counter {
  const bare = ({ key, tracking, chargedMinor, boughtAt, voided }: Purchase): CounterAnswer => ({
    kind: 'bought',
    purchase: { key, tracking, chargedMinor, boughtAt, voided },
  });
  /** What cannot be written down did not happen, and whoever asked is told so. */
  const written = (happen: () => unknown, unhappen: () => unknown): void => {
    happen();
    try {
      keep();
    } catch (error) {
      unhappen();
      throw error;
    }
  };
  const find = (key: string): CounterAnswer =>
    state.purchases[key] ? bare(state.purchases[key]) : { kind: state.closed.includes(key) ? 'closed' : 'unknown' };
  return {
    find,
    buy(key, order) {
      const known = state.purchases[key];
      if (known) {
        known.attempts++;
        return bare(known);
      }
      if (state.closed.includes(key)) return { kind: 'closed' };
      const quoted = this.quote(order);
      if ('refused' in quoted) return { kind: 'refused', reason: quoted.refused };
      const { priceMinor } = quoted;
      if (priceMinor !== order.priceMinor) return { kind: 'priceChanged', priceMinor };
      const purchase = {
        key,
        tracking: trackingOf(order, Object.keys(state.purchases).length + 1),
        chargedMinor: priceMinor,
        boughtAt: now().toISOString(),
        voided: false,
        order,
        attempts: 1,
      };
      written(
        () => (state.purchases[key] = purchase),
        () => delete state.purchases[key],
      );
      return bare(purchase);
    },
    close(key) {
      if (!state.purchases[key] && !state.closed.includes(key)) {
        written(
          () => state.closed.push(key),
          () => state.closed.pop(),
        );
      }
      return find(key);
    },
    void(key) {
      const known = state.purchases[key];
      if (known && !known.voided) {
        written(
          () => (known.voided = true),
          () => (known.voided = false),
        );
      }
      return find(key);
    },
    track(tracking) {
      const known = Object.values(state.purchases).find((one) => one.tracking === tracking);
      if (!known) return null;
      const made = new Date(known.boughtAt).getTime();
      const at = (ms: number) => new Date(made + ms).toISOString();
      const steps: TrackingAnswer['steps'] = [
        { at: at(0), what: 'made' },
        { at: at(ACCEPTED_AFTER_MS), what: 'accepted' },
        { at: at(DAY_MS), what: 'underway' },
        { at: at(TRANSIT_DAYS * DAY_MS), what: 'delivered' },
      ];
      return { steps: steps.filter((step) => new Date(step.at) <= now()) };
    },
    quote(order) {
      const card = cards.find((one) => one.id === order.cardId && one.version === order.cardVersion);
      const asked = card && quoteOrder(card, order);
      if (card && !asked) return { refused: 'there is no such service' };
      if (asked && 'refused' in asked) return { refused: asked.refused };
      return { priceMinor: (asked?.totalMinor ?? order.priceMinor) + switches().dearerMinor };
    },
    pickup({ id, cardId, day, tracking }) {
      const reference = `PU${String(7000 + Object.keys(state.pickups).length)}`;
      const known = state.pickups[id];
      if (known) return { reference: known.reference };
      written(
        () => (state.pickups[id] = { cardId, day, tracking: [...tracking], reference }),
        () => delete state.pickups[id],
      );
      return { reference };
    },
    charges: () => Object.keys(state.purchases).length,
  };
}

/** Letters of the carrier and a number that grows. */
const trackingOf = ({ cardId }: LabelOrder, number: number): string =>
  `${cardId
    .split('-')
    .map((part) => part[0]!.toUpperCase())
    .join('')}${String(40_000_000 + number * 37)}`;
