import type { PlanChoice } from '../frontier/PlanOption.ts';
import { planBundles, type PlanBundle, type PlanDocument } from './PlanDocument.ts';
import { bundleChoice } from './PlanRequest.ts';

/** Parts of a choice, and of what is pinned, that are one bundle's own. */
const OF_BUNDLE: readonly string[] = ['layers', 'orientation', 'boxed', 'grid', 'guards', 'filledHollows', 'bundle'];

/** What of some parts is one bundle's own, and what is the whole parcel's. */
export function partsOfBundle<Parts extends object>(parts: Parts): { own: Partial<Parts>; rest: Partial<Parts> } {
  const pick = (own: boolean) =>
    Object.fromEntries(Object.entries(parts).filter(([part]) => OF_BUNDLE.includes(part) === own)) as Partial<Parts>;
  return { own: pick(true), rest: pick(false) };
}

/** A choice as it is for one bundle: its own parts where the first's stand. */
export const choiceOfBundle = (choice: PlanChoice, at: number): PlanChoice =>
  at === 0 || !choice.others?.[at - 1] ? choice : ({ ...partsOfBundle(choice).rest, ...bundleChoice(choice, at) } as PlanChoice);

const bundleOf = ({ piece, layers, bundleIn, coverIn, block, boxed }: PlanBundle): PlanBundle => ({
  piece,
  layers,
  bundleIn,
  coverIn,
  block: alone(block),
  ...(boxed ? { boxed } : {}),
});

/** By itself it stands in none of those that are left out. */
function alone(block: PlanBundle['block']): PlanBundle['block'] {
  const { within: _, ...rest } = block;
  return rest;
}

/** A plan as it is for one bundle alone, which stands where the first does; the others are left out, its place among them stays. */
export function planOfBundle(plan: PlanDocument, at: number): PlanDocument {
  const own = planBundles(plan)[at];
  if (!own || !plan.others) return plan;
  const { risks } = plan;
  const rest = Object.fromEntries(
    Object.entries(plan).filter(([part]) => part !== 'others' && part !== 'risks'),
  ) as unknown as PlanDocument;
  // a box of its own goes with the bundle, that of the first does not
  const { boxed: _, ...shared } = rest;
  return { ...shared, ...bundleOf(own), choice: choiceOfBundle(plan.choice, at), shock: risks?.[at]?.shock ?? null };
}
