import { randomUUID } from 'node:crypto';
import type { RateCard } from '@inch-nest/core';
import type { CardRow } from '../rows.ts';

/** A version of a card as the table keeps it. */
export const cardRow = (shopId: string, card: RateCard): CardRow => ({
  id: randomUUID(),
  shopId,
  cardKey: card.id,
  version: card.version,
  carrier: card.carrier,
  validFrom: card.validFrom,
  validTo: card.validTo,
  document: card,
});
