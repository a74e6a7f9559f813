import { derivePlan } from '../src/stages/plan/derivePlan.ts';
import type { PlanChoice } from '../src/stages/frontier/PlanOption.ts';
import type { PlanDocument } from '../src/stages/plan/PlanDocument.ts';
import { writePlanDocument } from '../src/stages/plan/writePlanDocument.ts';
import { CHOICE, request } from './sampleRequest.ts';

/** The sample request's plan for a choice, as a document. */
export function samplePlan(choice: Partial<PlanChoice>): PlanDocument {
  const asked = request();
  const derived = derivePlan(asked, { ...CHOICE, ...choice });
  if (derived.kind === 'noPlan') throw new Error(derived.reasons.join());
  return writePlanDocument(derived.option, asked.house);
}
