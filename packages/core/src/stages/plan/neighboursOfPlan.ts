import { restingOf } from '../../engineering/stowage/resting.ts';
import { pairsIn } from '../box/apartWanted.ts';
import { standsOf } from '../box/metWithin.ts';
import type { FoldChoice } from '../box/folds.ts';
import { planBundles, type PlanDocument } from './PlanDocument.ts';
import { boundsOf } from './standsOfPlan.ts';

/** Bundles of a plan that stand against one another, two by two, by their places in the list. */
export function neighboursOfPlan(plan: PlanDocument): FoldChoice['pair'][] {
  const bounds = planBundles(plan).map(({ block, bundleIn }) => ({ ...boundsOf(block, bundleIn), within: block.within ?? null }));
  return pairsIn(restingOf(standsOf(bounds), plan.block.sizeIn));
}
