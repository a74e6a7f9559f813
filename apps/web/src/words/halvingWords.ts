import { formatChance, type PlanDocument } from '@inch-nest/core';

/** What it would cost to break half as often; that no packing would, where mishap is most of what is left. */
export function halvingWords(plan: PlanDocument, halved: PlanDocument | null, money: (minor: number) => string): string {
  const mishap = plan.causes.find(({ key }) => key === 'mishap')?.chance ?? 0;
  if (mishap > plan.chance / 2) return 'Most of what is left no packing meets.';
  if (!halved) return 'Nothing in the stockroom makes it half as often.';
  const more = halved.nestCostMinor - plan.nestCostMinor;
  return `Half as often costs ${money(Math.max(0, more))} more: ${formatChance(halved.chance)}.`;
}
