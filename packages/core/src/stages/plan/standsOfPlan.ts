import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { standsFor } from '../../engineering/stowage/standsFor.ts';
import type { Stands } from '../../engineering/stowage/resting.ts';
import type { Stand } from '../../engineering/stowage/Stand.ts';
import { nestedIn, rootOf, type Hosts } from '../box/hosts.ts';
import { standsOf } from '../box/metWithin.ts';
import { stoodWithin } from '../box/within.ts';
import { placedAs } from '../box/waysToStand.ts';
import { planBundles, type PlanDocument } from './PlanDocument.ts';

const hostsIn = (plan: PlanDocument): Hosts => planBundles(plan).map(({ block }) => block.within?.at ?? null);

/** What others meet of each bundle of a plan: of one with all that stands in it, of what stands in another nothing. */
export const metInPlan = (plan: PlanDocument): readonly Stands[] =>
  standsOf(planBundles(plan).map(({ block, bundleIn }) => ({ ...boundsOf(block, bundleIn), within: block.within ?? null })));

/** The closest ways in which bundles of a plan may stand, lying as they do; what stands in another stays in it. */
export function standsOfPlan(plan: PlanDocument, most: number): Stand[] {
  const hosts = hostsIn(plan);
  const bundles = planBundles(plan);
  const bounds = metInPlan(plan);
  const weightOf = (at: number) => bundles[at]!.piece.weightLb * bundles[at]!.block.at.length;
  const roots = hosts.flatMap((host, at) => (host === null ? [at] : []));
  const standers = roots.map((root) => ({
    weightLb: [root, ...nestedIn(hosts, root)].reduce((sum, at) => sum + weightOf(at), 0),
    turns: [bounds[root]!.sizeIn],
  }));
  return standsFor(standers, most).map(({ stand }) => stoodWithin(placedAs(stand, roots), hosts));
}

/** What those that are alike take up together. */
function boundsOf({ at }: PlanDocument['block'], bundleIn: Triple): Stands {
  const axes = [0, 1, 2] as const;
  const low = axes.map((axis) => Math.min(...at.map((one) => one[axis]))) as unknown as Triple;
  const high = axes.map((axis) => Math.max(...at.map((one) => one[axis] + bundleIn[axis])));
  return { atIn: low, sizeIn: high.map((side, axis) => side - low[axis]!) as unknown as Triple };
}

/** The bundle as which another is moved: the outermost of those it stands in, itself where it stands in none. */
export const movedAs = (plan: PlanDocument, at: number): number => rootOf(hostsIn(plan), at);

/** What stands in a bundle of a plan, from without inward. */
export const standingIn = (plan: PlanDocument, at: number): number[] => nestedIn(hostsIn(plan), at);
