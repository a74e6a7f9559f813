import { restingOf } from '../../engineering/stowage/resting.ts';
import { pairsIn } from '../box/apartWanted.ts';
import type { FoldChoice } from '../box/folds.ts';
import type { PlanDocument } from './PlanDocument.ts';
import { metInPlan } from './standsOfPlan.ts';

/** Bundles of a plan that stand against one another, two by two, by their places in the list. */
export const neighboursOfPlan = (plan: PlanDocument): FoldChoice['pair'][] => pairsIn(restingOf(metInPlan(plan), plan.block.sizeIn));
