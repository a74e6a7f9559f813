import { firstPostcode, type RateCard } from '@inch-nest/core';

/** A zone with a postcode that stands for it. */
export interface ZoneReached {
  readonly zone: number;
  readonly postcode: string;
}

/** Every zone the cards reach from a postcode, nearest first, each with its first postcode. */
export function zonesReached(cards: readonly RateCard[], originPostcode: string): ZoneReached[] {
  const found = new Map<number, string>();
  for (const { zones } of cards) {
    for (const { originFrom, originTo, destinationFrom, zone } of zones) {
      const from = originPostcode.slice(0, originFrom.length) >= originFrom && originPostcode.slice(0, originTo.length) <= originTo;
      if (from && !found.has(zone)) found.set(zone, firstPostcode(destinationFrom));
    }
  }
  return [...found].map(([zone, postcode]) => ({ zone, postcode })).sort((a, b) => a.zone - b.zone);
}
