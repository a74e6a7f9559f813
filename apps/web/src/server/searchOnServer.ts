import 'server-only';
import { planOrByHand, type PlanRequest } from '@inch-nest/core';
import { packAnswer, type SearchAnswer } from '@inch-nest/contracts';

const SLICE_MS = 8;

/** Runs a whole search, giving the server's other work its turn between slices. */
export async function searchOnServer(request: PlanRequest): Promise<SearchAnswer> {
  const search = planOrByHand(request);
  let started = performance.now();
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return packAnswer(step.value.chosen, request, step.value.uncarried);
    if (performance.now() - started > SLICE_MS) {
      await new Promise((resolve) => setImmediate(resolve));
      started = performance.now();
    }
  }
}
