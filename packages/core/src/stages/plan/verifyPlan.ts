import type { Triple } from '../../engineering/geometry/wrapLayer.ts';
import { nestedAxis } from '../../engineering/stowage/Block.ts';
import { verifyStowage } from '../../engineering/stowage/verifyStowage.ts';
import { letterOf } from '../../engineering/stowage/letterOf.ts';
import type { Within } from '../box/StowedBox.ts';
import { standsOf } from '../box/metWithin.ts';
import { derivePlan } from './derivePlan.ts';
import { planBundles, type PlanDocument } from './PlanDocument.ts';
import type { PlanRequest } from './PlanRequest.ts';
import { writePlanDocument } from './writePlanDocument.ts';

/** Two figures agree when they differ by less than this share. */
const TOLERANCE = 1e-9;

/**
 * Faults of a plan: whatever in it does not add up by itself, and whatever a fresh derivation from the
 * same request finds otherwise. An empty list means that the plan holds.
 */
export function verifyPlan(plan: PlanDocument, request: PlanRequest): string[] {
  const faults = addsUp(plan);
  const derived = derivePlan(request, plan.choice);
  if (derived.kind === 'noPlan') return [...faults, ...derived.reasons];
  return [...faults, ...differences('', plan, writePlanDocument(derived.option, request.house))];
}

/** The plan's own arithmetic: weights, money, room. */
function addsUp(plan: PlanDocument): string[] {
  const { weight, costLines, costMinor, quote, gaps, box, block, inner } = plan;
  const faults: string[] = [];
  const sum = (numbers: readonly number[]) => numbers.reduce((total, one) => total + one, 0);
  if (!close(sum(weight.parts.map((part) => part.weightLb)), weight.grossLb)) faults.push('weight: parts do not add up');
  if (!close(sum(costLines.map((line) => line.amountMinor)), costMinor)) faults.push('cost: lines do not add up');
  if (sum(quote.lines.map((line) => line.amountMinor)) !== quote.totalMinor) faults.push('postage: lines do not add up');
  const held: Triple = inner ? inner.outsideIn : block.sizeIn;
  const across = [gaps.left + gaps.right, gaps.front + gaps.back];
  const straight = close(held[0] + across[0]!, box.insideIn[0]) && close(held[1] + across[1]!, box.insideIn[1]);
  const turned = close(held[1] + across[0]!, box.insideIn[0]) && close(held[0] + across[1]!, box.insideIn[1]);
  if (!(straight || turned) || !close(held[2] + gaps.bottom + gaps.top, box.insideIn[2]))
    faults.push('gaps: bundle and gaps do not fill the box');
  return [...faults, ...standsApart(plan)];
}

/** Where bundles overlap, or one stands out of their block. */
function standsApart(plan: PlanDocument): string[] {
  const { shared } = plan;
  const bundles = planBundles(plan);
  const all = bundles.flatMap(({ block, bundleIn }, kind) =>
    block.at.map((atIn) => ({ atIn, sizeIn: standsOut(block, bundleIn, atIn), kind })),
  );
  const letters = all.map((_, i) => letterOf(i));
  // what stands in another is one with it to the others
  const met = standsOf(all.map((one) => ({ ...one, within: withinOf(bundles[one.kind]!.block, all) })));
  const placed = all.flatMap(({ kind }, i) => (bundles[kind]!.block.within ? [] : [{ id: letters[i]!, kind, ...met[i]! }]));
  const betweenIn = plan.block.wallIn ?? Math.min(...(plan.boards?.[0]?.sizeIn ?? [0]));
  const deep = bundles.flatMap(({ block, bundleIn }, kind) =>
    goesAsDeep(block, bundleIn, bundles)
      ? []
      : [`block: ${letters[all.findIndex((one) => one.kind === kind)]!} does not stand in its place`],
  );
  if (!shared) return [...deep, ...apartIn(placed, plan.block.sizeIn, betweenIn)];
  // among the others stands their box; whether they go into it is a fault of the nest, not of its sums
  const isIn = ({ kind }: { kind: number }) => shared.of.includes(kind);
  const nearIn = shared.atIn.map((from, axis) => from + (shared.outsideIn[axis]! - shared.withinIn[axis]!) / 2);
  const within = placed
    .filter(isIn)
    .map((one) => ({ ...one, atIn: one.atIn.map((from, axis) => from - nearIn[axis]!) as unknown as Triple }));
  const beside = placed.filter((one) => !isIn(one));
  return [
    ...deep,
    ...apartIn([...beside, { id: shared.name, atIn: shared.atIn, sizeIn: shared.outsideIn }], plan.block.sizeIn, 0),
    ...apartIn(within, shared.withinIn, betweenIn),
  ];
}

/** Where one stands in another, by the list of all bundles. */
const withinOf = ({ within }: PlanDocument['block'], all: readonly { readonly kind: number }[]): Within | null =>
  within ? { ...within, at: all.findIndex(({ kind }) => kind === within.at) } : null;

/** True where what stands in another has its open end as far out of that as it says, in the middle of it. */
function goesAsDeep({ at, within }: PlanDocument['block'], bundleIn: Triple, bundles: ReturnType<typeof planBundles>): boolean {
  if (!within) return true;
  const host = bundles[within.at]!;
  return bundleIn.every((side, axis) => {
    const [from, hostFrom] = [at[0]![axis]!, host.block.at[0]![axis]!];
    const far = [from + side, hostFrom + host.bundleIn[axis]!] as const;
    return axis === within.axis ? close(far[0], far[1] + within.standsOutIn) : close(from + far[0], hostFrom + far[1]);
  });
}

/** As much of a bundle as is not in another of its like: all of the last. */
function standsOut({ at, pitchIn }: PlanDocument['block'], bundleIn: Triple, atIn: Triple): Triple {
  const axis = pitchIn ? nestedAxis(bundleIn, pitchIn) : null;
  if (axis === null) return bundleIn;
  const isNext = (one: Triple) => one.every((from, side) => close(from, atIn[side]! + (side === axis ? pitchIn![axis] : 0)));
  return at.some(isNext) ? (bundleIn.map((side, i) => (i === axis ? pitchIn![axis] : side)) as unknown as Triple) : bundleIn;
}

/** Faults of what is placed within an outline. */
function apartIn(placed: readonly { id: string; atIn: Triple; sizeIn: Triple }[], insideIn: Triple, betweenIn: number): string[] {
  const pieces = placed.map(({ id, sizeIn }) => ({ id, sizeIn, upright: true, weightLb: 0 }));
  return verifyStowage(pieces, { insideIn, gapIn: 0, betweenIn }, placed).map((fault) => `block: ${fault}`);
}

/** Paths at which two documents differ, numbers within tolerance. */
function differences(path: string, one: unknown, other: unknown): string[] {
  if (typeof one === 'number' && typeof other === 'number') return close(one, other) ? [] : [`${path}: ${one} is ${other}`];
  if (one !== null && other !== null && typeof one === 'object' && typeof other === 'object') {
    const keys = new Set([...Object.keys(one), ...Object.keys(other)]);
    return [...keys].flatMap((key) =>
      differences(path ? `${path}.${key}` : key, (one as Record<string, unknown>)[key], (other as Record<string, unknown>)[key]),
    );
  }
  return one === other ? [] : [`${path}: ${String(one)} is ${String(other)}`];
}

const close = (one: number, other: number): boolean => Math.abs(one - other) <= TOLERANCE * Math.max(1, Math.abs(one), Math.abs(other));
