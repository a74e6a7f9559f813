import type { PlanDocument } from '@inch-nest/core';
import type { SearchAnswer } from '@inch-nest/contracts';

type Found = Extract<SearchAnswer, { kind: 'planned' }>;
const CAREFUL = 5;

/** What a plan is expected to cost at another care than it was reckoned with. */
export const expectedAt = (plan: PlanDocument, care: number, reckonedAt: number): number =>
  plan.costMinor + ((plan.expectedMinor - plan.costMinor) * care) / reckonedAt;

/** The plan found that expects least at a care; the frontier holds it whatever the care, but for cover. */
export function bestAt({ frontier, recommended }: Found, care: number, reckonedAt: number): PlanDocument {
  return [recommended, ...frontier].reduce((best, plan) =>
    expectedAt(plan, care, reckonedAt) < expectedAt(best, care, reckonedAt) - 1e-9 ? plan : best,
  );
}

/** The plan a careful hand would take: safer than the recommended one. */
export function carefulPlan(found: Found, reckonedAt: number): PlanDocument | undefined {
  const safer = found.frontier.filter((plan) => plan.chance < found.recommended.chance);
  return [...safer].sort((a, b) => expectedAt(a, CAREFUL, reckonedAt) - expectedAt(b, CAREFUL, reckonedAt))[0] ?? found.frontier.at(-1);
}

/** A plan in one line. */
export function planWords(plan: PlanDocument): string {
  const layers = plan.layers.map((layer) => `${layer.turns} ${layer.name.toLowerCase()}`).join(', ') || 'no wrap';
  const box = plan.inner ? `${plan.inner.name} floated in ${plan.box.name}` : plan.box.name;
  return [box, layers, plan.fills.at(-1)?.name.toLowerCase()].filter(Boolean).join('; ');
}
