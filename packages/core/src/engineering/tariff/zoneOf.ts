import type { RateCard } from './RateCard.ts';

/** True when a postcode starts with a prefix from `from` to `to`, both included. */
export const prefixWithin = (postcode: string, from: string, to: string): boolean =>
  postcode.slice(0, from.length) >= from && postcode.slice(0, to.length) <= to;

/** Zone between two postcodes on a card: the first rule that holds both, or null. */
export function zoneOf(card: Pick<RateCard, 'zones'>, origin: string, destination: string): number | null {
  const rule = card.zones.find(
    (one) => prefixWithin(origin, one.originFrom, one.originTo) && prefixWithin(destination, one.destinationFrom, one.destinationTo),
  );
  return rule ? rule.zone : null;
}
