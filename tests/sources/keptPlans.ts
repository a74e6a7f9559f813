import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { derivePlan, writeBenchSteps, writePlanDocument, type PlanOption, type PlanRequest } from '@inch-nest/core';
import type { planDemo } from './demoNests.ts';

/** Where plans are kept from before a parcel could hold several pieces. */
export const KEPT_PLANS = join(__dirname, 'keptPlans.json');

/** A plan for one piece, a digest of every figure of it and one of its steps: a change of words alone leaves the first. */
export interface KeptPlan {
  readonly title: string;
  readonly box: string;
  readonly costMinor: number;
  readonly chance: number;
  /** SHA-256 of its document, to the bit. */
  readonly figures: string;
  /** SHA-256 of its bench steps. */
  readonly steps: string;
}

/** What a document and its steps have gained since the plans were kept. */
const GAINED: ReadonlySet<string> = new Set(['block', 'uses', 'cuts', 'shot', 'about']);

function digest(told: unknown): string {
  const text = JSON.stringify(told, (key, value: unknown) => (GAINED.has(key) ? undefined : value));
  return createHash('sha256').update(text).digest('hex');
}

function keep(option: PlanOption, { house }: PlanRequest): KeptPlan {
  const document = writePlanDocument(option, house);
  return {
    title: document.piece.title,
    box: document.box.name,
    costMinor: document.costMinor,
    chance: document.chance,
    figures: digest(document),
    steps: digest(writeBenchSteps(option, house)),
  };
}

/** The plan that is recommended, and the same with one turn more of its outermost layer; none where no service takes it. */
export function keptPlans({ request, chosen }: ReturnType<typeof planDemo>): KeptPlan[] {
  if (chosen.kind === 'noPlan') return [];
  const { recommended } = chosen;
  const { layers } = recommended.choice;
  const thicker = layers.map((layer, i) => (i === layers.length - 1 ? { ...layer, turns: layer.turns + 1 } : layer));
  const derived = derivePlan(request, { ...recommended.choice, layers: thicker });
  return [keep(recommended, request), ...(derived.kind === 'plan' ? [keep(derived.option, request)] : [])];
}
