import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { restingOf } from '../../engineering/stowage/resting.ts';
import { pairsIn } from '../box/apartWanted.ts';
import type { FoldChoice } from '../box/folds.ts';
import { planBundles, type PlanDocument } from './PlanDocument.ts';

/** Bundles of a plan that stand against one another, two by two, by their places in the list. */
export function neighboursOfPlan(plan: PlanDocument): FoldChoice['pair'][] {
  const bounds = planBundles(plan).map(({ block: { at, grid, wallIn = 0 }, bundleIn }) => ({
    atIn: at[0]!,
    sizeIn: grid.map((count, axis) => count * bundleIn[axis]! + (count - 1) * wallIn) as unknown as Triple,
  }));
  return pairsIn(restingOf(bounds, plan.block.sizeIn));
}
