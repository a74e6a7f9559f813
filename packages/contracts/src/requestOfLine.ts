import { ARCHETYPES, plainFacts, type PlanRequest, type SaleLine } from '@inch-nest/core';
import type { ShopView } from './shopView.ts';

/**
 * A piece as one line says it, before it is a sale, with all that a plan depends on: what the line leaves out is as its kind
 * usually is.
 *
 * @param id stands for order and piece
 */
export function requestOfLine(line: SaleLine, shop: ShopView, id: string, destinationPostcode: string): PlanRequest {
  const archetype = ARCHETYPES[line.archetype ?? 'compactCeramic'];
  const sides = line.sizeIn ?? [];
  return {
    order: {
      id,
      soldMinor: line.soldMinor ?? 0,
      paidMinor: line.paidMinor ?? 0,
      shippingCollectedMinor: 0,
      originPostcode: shop.originPostcode,
      destinationPostcode,
      shipDate: shop.today,
      pieces: [
        {
          ...plainFacts(id, archetype.key),
          title: line.title ?? archetype.name,
          count: line.count ?? 1,
          lengthIn: sides[0] ?? null,
          widthIn: sides[1] ?? null,
          heightIn: sides[2] ?? null,
          weightLb: line.weightLb ?? null,
        },
      ],
    },
    pieceIds: [id],
    stock: shop.stock,
    house: shop.house,
    cards: shop.cards,
    locks: {},
  };
}
