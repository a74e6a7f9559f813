import { quoteService, type Quote, type QuoteRefusal, type RateCard } from '@inch-nest/core';
import type { LabelOrder } from './counter.ts';

/**
 * What a carrier's card asks for an order, worked out anew from the card: the shop's server before it buys and the carriers'
 * stand-in before it charges both take it from here, and nobody takes a price on trust.
 *
 * @returns null where the card has no such service
 */
export function quoteOrder(card: RateCard, order: LabelOrder): Quote | QuoteRefusal | null {
  const service = card.services.find((one) => one.key === order.service);
  if (!service) return null;
  return quoteService(card, service, {
    sizeIn: order.outsideIn,
    weightLb: order.weightLb,
    originPostcode: order.fromPostcode,
    destinationPostcode: order.toPostcode,
    shipDate: order.shipDate ?? card.validFrom,
    coverMinor: order.coverMinor > 0 ? order.coverMinor : null,
    signature: order.signature,
    container: service.containers?.[0] ?? null,
    nonRectangular: false,
    goods: order.goods,
  });
}
