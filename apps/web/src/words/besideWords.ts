import { formatChance } from '@inch-nest/core';

interface Figures {
  readonly nestCostMinor: number;
  readonly chance: number;
}

/** What one nest costs and brings beside another: `$4.20 more, 1 in 300 becomes 1 in 610`. */
export function besideWords(one: Figures, other: Figures, money: (minor: number) => string): string {
  const more = Math.round(one.nestCostMinor - other.nestCostMinor);
  const cost = more > 0 ? `${money(more)} more` : more < 0 ? `${money(-more)} less` : 'for the same';
  return `${cost}, ${formatChance(other.chance)} becomes ${formatChance(one.chance)}`;
}
