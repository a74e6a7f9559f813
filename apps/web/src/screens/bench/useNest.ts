'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Locks, NextChange, PlanChoice, PlanDocument, PlanRequest } from '@inch-nest/core';
import { planRequestFor, type Conflict, type ParcelView } from '@inch-nest/contracts';
import { createPlannerClient, type PlannerClient } from '../../workers/plannerClient.ts';
import type { SearchAnswer } from '@inch-nest/contracts';
import type { EvaluateAnswer } from '../../workers/planner.protocol.ts';
import { Refusal, send } from './http.ts';
import { useSaveState } from './SaveState.tsx';
import { useShop } from './ShopContext.tsx';
import type { ParcelUse } from './useParcel.ts';

const SAVE_AFTER_MS = 400;

let sharedPlanner: PlannerClient | null = null;
/** One worker for the page. */
export const planner = (): PlannerClient =>
  (sharedPlanner ??= createPlannerClient((request) => send<SearchAnswer>('POST', '/api/plan', request)));

/** The search for a parcel's best nests: the last answer stays until a newer one is there. */
function useSearch(request: PlanRequest) {
  const [answer, setAnswer] = useState<Exclude<SearchAnswer, { kind: 'superseded' }> | null>(null);
  const [searching, setSearching] = useState(true);
  useEffect(() => {
    let stale = false;
    setSearching(true);
    void planner()
      .search(request)
      .then((found) => {
        if (stale || found.kind === 'superseded') return;
        setAnswer(found);
        setSearching(false);
      });
    return () => {
      stale = true;
    };
  }, [request]);
  return { answer, searching };
}

/** What one choice comes to; the figures shown are always those of the newest choice asked for. */
function useHand(request: PlanRequest, choice: PlanChoice | null) {
  const [answer, setAnswer] = useState<(EvaluateAnswer & { of: PlanChoice }) | null>(null);
  useEffect(() => {
    if (!choice) return;
    let stale = false;
    void planner()
      .evaluate(request, choice)
      .then((found) => {
        if (!stale) setAnswer({ ...found, of: choice });
      });
    return () => {
      stale = true;
    };
  }, [request, choice]);
  return answer;
}

/** The nest in hand: searched, changed by hand, worked out and kept. */
export function useNest(view: ParcelView, put: ParcelUse['put']) {
  const { shop, person } = useShop();
  const { mark } = useSaveState();
  const [own, setOwn] = useState<{ choice: PlanChoice | null; locks: Locks; basedOn: number } | null>(null);
  const locks = own?.locks ?? view.nest.locks;
  // everything the plan depends on and nothing else, so that a look at the server starts no new search
  const facts = JSON.stringify([
    Object.values(view.sale).map((field) => field.value),
    Object.values(view.piece).map((field) => field.value),
    locks,
  ]);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- `facts` stands for the view
  const request = useMemo(() => planRequestFor({ ...view, nest: { ...view.nest, locks } }, shop), [facts, shop]);
  const { answer: found, searching } = useSearch(request);
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const kept = view.nest.choice;
  const keptText = JSON.stringify(kept);
  const recommended = found?.kind === 'planned' ? found.recommended : null;
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the kept choice by content: each look makes a new object
  const choice = useMemo(() => own?.choice ?? kept ?? recommended?.choice ?? null, [own, keptText, recommended]);
  const hand = useHand(request, choice);
  const seen = useRef(hand);
  useEffect(() => {
    seen.current = hand;
  }, [hand]);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const unsent = useRef<(() => void) | null>(null);

  const save = useCallback(
    async ({ choice: wanted, locks: pinned, basedOn }: NonNullable<typeof own>) => {
      mark('nest', 'pending');
      const figures = seen.current?.kind === 'plan' && seen.current.of === wanted ? seen.current.document : null;
      const keep = (document: PlanDocument | null) =>
        send<ParcelView>('PUT', `/api/parcels/${view.id}/nest`, {
          personId: person.id,
          changeId: crypto.randomUUID(),
          choice: wanted,
          locks: pinned,
          basedOn,
          document,
        });
      try {
        // figures that have moved on the server are kept as the server has them; the sheet then shows both
        put(
          await keep(figures).catch((error: unknown) =>
            error instanceof Refusal && error.problems.some((problem) => problem.path === 'document') ? keep(null) : Promise.reject(error),
          ),
        );
        setOwn(null);
        setConflict(null);
        mark('nest', 'done');
      } catch (error) {
        if (error instanceof Refusal && error.conflict) setConflict(error.conflict);
        mark('nest', 'failed');
      }
    },
    [mark, person.id, put, view.id],
  );

  /** Shown at once, kept shortly after the last change. */
  const keep = useCallback(
    (part: { choice?: PlanChoice; locks?: Locks }) => {
      const wanted = {
        choice: part.choice ?? own?.choice ?? kept,
        locks: part.locks ?? locks,
        basedOn: own?.basedOn ?? view.nest.revision,
      };
      setOwn(wanted);
      mark('nest', 'pending');
      if (timer.current) clearTimeout(timer.current);
      const sendNow = () => {
        unsent.current = null;
        void save(wanted);
      };
      unsent.current = sendNow;
      timer.current = setTimeout(sendNow, SAVE_AFTER_MS);
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the kept choice and locks by content
    [mark, own, save, view.nest.revision, keptText, JSON.stringify(locks)],
  );
  /** Takes a choice. */
  const take = useCallback((wanted: PlanChoice) => keep({ choice: wanted }), [keep]);
  /** Pins and unpins; what is pinned is searched round, what is in hand stays. */
  const pin = useCallback((wanted: Locks) => keep({ locks: wanted }), [keep]);
  // what is still unsent when the station is left goes out at once, as a typed field does
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
      unsent.current?.();
    },
    [],
  );

  const settle = useCallback(
    (mine: boolean) => {
      if (mine && own && conflict) void save({ ...own, basedOn: conflict.theirs.revision });
      else {
        setOwn(null);
        setConflict(null);
        mark('nest', 'done');
      }
    },
    [conflict, mark, own, save],
  );

  const plan: PlanDocument | null = hand?.kind === 'plan' ? hand.document : recommended;
  const changes: readonly NextChange[] = hand?.kind === 'plan' ? hand.changes : [];
  const refusals = hand?.kind === 'plan' ? hand.refusals : [];
  const reasons = found?.kind === 'noPlan' ? found.reasons : [];
  const wouldHelp = found?.kind === 'noPlan' ? found.wouldHelp : [];
  return {
    request,
    found,
    searching,
    plan,
    choice,
    hand,
    changes,
    refusals,
    reasons,
    wouldHelp,
    recommended,
    turned: hand?.kind === 'plan' ? hand.turned : null,
    cutToIn: hand?.kind === 'plan' ? hand.cutToIn : null,
    locks,
    isKept: kept !== null || (own !== null && own.choice !== null),
    take,
    pin,
    conflict,
    settle,
  };
}

export type NestUse = ReturnType<typeof useNest>;
