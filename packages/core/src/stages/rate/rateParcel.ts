import { quoteService, type QuoteRefusal, type Shipment } from '../../engineering/tariff/quoteService.ts';
import type { RateCard } from '../../engineering/tariff/RateCard.ts';
import type { House } from '../../house/House.ts';
import type { Order } from '../sale/Order.ts';
import type { WeighedParcel } from '../weight/WeighedParcel.ts';
import type { RatedParcel, Rating } from './RatedParcel.ts';

/** Choices about the carriage that somebody has pinned. */
export interface RateLocks {
  readonly service?: string;
  readonly coverAdded?: boolean;
  readonly signature?: boolean;
}

/** Prices a parcel on every service of the cards, with cover and signature as the house allows. */
export function rateParcel(weighed: WeighedParcel, cards: readonly RateCard[], house: House, locks: RateLocks = {}): Rating {
  const rated: RatedParcel[] = [];
  const refused: QuoteRefusal[] = [];
  const { order, facts, replacementMinor } = weighed.filled.stowed.wrapped.piece;
  const coverChoices =
    locks.coverAdded === undefined ? { byRisk: [false, true], included: [false], always: [true] }[house.cover] : [locks.coverAdded];
  const signature = locks.signature ?? (house.signatureFromMinor !== null && order.soldMinor >= house.signatureFromMinor);
  const sizeIn = weighed.filled.stowed.outsideIn;
  for (const card of cards) {
    for (const service of card.services) {
      if (locks.service !== undefined && service.key !== locks.service) continue;
      for (const coverAdded of coverChoices) {
        const value = facts.replacementMinor ?? replacementMinor;
        if (coverAdded && value <= service.cover.includedMinor && coverChoices.length > 1) continue;
        const quote = quoteService(card, service, {
          ...shipmentOf(order),
          sizeIn,
          weightLb: weighed.grossLb,
          coverMinor: coverAdded ? value : null,
          signature,
        });
        if ('refused' in quote) {
          if (!refused.some((one) => one.service === service.key)) refused.push(quote);
        } else rated.push({ weighed, quote, coverAdded, signature });
      }
    }
  }
  return { rated, refused: refused.filter((one) => !rated.some(({ quote }) => quote.service === one.service)) };
}

const shipmentOf = ({
  originPostcode,
  destinationPostcode,
  shipDate,
}: Order): Pick<Shipment, 'originPostcode' | 'destinationPostcode' | 'shipDate'> => ({ originPostcode, destinationPostcode, shipDate });
