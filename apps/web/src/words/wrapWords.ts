import { laidOf, planBundles, stackedWords, type PlanBundle, type PlanDocument, type PlanLayer } from '@inch-nest/core';
import { lettersByCounts } from './lettersOfPieces.ts';

/** The letters that bundles bear, by their order: `A`, or `B–D` for several that are alike. */
export const lettersOf = (bundles: readonly Pick<PlanBundle, 'block'>[]): string[] =>
  lettersByCounts(bundles.map(({ block }) => block.at.length));

/** What is wrapped together again: `them all`, or the letters of some. */
export function woundWords(plan: PlanDocument): string {
  const of = plan.around?.of;
  const letters = lettersOf(planBundles(plan));
  return of ? of.map((at) => letters[at]).join(' and ') : 'them all';
}

/** Who shares a box: `A and B`. */
export function sharersWords({ shared, ...plan }: PlanDocument): string {
  const letters = lettersOf(planBundles(plan));
  return (shared?.of ?? []).map((at) => letters[at]!).join(' and ');
}

/** What a bundle lies between or in: `2 turns of small bubble`, `in the padded envelope`. */
export const laidRound = (layer: PlanLayer): string => (layer.sleeve ? `in ${laidOf(layer)}` : laidOf(layer));

/** Whole turns go without the word: `2 small bubble`. */
const shortly = (layer: PlanLayer): string =>
  layer.sleeve || layer.stiff || layer.turns % 1 !== 0 ? laidRound(layer) : `${layer.turns} ${layer.name.toLowerCase()}`;

/** The wraps of a plan in a few words, of several different bundles each by its letter. */
export function wrapWords(plan: PlanDocument, none: string): string {
  const bundles = planBundles(plan);
  const each = bundles.map((bundle) =>
    [stackedWords(bundle), bundle.layers.map(shortly).join(', ') || none, bundle.boxed ? `in ${bundle.boxed.name} of its own` : null]
      .filter(Boolean)
      .join(', '),
  );
  if (bundles.length === 1) return each[0]!;
  const letters = lettersOf(bundles);
  const together = plan.shared ? `; ${sharersWords(plan)} together in ${plan.shared.name}` : '';
  return `${each.map((words, at) => `${letters[at]!}: ${words}`).join('; ')}${together}`;
}

/** Of several different pieces the one that is likeliest to break, with its letters; null for one. */
export function decidingBundle(plan: PlanDocument): { readonly letters: string; readonly bundle: PlanBundle } | null {
  const { risks } = plan;
  if (!risks) return null;
  const bundles = planBundles(plan);
  const at = risks.reduce((worst, { chance }, i) => (chance > risks[worst]!.chance ? i : worst), 0);
  return { letters: lettersOf(bundles)[at]!, bundle: bundles[at]! };
}
