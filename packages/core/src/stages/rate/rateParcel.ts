import { priceService, type QuoteRefusal, type Shipment } from '../../engineering/tariff/quoteService.ts';
import { zoneOf } from '../../engineering/tariff/zoneOf.ts';
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

/** A card with the zone of one order on it, worked out once. */
export interface ZonedCard {
  readonly card: RateCard;
  readonly zone: number | null;
}

/** The cards with the zone between an order's postcodes on each. */
export const zoneCards = (cards: readonly RateCard[], { originPostcode, destinationPostcode }: Order): ZonedCard[] =>
  cards.map((card) => ({ card, zone: zoneOf(card, originPostcode, destinationPostcode) }));

/** Prices a parcel on every service of the cards, with cover and signature as the house allows. */
export function rateParcel(weighed: WeighedParcel, cards: readonly ZonedCard[], house: House, locks: RateLocks = {}): Rating {
  const rated: RatedParcel[] = [];
  const refusals: (() => QuoteRefusal)[] = [];
  const { order, replacementMinor: value } = weighed.filled.stowed.wrapped.piece;
  const coverChoices =
    locks.coverAdded === undefined ? { byRisk: [false, true], included: [false], always: [true] }[house.cover] : [locks.coverAdded];
  const signature = locks.signature ?? (house.signatureFromMinor !== null && order.soldMinor >= house.signatureFromMinor);
  const sizeIn = weighed.filled.stowed.outsideIn;
  for (const { card, zone } of cards) {
    for (const service of card.services) {
      if (locks.service !== undefined && service.key !== locks.service) continue;
      for (const coverAdded of coverChoices) {
        if (coverAdded && value <= service.cover.includedMinor && coverChoices.length > 1) continue;
        const priced = priceService(
          card,
          service,
          {
            ...shipmentOf(order),
            sizeIn,
            weightLb: weighed.grossLb,
            coverMinor: coverAdded ? value : null,
            signature,
          },
          zone,
        );
        if (typeof priced === 'function')
          refusals.push(() => ({ carrier: card.carrier, service: service.key, serviceName: service.name, refused: priced() }));
        else rated.push({ weighed, quote: priced, coverAdded, signature });
      }
    }
  }
  const refused = () =>
    [...new Map(refusals.map((refusal) => refusal()).map((one) => [one.service, one])).values()].filter(
      (one) => !rated.some(({ quote }) => quote.service === one.service),
    );
  return { rated, refused };
}

const shipmentOf = ({
  originPostcode,
  destinationPostcode,
  shipDate,
}: Order): Pick<Shipment, 'originPostcode' | 'destinationPostcode' | 'shipDate'> => ({ originPostcode, destinationPostcode, shipDate });
