import { ARCHETYPES, firstPostcode, plainFacts, type ArchetypeKey, type PlanRequest } from '@inch-nest/core';
import type { ShopView } from '@inch-nest/contracts';

const SAMPLE = { lengthIn: 7, widthIn: 5, heightIn: 6, soldMinor: 6000 };

/** A sample piece of a kind, sent to the middle of what the shop's first card reaches. */
export function sampleRequest(shop: ShopView, kind: ArchetypeKey): PlanRequest {
  const archetype = ARCHETYPES[kind];
  const { soldMinor, ...sides } = SAMPLE;
  const rules = shop.cards[0]?.zones.filter((rule) => shop.originPostcode >= rule.originFrom) ?? [];
  const middle = rules[Math.floor(rules.length / 2)];
  return {
    order: {
      id: 'sample',
      soldMinor,
      paidMinor: 0,
      shippingCollectedMinor: 0,
      originPostcode: shop.originPostcode,
      destinationPostcode: firstPostcode(middle?.destinationFrom ?? shop.originPostcode),
      shipDate: shop.today,
      pieces: [
        {
          ...plainFacts('sample', kind),
          ...sides,
          ...(archetype.flat ? { lengthIn: 11, widthIn: 8, heightIn: 1 } : {}),
        },
      ],
    },
    pieceIds: ['sample'],
    stock: shop.stock,
    house: shop.house,
    cards: shop.cards,
    locks: {},
  };
}
