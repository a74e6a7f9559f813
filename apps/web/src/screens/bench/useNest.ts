'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Locks, PlanChoice, PlanDocument, PlanRequest } from '@inch-nest/core';
import { planRequestFor, type Conflict, type ParcelView } from '@inch-nest/contracts';
import { createPlannerClient, type PlannerClient } from '../../workers/plannerClient.ts';
import type { SearchAnswer } from '@inch-nest/contracts';
import type { EvaluateAnswer } from '../../workers/planner.protocol.ts';
import { Refusal, send } from './http.ts';
import { useSaveState } from './SaveState.tsx';
import { useShop } from './ShopContext.tsx';
import type { ParcelUse } from './useParcel.ts';

const SAVE_AFTER_MS = 400;
const NONE: readonly never[] = [];

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

/** What a choice comes to under a request. */
interface Hand {
  request: PlanRequest;
  of: PlanChoice;
  answer: EvaluateAnswer;
}

/** The figures of the choice in hand: always those of the newest one asked for, the last ones until then. */
function useHand(request: PlanRequest, choice: PlanChoice | null) {
  const [hand, setHand] = useState<Hand | null>(null);
  useEffect(() => {
    if (!choice || (hand?.of === choice && hand.request === request)) return;
    let stale = false;
    void planner()
      .evaluate(request, choice)
      .then((answer) => {
        if (!stale) setHand({ request, of: choice, answer });
      });
    return () => {
      stale = true;
    };
  }, [request, choice, hand]);
  return [hand, setHand] as const;
}

/** What a person has chosen and the server does not hold yet. */
interface Own {
  choice: PlanChoice | null;
  locks: Locks;
  basedOn: number;
}

/** The nest in hand: searched, changed by hand, worked out and kept. */
export function useNest(view: ParcelView, put: ParcelUse['put']) {
  const { shop, person } = useShop();
  const { mark } = useSaveState();
  const [own, setOwn] = useState<Own | null>(null);
  const latest = useRef<Own | null>(null);
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
  const [worked, setWorked] = useHand(request, choice);
  const hand = useMemo(() => worked && { ...worked.answer, of: worked.of }, [worked]);
  const seen = useRef(hand);
  const inHand = useRef(choice);
  useEffect(() => {
    seen.current = hand;
    inHand.current = choice;
  }, [hand, choice]);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const unsent = useRef<(() => void) | null>(null);
  const sending = useRef<Promise<void>>(Promise.resolve());

  /** Sends what was chosen last, and nothing that was chosen before it. */
  const save = useCallback(async () => {
    const wanted = latest.current;
    if (!wanted) return;
    mark('nest', 'pending');
    const figures = seen.current?.kind === 'plan' && seen.current.of === wanted.choice ? seen.current.document : null;
    const keep = (document: PlanDocument | null) =>
      send<ParcelView>('PUT', `/api/parcels/${view.id}/nest`, {
        personId: person.id,
        changeId: crypto.randomUUID(),
        ...wanted,
        document,
      });
    try {
      // figures that have moved on the server are kept as the server has them; the sheet then shows both
      const next = await keep(figures).catch((error: unknown) =>
        error instanceof Refusal && error.problems.some((problem) => problem.path === 'document') ? keep(null) : Promise.reject(error),
      );
      put(next);
      // what was chosen while this was on its way is based on it
      latest.current = latest.current === wanted ? null : latest.current && { ...latest.current, basedOn: next.nest.revision };
      setOwn(latest.current);
      setConflict(null);
      if (!latest.current) mark('nest', 'done');
    } catch (error) {
      if (error instanceof Refusal && error.conflict) setConflict(error.conflict);
      mark('nest', 'failed');
    }
  }, [mark, person.id, put, view.id]);

  /** Worked out and shown at once, kept shortly after the last change. */
  const keep = useCallback(
    (part: (now: Own) => Partial<Own>) => {
      const now = latest.current ?? { choice: kept, locks, basedOn: view.nest.revision };
      const wanted = { ...now, ...part(now) };
      latest.current = wanted;
      const { choice: of } = wanted;
      const show = () => setOwn(latest.current);
      // choice and figures are drawn together, once, as soon as the figures are there
      if (of && of !== now.choice && wanted.locks === now.locks)
        planner()
          .evaluate(request, of)
          .then((answer) => {
            if (latest.current?.choice !== of) return;
            setWorked({ request, of, answer });
            show();
          }, show);
      else show();
      mark('nest', 'pending');
      if (timer.current) clearTimeout(timer.current);
      const sendNow = () => {
        unsent.current = null;
        sending.current = sending.current.then(save);
      };
      unsent.current = sendNow;
      timer.current = setTimeout(sendNow, SAVE_AFTER_MS);
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the kept choice and locks by content
    [mark, save, request, setWorked, view.nest.revision, keptText, JSON.stringify(locks)],
  );
  /** Takes a choice. */
  const take = useCallback((wanted: PlanChoice) => keep(() => ({ choice: wanted })), [keep]);
  /** Changes the choice in hand, whatever has been changed of it a moment ago. */
  const change = useCallback(
    (next: (now: PlanChoice) => Partial<PlanChoice>) =>
      keep((own) => {
        const now = own.choice ?? inHand.current;
        return now ? { choice: { ...now, ...next(now) } } : {};
      }),
    [keep],
  );
  /** Pins and unpins; what is pinned is searched round, what is in hand stays. */
  const pin = useCallback((wanted: Locks) => keep(() => ({ locks: wanted })), [keep]);
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
      if (mine && latest.current && conflict) {
        latest.current = { ...latest.current, basedOn: conflict.theirs.revision };
        void save();
      } else {
        latest.current = null;
        setOwn(null);
        setConflict(null);
        mark('nest', 'done');
      }
    },
    [conflict, mark, save],
  );

  // until the planner has answered for the first time, what was kept is shown
  const asKept = hand === null && own === null ? (view.nest.plan?.document ?? null) : null;
  const plan: PlanDocument | null = hand?.kind === 'plan' ? hand.document : (asKept ?? recommended);
  const isKept = kept !== null || (own !== null && own.choice !== null);
  return useMemo(
    () => ({
      request,
      found,
      searching,
      plan,
      choice,
      hand,
      changes: hand?.kind === 'plan' ? hand.changes : NONE,
      refusals: hand?.kind === 'plan' ? hand.refusals : NONE,
      reasons: found?.kind === 'noPlan' ? found.reasons : NONE,
      wouldHelp: found?.kind === 'noPlan' ? found.wouldHelp : NONE,
      recommended,
      turned: hand?.kind === 'plan' ? hand.turned : null,
      cutToIn: hand?.kind === 'plan' ? hand.cutToIn : null,
      locks,
      isKept,
      take,
      change,
      pin,
      conflict,
      settle,
    }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- locks by content
    [request, found, searching, plan, choice, hand, recommended, JSON.stringify(locks), isKept, take, change, pin, conflict, settle],
  );
}

export type NestUse = ReturnType<typeof useNest>;
