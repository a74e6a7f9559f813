import { quoteService, type CivilDate, type Quote, type QuoteRefusal, type RateCard, type RatedFor, type Triple } from '@inch-nest/core';
import { orderOf, rateCard, type LabelOrder } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';
import { factsView, type LockedParcel } from './parcelRows.ts';

/** What is asked of a card: the order, and the weight and size it is to hold for. */
interface Asked {
  readonly rate: RatedFor;
  readonly ordered: LabelOrder;
  readonly weightLb: number;
  readonly outsideIn: readonly number[];
}

/**
 * What the carrier's card asks for a parcel, worked out anew from the card as it is kept, in the version the price was taken
 * by: nobody's word is taken for it.
 *
 * @param today on which it is sent; null for a day on which the card holds, whatever the season asks
 * @returns null where the card or its service is not known
 */
export async function askCard(
  { models }: ShopDatabase,
  rows: Pick<LockedParcel, 'sale' | 'bundle' | 'piece'>,
  { rate, ordered, weightLb, outsideIn }: Asked,
  today: CivilDate | null,
  transaction: Transaction,
): Promise<Quote | QuoteRefusal | null> {
  const row = await models.card.findOne({ where: { cardKey: rate.cardId, version: rate.cardVersion }, transaction });
  const card: RateCard | null = row && rateCard.parse(row.document);
  const service = card?.services.find((one) => one.key === rate.service);
  if (!card || !service) return null;
  const order = orderOf(factsView(rows), { originPostcode: ordered.fromPostcode, today: today ?? card.validFrom });
  return quoteService(card, service, {
    sizeIn: outsideIn as Triple,
    weightLb,
    originPostcode: ordered.fromPostcode,
    destinationPostcode: ordered.toPostcode,
    shipDate: today === null ? card.validFrom : order.shipDate,
    coverMinor: rate.coverAdded ? ordered.coverMinor : null,
    signature: rate.signature,
    container: service.containers?.[0] ?? null,
    nonRectangular: false,
    goods: order.pieces[0]?.archetype ?? null,
  });
}
