import type { PlanChoice, PlanDocument, PlanRequest } from '@inch-nest/core';
import type { SearchAnswer } from '@inch-nest/contracts';
import type { EvaluateAnswer } from '../workers/planner.protocol.ts';

/** A search that has come to an end. */
export type Found = Exclude<SearchAnswer, { kind: 'superseded' }>;

/** What a choice comes to under a request. */
export interface Worked {
  readonly request: PlanRequest;
  readonly of: PlanChoice;
  readonly answer: EvaluateAnswer;
}

/** The nest in hand, as far as the planner has answered: a plain value, moved on by what happens. */
export interface NestInHand {
  /** The newest search that was answered; it stays until a newer one is there. */
  readonly found: Found | null;
  readonly searching: boolean;
  readonly worked: Worked | null;
}

export type NestHappening =
  | { readonly kind: 'searchBegan' }
  /** The best so far of a search that goes on. */
  | { readonly kind: 'searchSoFar'; readonly answer: SearchAnswer }
  | { readonly kind: 'searchAnswered'; readonly answer: SearchAnswer }
  | { readonly kind: 'workedOut'; readonly worked: Worked };

export const NOTHING_IN_HAND: NestInHand = { found: null, searching: true, worked: null };

/** The one reducer of the nest in hand. An answer to an older search changes nothing. */
export function nestInHand(now: NestInHand, happening: NestHappening): NestInHand {
  switch (happening.kind) {
    case 'searchBegan':
      return now.searching ? now : { ...now, searching: true };
    case 'searchSoFar':
      return !now.searching || happening.answer.kind !== 'planned' ? now : { ...now, found: happening.answer };
    case 'searchAnswered':
      return happening.answer.kind === 'superseded' ? now : { ...now, found: happening.answer, searching: false };
    case 'workedOut':
      return { ...now, worked: happening.worked };
  }
}

/** The recommended plan, where the search found one. */
export const recommendedOf = ({ found }: Pick<NestInHand, 'found'>): PlanDocument | null =>
  found?.kind === 'planned' ? found.recommended : null;

/** What one screen shows of a nest: one choice and its own figures, never the figures of another. */
export interface ShownNest {
  /** The choice that is shown everywhere: the newest that has been worked out. */
  readonly choice: PlanChoice | null;
  readonly plan: PlanDocument | null;
  readonly answer: EvaluateAnswer | null;
}

/**
 * What is shown: the chosen nest together with its figures as soon as they are there, the last one until then. An
 * impossible choice is shown as chosen, without figures it does not have.
 *
 * @param wished what is chosen; the recommended one where nobody has chosen
 * @param kept the plan that was kept for it, shown until the planner has answered for the first time
 */
export function shownNest({ worked }: Pick<NestInHand, 'worked'>, wished: PlanChoice | null, kept: PlanDocument | null): ShownNest {
  if (worked) return { choice: worked.of, plan: worked.answer.kind === 'plan' ? worked.answer.document : null, answer: worked.answer };
  return { choice: wished, plan: kept, answer: null };
}

/** True where a choice has still to be worked out under a request. */
export const isDue = ({ worked }: Pick<NestInHand, 'worked'>, request: PlanRequest, wished: PlanChoice | null): boolean =>
  wished !== null && !(worked?.of === wished && worked.request === request);
