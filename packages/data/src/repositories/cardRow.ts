import { randomUUID } from 'node:crypto';
import type { RateCard } from '@inch-nest/core';
import type { CardRow } from '../rows.ts';

/** A version of a card as the table keeps it. */
export const cardRow = (card: RateCard): Omit<CardRow, 'shopId'> => ({
  id: randomUUID(),
  cardKey: card.id,
  version: card.version,
  carrier: card.carrier,
  validFrom: card.validFrom,
  validTo: card.validTo,
  document: card,
  withdrawn: false,
});
