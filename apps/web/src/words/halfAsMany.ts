import { lower, type NextChange, type PlanDocument } from '@inch-nest/core';

/** What of a nest is compared here. */
type Nest = Pick<PlanDocument, 'chance' | 'nestCostMinor' | 'box'>;

/**
 * The cheapest way that half as many break, as a packer says it: a single change, or another nest where that costs less; null
 * where nothing does that.
 *
 * @param words what a change is called
 * @param others nests beside the one in hand: the frontier
 */
export function halfAsMany(
  hand: Nest,
  changes: readonly NextChange[],
  words: (change: NextChange['change']) => string,
  money: (minor: number) => string,
  others: readonly Nest[] = [],
): string | null {
  const [best] = changes.filter((one) => !one.blocks && one.chance <= hand.chance / 2).sort((a, b) => a.deltaCostMinor - b.deltaCostMinor);
  const said = (how: string, deltaMinor: number) => {
    const more = Math.round(deltaMinor);
    return `Half as many ${how}, ${more > 0 ? `${money(more)} more` : more < 0 ? `and ${money(-more)} less` : 'for nothing more'}.`;
  };
  const [other] = others.filter((one) => one.chance <= hand.chance / 2).sort((a, b) => a.nestCostMinor - b.nestCostMinor);
  const otherDelta = other ? other.nestCostMinor - hand.nestCostMinor : Infinity;
  if (other && otherDelta < (best?.deltaCostMinor ?? Infinity) - 0.5) return said(`in another nest, ${other.box.name}`, otherDelta);
  if (!best) return null;
  return said(`with ${lower(words(best.change))}`, best.deltaCostMinor);
}
