import 'server-only';
import { planOrByHand, type PlanRequest } from '@inch-nest/core';
import { packAnswer, type SearchAnswer } from '@inch-nest/contracts';

const SLICE_MS = 8;

/** Whoever asked has hung up: nobody wants the answer. */
export class HungUp extends Error {}

/**
 * Runs a whole search, giving the server's other work its turn between slices.
 *
 * @param asker says when whoever asked has hung up
 * @throws HungUp then, at the next slice
 */
export async function searchOnServer(request: PlanRequest, asker: AbortSignal): Promise<SearchAnswer> {
  const search = planOrByHand(request);
  let started = performance.now();
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) return packAnswer(step.value.chosen, request, step.value.uncarried);
    if (performance.now() - started > SLICE_MS) {
      await new Promise((resolve) => setImmediate(resolve));
      if (asker.aborted) throw new HungUp();
      started = performance.now();
    }
  }
}
