import { z } from 'zod';
import { civilDate, destination, key, minor, postcode, shortText, sizeIn, uuid, versionNumber, weightLb } from './numbers.ts';
import { MOST_PIECES } from './plan.ts';

// What the carriers' counter and the application say to each other.

/** Names one purchase for good: asked twice with it, a counter charges once. */
export const purchaseKey = z.string().regex(/^[\w:-]{1,80}$/, 'a purchase’s key is short and plain');

export const labelOrder = z.strictObject({
  service: key,
  serviceName: shortText(60),
  cardId: key,
  cardVersion: versionNumber,
  weightLb,
  outsideIn: z.tuple([sizeIn, sizeIn, sizeIn]),
  fromPostcode: postcode,
  toPostcode: destination,
  coverMinor: minor,
  signature: z.boolean(),
  /** The day it is sent; orders of earlier versions did not say. */
  shipDate: civilDate.nullable().default(null),
  /** What kinds of goods, as archetypes' keys; earlier versions said one or none. */
  goods: z.preprocess((told) => (told === null ? [] : typeof told === 'string' ? [told] : told), z.array(key).max(MOST_PIECES).default([])),
  /** What was agreed: at another price nothing is bought. */
  priceMinor: minor,
});
export type LabelOrder = z.infer<typeof labelOrder>;

export const purchase = z.strictObject({
  key: purchaseKey,
  tracking: shortText(40),
  chargedMinor: minor,
  boughtAt: z.iso.datetime(),
  voided: z.boolean(),
});
export type Purchase = z.infer<typeof purchase>;

/** What a counter answers to an order, or to being asked what became of one. */
export const counterAnswer = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('bought'), purchase }),
  z.strictObject({ kind: z.literal('priceChanged'), priceMinor: minor }),
  /** The carrier does not take it as it is; nothing was charged. */
  z.strictObject({ kind: z.literal('refused'), reason: shortText(300) }),
  /** Nothing was charged under this key and nothing will be. */
  z.strictObject({ kind: z.literal('closed') }),
  z.strictObject({ kind: z.literal('unknown') }),
]);
export type CounterAnswer = z.infer<typeof counterAnswer>;

/** What an order would cost now; nothing is bought. */
export const quoteAnswer = z.union([z.strictObject({ priceMinor: minor }), z.strictObject({ refused: shortText(300) })]);
export type QuoteOfCounter = z.infer<typeof quoteAnswer>;

/** Asks a carrier to fetch parcels on a day; asked twice with the same id it is one pick-up. */
export const pickupOrder = z.strictObject({ id: uuid, cardId: key, day: z.iso.date(), tracking: z.array(shortText(40)).min(1).max(500) });
export type PickupOrder = z.infer<typeof pickupOrder>;
export const pickupAnswer = z.strictObject({ reference: shortText(40) });

export const trackingAnswer = z.strictObject({
  steps: z.array(z.strictObject({ at: z.iso.datetime(), what: z.enum(['made', 'accepted', 'underway', 'delivered']) })),
});
export type TrackingAnswer = z.infer<typeof trackingAnswer>;

/** How a counter misbehaves when told to. */
export const counterSwitches = z.strictObject({
  /** Waits so long before it does anything, ms. */
  slowMs: z.int().min(0).max(60_000).default(0),
  /** Answers 500: without charging, or after it. */
  fails: z.enum(['never', 'beforeCharge', 'afterCharge']).default('never'),
  /** Breaks the connection after charging, without an answer. */
  drops: z.boolean().default(false),
  /** Takes every order twice, as over a line that repeats itself. */
  hearsTwice: z.boolean().default(false),
  /** Its own price differs by so much. */
  dearerMinor: z.int().min(-100_000).max(100_000).default(0),
});
export type CounterSwitches = z.infer<typeof counterSwitches>;

/** What the counter says to a rate before anything is bought. */
export type CounterQuote =
  | { kind: 'same' | 'other'; priceMinor: number }
  | { kind: 'refused'; reason: string }
  | { kind: 'silent' }
  | { kind: 'notRated' };
