import type { PlanChoice, PlanOption } from '../frontier/PlanOption.ts';
import { deriver, type Deriver } from './derivePlan.ts';
import { blockingFaults } from './findFaults.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { stockUsed } from './stockUsed.ts';
import { shortCounter } from './willNotSuffice.ts';

/** Works out choices that may be recommended: null for one that cannot be, is refused, is faulty, or wants what is short. */
export function soundOptions(request: PlanRequest, derive: Deriver = deriver(request)): (choice: PlanChoice) => PlanOption | null {
  const short = request.reserved === undefined ? null : shortCounter(request);
  return (choice) => {
    const derived = derive(choice);
    if (derived.kind === 'noPlan' || derived.option.rated.refused || blockingFaults(derived.option, request.house).length > 0) return null;
    return short && short(stockUsed(derived.option)).length > 0 ? null : derived.option;
  };
}
