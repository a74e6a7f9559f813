import { formatChance, type BoxToGet, type OutsideNest } from '@inch-nest/core';
import type { Writers } from './writers.ts';

/** That no nest of the stockroom stays below the ceiling, and the box that would. */
export function ceilingWords(
  chance: number,
  ceiling: number,
  toGet: BoxToGet | null,
  write: Pick<Writers, 'size' | 'money'>,
): { title: string; says: string } {
  const wall = toGet?.wall === 'double' ? ', double wall,' : '';
  const larger = toGet
    ? `. A box of ${write.size(toGet.insideIn)}${wall} would make it ${formatChance(toGet.chance)} for ${moreOrLess(toGet.deltaCostMinor, write.money)}.`
    : ', and no larger box alone would mend it.';
  return {
    title: `Nothing in the stockroom stays below ${formatChance(ceiling)}.`,
    says: `This is the safest there is, ${formatChance(chance)}${larger}`,
  };
}

/** What a nest in a box nobody has would bring against the recommended one. */
export function notHeldWords(
  { insideIn, nestCostMinor, chance }: Pick<OutsideNest, 'insideIn' | 'nestCostMinor' | 'chance'>,
  recommended: { readonly nestCostMinor: number; readonly chance: number },
  write: Pick<Writers, 'size' | 'money'>,
): string {
  return `With a box of ${write.size(insideIn)} you do not have: ${formatChance(chance)}, ${moreOrLess(nestCostMinor - recommended.nestCostMinor, write.money)} than recommended.`;
}

/** So much more or less. */
export const moreOrLess = (minor: number, write: (minor: number) => string): string =>
  minor < 0 ? `${write(-minor)} less` : `${write(minor)} more`;

/** That sending costs more than it should against what the buyer paid, with the cheapest honest way; null where it does not. */
export function follyWords(
  plan: { readonly costMinor: number },
  paidMinor: number,
  share: number,
  cheapest: { readonly costMinor: number; readonly chance: number } | null,
  write: (minor: number) => string,
): string | null {
  if (paidMinor <= 0 || plan.costMinor <= share * paidMinor) return null;
  const costs = `Sending costs ${write(plan.costMinor)}, and the buyer paid ${write(paidMinor)} in all.`;
  return cheapest && cheapest.costMinor < plan.costMinor - 25
    ? `${costs} The cheapest honest way is ${write(cheapest.costMinor)}, ${formatChance(cheapest.chance)}.`
    : `${costs} There is no cheaper honest way.`;
}
