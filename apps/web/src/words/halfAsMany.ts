import type { NextChange } from '@inch-nest/core';

/**
 * The cheapest single change with which half as many break, as a packer says it; null where no one change does that.
 *
 * @param chance of the nest in hand
 * @param words what a change is called
 */
export function halfAsMany(
  chance: number,
  changes: readonly NextChange[],
  words: (change: NextChange['change']) => string,
  money: (minor: number) => string,
): string | null {
  const [best] = changes.filter((one) => !one.blocks && one.chance <= chance / 2).sort((a, b) => a.deltaCostMinor - b.deltaCostMinor);
  if (!best) return null;
  const what = words(best.change);
  const named = what.charAt(0).toLowerCase() + what.slice(1);
  const more = Math.round(best.deltaCostMinor);
  return `Half as many with ${named}, ${more > 0 ? `${money(more)} more` : more < 0 ? `and ${money(-more)} less` : 'for nothing more'}.`;
}
