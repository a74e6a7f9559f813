import { ARCHETYPES, plainFacts, type PieceFacts, type PlanRequest, type SaleLine } from '@inch-nest/core';
import type { ShopView } from './shopView.ts';

/** What lines say of money, together; a line that says nothing adds nothing. */
export const sumOfLines = (lines: readonly SaleLine[], amount: 'soldMinor' | 'paidMinor'): number =>
  lines.reduce((sum, line) => sum + (line[amount] ?? 0), 0);

/**
 * A piece as one line says it, before it is a sale, or several that go in one parcel, a line each, with all that a plan depends
 * on: what a line leaves out is as its kind usually is. What is asked for them is asked together; where each has its own price,
 * each is worth that.
 *
 * @param id stands for the order, and with its place for each piece
 */
export function requestOfLines(lines: readonly SaleLine[], shop: ShopView, id: string, destinationPostcode: string): PlanRequest {
  const eachPriced = lines.length > 1 && lines.every(({ soldMinor }) => soldMinor !== undefined);
  const pieces = lines.map((line, at): PieceFacts => {
    const archetype = ARCHETYPES[line.archetype ?? 'compactCeramic'];
    const sides = line.sizeIn ?? [];
    const count = line.count ?? 1;
    return {
      ...plainFacts(`${id}-${at + 1}`, archetype.key, line.title),
      count,
      lengthIn: sides[0] ?? null,
      widthIn: sides[1] ?? null,
      heightIn: sides[2] ?? null,
      weightLb: line.weightLb ?? null,
      ...(eachPriced ? { replacementMinor: Math.round(line.soldMinor! / count) } : {}),
    };
  });
  return {
    order: {
      id,
      soldMinor: sumOfLines(lines, 'soldMinor'),
      paidMinor: sumOfLines(lines, 'paidMinor'),
      shippingCollectedMinor: 0,
      originPostcode: shop.originPostcode,
      destinationPostcode,
      shipDate: shop.today,
      pieces,
    },
    pieceIds: pieces.map((piece) => piece.id),
    stock: shop.stock,
    house: shop.house,
    cards: shop.cards,
    locks: {},
  };
}
