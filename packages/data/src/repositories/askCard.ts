import type { Quote, QuoteRefusal } from '@inch-nest/core';
import { quoteOrder, rateCard, type LabelOrder } from '@inch-nest/contracts';
import type { Transaction } from 'sequelize';
import type { ShopDatabase } from '../inShop.ts';

/**
 * What the carrier's card asks for an order, worked out anew from the card as it is kept, in the version the order names:
 * nobody's word is taken for it.
 *
 * @returns null where the card or its service is not known
 */
export async function askCard({ models }: ShopDatabase, order: LabelOrder, transaction: Transaction): Promise<Quote | QuoteRefusal | null> {
  const row = await models.card.findOne({ where: { cardKey: order.cardId, version: order.cardVersion }, transaction });
  return row && quoteOrder(rateCard.parse(row.document), order);
}
