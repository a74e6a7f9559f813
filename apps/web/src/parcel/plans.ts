import type { PlanDocument } from '@inch-nest/core';
import type { SearchAnswer } from '@inch-nest/contracts';
import { wrapWords } from '../words/wrapWords.ts';

import { guardWords } from '../words/guardWords.ts';

type Found = Extract<SearchAnswer, { kind: 'planned' }>;

/** What a plan is expected to cost at a care. */
export const expectedAt = (plan: PlanDocument, care: number): number => plan.nestCostMinor + care * plan.riskMinor;

/** The plan found that expects least at a care; the frontier holds it whatever the care. */
export function bestAt({ frontier, recommended }: Found, care: number): PlanDocument {
  return [recommended, ...frontier].reduce((best, plan) => (expectedAt(plan, care) < expectedAt(best, care) - 1e-9 ? plan : best));
}

/** A plan in one line. */
export function planWords(plan: PlanDocument): string {
  const layers = wrapWords(plan, 'no wrap');
  const box = plan.inner ? `${plan.inner.name} ${plan.inner.core ? 'from end to end' : 'floated'} in ${plan.box.name}` : plan.box.name;
  const guards = guardWords(plan).join(', ');
  return [box, guards, layers, fillWords(plan)].filter(Boolean).join('; ');
}

/** What fills the outer box, else the inner one: each fill once. */
const fillWords = ({ fills }: PlanDocument): string => {
  const outer = fills.filter(({ where }) => where === 'outer');
  return (outer.length > 0 ? outer : fills.slice(-1)).map(({ name }) => name.toLowerCase()).join(' and ');
};
