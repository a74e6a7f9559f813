'use client';
import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react';
import { isPacked, PLAN_FORMAT, type Locks, type PlanChoice } from '@inch-nest/core';
import { heldIn, nestChangeBetween, planRequestFor, valuesOf, type Theirs } from '@inch-nest/contracts';
import { useShop } from '../session/ShopContext.tsx';
import { isDue, nestInHand, NOTHING_IN_HAND, recommendedOf, shownNest } from './nestInHand.ts';
import { planner } from './planner.ts';
import type { ParcelUse } from './useParcel.ts';

const NONE: readonly never[] = [];

/** The nest in hand: searched, changed by hand, worked out and kept. What is shown of it is one choice with its own figures. */
export function useNest({ view, keepNest, keeper }: ParcelUse) {
  const { shop, person, can } = useShop();
  const keptPlan = view.nest.plan?.document ?? null;
  // what is packed keeps the figures it was packed with, whatever has moved since
  const packed = isPacked(view.life) && keptPlan?.format === PLAN_FORMAT ? keptPlan : null;
  // a nest is weighed against what it costs: whoever sees no money packs the one that was kept; nothing is advised on what is packed
  const plans = can('money') && !packed;
  const { locks } = view.nest;
  // everything the plan depends on and nothing else, so that a look at the server starts no new search
  const asked = planRequestFor(view, shop, person.system);
  const facts = JSON.stringify([valuesOf(view.sale), heldIn(view).map(({ piece }) => valuesOf(piece)), view.share, locks, asked.reserved]);
  // oxlint-disable-next-line react-hooks/exhaustive-deps -- `facts` stands for the view
  const request = useMemo(() => asked, [facts, shop, person.system]);
  const [state, happened] = useReducer(nestInHand, NOTHING_IN_HAND);
  useEffect(() => {
    if (!plans) return;
    let stale = false;
    happened({ kind: 'searchBegan' });
    void planner()
      .search(request, (answer) => !stale && happened({ kind: 'searchSoFar', answer }))
      .then((answer) => !stale && happened({ kind: 'searchAnswered', answer }));
    return () => {
      stale = true;
    };
  }, [plans, request]);

  const found = packed ? null : state.found;
  const recommended = recommendedOf({ found });
  const chosen = JSON.stringify(view.nest.choice);
  // oxlint-disable-next-line react-hooks/exhaustive-deps -- the choice by content: each look makes a new object
  const wished = useMemo(() => view.nest.choice ?? recommended?.choice ?? null, [chosen, recommended]);
  const due = isDue(state, request, wished);
  useEffect(() => {
    if (!plans || !due || !wished) return;
    let stale = false;
    void planner()
      .evaluate(request, wished)
      .then((answer) => !stale && happened({ kind: 'workedOut', worked: { request, of: wished, answer } }));
    return () => {
      stale = true;
    };
  }, [plans, due, request, wished]);

  // what was chosen a moment ago counts, whether or not it is drawn already
  const latest = useRef({ choice: wished, nest: view.nest });
  useEffect(() => {
    latest.current = { choice: wished, nest: view.nest };
  }, [wished, view.nest]);
  const keep = useRef(keepNest);
  useEffect(() => {
    keep.current = keepNest;
  });
  const put = useCallback((choice: PlanChoice | null, pinned: Locks) => {
    const { nest } = latest.current;
    keep.current(nestChangeBetween({ choice: nest.choice, locks: nest.locks }, { choice, locks: pinned }));
    latest.current = { choice, nest: { ...nest, choice, locks: pinned } };
  }, []);
  /** Takes a choice. */
  const take = useCallback((choice: PlanChoice) => put(choice, latest.current.nest.locks), [put]);
  /** Changes the choice in hand, whatever has been changed of it a moment ago. */
  const change = useCallback(
    (next: (now: PlanChoice) => Partial<PlanChoice>) => {
      const { choice, nest } = latest.current;
      if (choice) put({ ...choice, ...next(choice) }, nest.locks);
    },
    [put],
  );
  /** Pins and unpins, from what was pinned and chosen a moment ago; what is pinned is searched round, what is in hand stays. */
  const pin = useCallback(
    (next: (now: Locks, inHand: PlanChoice | null) => Locks) => {
      const { choice, nest } = latest.current;
      put(nest.choice, next(nest.locks, choice));
    },
    [put],
  );
  /** Keeps the choice in hand with its figures of now. */
  const keepAnew = useCallback(() => keep.current({ set: {}, drop: [], pin: {}, unpin: [], anew: true }), []);
  const { settle: settlePath } = keeper;
  const settle = useCallback((mine: boolean) => settlePath('nest', mine), [settlePath]);

  const shown = useMemo(
    () => shownNest(state, wished, keptPlan ?? (view.nest.choice ? null : recommended)),
    [state, wished, keptPlan, view.nest.choice, recommended],
  );
  const isKept = view.nest.choice !== null;
  const clash: Theirs | null = keeper.pending.find((one) => one.path === 'nest')?.clash ?? null;
  const problem = keeper.pending.find((one) => one.path === 'nest')?.problem ?? null;
  const searching = plans && state.searching;
  const pinned = JSON.stringify(locks);
  return useMemo(() => {
    const { answer } = shown;
    const plan = packed ?? shown.plan;
    const choice = packed?.choice ?? shown.choice;
    const worked = answer?.kind === 'plan' && !packed ? answer : null;
    return {
      request,
      found,
      searching,
      plan,
      choice,
      /** The plan as it is worked out now; null until it has been. */
      worked: packed ?? worked?.document ?? null,
      /** Why the choice in hand cannot be carried out. */
      impossible: packed ? NONE : answer?.kind === 'noPlan' ? answer.reasons : answer?.kind === 'failed' ? [answer.message] : NONE,
      changes: worked?.changes ?? NONE,
      refusals: worked?.refusals ?? NONE,
      turned: worked?.turned ?? null,
      cutToIn: worked?.cutToIn ?? null,
      shortenTo: worked?.shortenTo ?? [],
      crossOfIn: worked?.crossOfIn ?? null,
      foldTo: worked?.foldTo ?? null,
      reasons: found?.kind === 'noPlan' ? found.reasons : NONE,
      wouldHelp: found?.kind === 'noPlan' ? found.wouldHelp : NONE,
      /** Inside of a box that would do, where none on hand does. */
      wantedIn: found?.kind === 'noPlan' ? (found.wantedIn ?? null) : null,
      recommended,
      locks,
      isKept,
      take,
      change,
      pin,
      keepAnew,
      clash,
      problem,
      settle,
    };
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- what is done with a nest never changes, locks count by content
  }, [request, found, searching, shown, packed, recommended, pinned, isKept, take, change, pin, keepAnew, clash, problem, settle]);
}

export type NestUse = ReturnType<typeof useNest>;
