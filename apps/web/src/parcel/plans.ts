import type { PlanDocument } from '@inch-nest/core';
import type { SearchAnswer } from '@inch-nest/contracts';
import { SHORTENED } from '../words/changeWords.ts';
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
  const outer = [plan.box.name, madeWords(plan)].filter(Boolean).join(', ');
  const box = plan.inner ? `${plan.inner.name} ${plan.inner.core ? 'from end to end' : 'floated'} in ${outer}` : outer;
  const guards = guardWords(plan).join(', ');
  return [box, guards, layers, fillWords(plan)].filter(Boolean).join('; ');
}

/** What is done to the outer box, without figures; nothing of one that is taken as it stands. */
const madeWords = ({ box, tubes }: PlanDocument): string =>
  [
    box.shortened && SHORTENED[box.shortened.side].made,
    box.newDepthIn !== null && 'cut down',
    box.crossIn !== undefined && 'a cross under its lid',
    box.liner && 'a second wall in it',
    tubes && 'foam tubes in its corners',
  ]
    .filter(Boolean)
    .join(', ');

/** What fills the outer box, else the inner one: each fill once. */
const fillWords = ({ fills }: PlanDocument): string => {
  const outer = fills.filter(({ where }) => where === 'outer');
  return (outer.length > 0 ? outer : fills.slice(-1)).map(({ name }) => name.toLowerCase()).join(' and ');
};
