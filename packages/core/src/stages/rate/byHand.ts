import type { Quote, QuoteRefusal } from '../../engineering/tariff/Quote.ts';
import { laneOf } from '../../engineering/tariff/quoteService.ts';
import type { RateCard } from '../../engineering/tariff/RateCard.ts';
import type { Order } from '../sale/Order.ts';

/** Where no card names a zone, the journey is taken to be of middling length; judgement. */
const MIDDLING_ZONE = 5;

/**
 * The price of a parcel that no service in reach carries: none is known, it is agreed by hand. The journey is as long
 * as any card says it is.
 */
export function byHand(cards: readonly RateCard[], order: Order, { service, serviceName, carrier }: QuoteRefusal, weightLb: number): Quote {
  const zones = cards.flatMap((card) => card.services.map((one) => laneOf(card, one, order).zone)).filter((zone) => zone !== null);
  return {
    carrier,
    cardId: '',
    cardVersion: 0,
    service,
    serviceName,
    zone: zones.length > 0 ? Math.max(...zones) : MIDDLING_ZONE,
    billableLb: weightLb,
    volumetricLb: null,
    billedBy: 'weight',
    stepLb: weightLb,
    stepBelowLb: 0,
    lines: [],
    totalMinor: 0,
    transitDays: 0,
    arrivesOn: null,
    handlingFactor: 1,
    crushFactor: 1,
    coverMinor: 0,
  };
}
