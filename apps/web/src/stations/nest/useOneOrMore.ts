import { useEffect, useState } from 'react';
import { isPacked, sameContent, type PlanFault, type WaysLookedAt } from '@inch-nest/core';
import { heldIn } from '@inch-nest/contracts';
import { isAnyWrapped } from '../../parcel/isAnyWrapped.ts';
import { planner } from '../../parcel/planner.ts';
import { useAfterSearch } from '../../parcel/useAfterSearch.ts';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import type { BoxedWay, OneOrMoreAnswer } from '../../workers/planner.protocol.ts';

/** One box against two and more, once it was asked for. */
export interface OneOrMoreUse {
  /** Null until it is there, and again once the nest is another. */
  answer: OneOrMoreAnswer | null;
  waits: boolean;
  /** Nobody carries them in one box as it is. */
  uncarried: boolean;
  /** How many lots of pieces were looked at, of so many; null where none was yet. */
  come: { readonly done: number; readonly of: number } | null;
  compare: () => Promise<void>;
  /** The best way in several boxes; null where there is none, or nobody knows yet. */
  apart: BoxedWay | null;
  /** The best way in several boxes, where that is safer than the recommended nest in one; null where it is not, or nobody knows yet. */
  saferApart: BoxedWay | null;
  /** The same where one box is an answer, and several expect less by enough to be worth it. */
  cheaperApart: BoxedWay | null;
}

/** What can go in more than one box: several pieces, or several alike that are worth something one by one. */
export const isSeveral = (view: ParcelUse['view']): boolean =>
  heldIn(view).reduce((sum, { piece }) => sum + (piece.wholeOrNothing.value ? 1 : piece.count.value), 0) > 1;

/** True of a fault that leaves a nest with nobody to carry it. */
export const isUncarried = ({ kind }: Pick<PlanFault, 'kind'>): boolean => kind === 'byHand' || kind === 'noService';

/** Where a box for each may not be among the ways that were planned. */
const LEAVES_OUT: ReadonlySet<WaysLookedAt> = new Set(['roughly', 'some']);

/** Several boxes are told of by themselves from so much less on, and from such a share of what one expects; judgement. */
const WORTH_TELLING = { minor: 100, share: 0.03 };

/**
 * Compares one box with more when asked to, and by itself where one box is no answer: where none holds them, nobody carries it,
 * or nothing in the stockroom stays below the ceiling; and where several boxes as roughly sketched come near what one expects.
 */
export function useOneOrMore({ view }: ParcelUse, nest: NestUse): OneOrMoreUse {
  const { request, found } = nest;
  const [asked, setAsked] = useState<{ of: typeof request; each: boolean; answer: OneOrMoreAnswer | null } | null>(null);
  const [come, setCome] = useState<OneOrMoreUse['come']>(null);
  const each = view.sale.boxWish.value === 'apart';
  const held = heldIn(view);
  // an answer for other pieces than these says nothing
  const isOfThese = request.pieceIds.join() === held.map(({ pieceId }) => pieceId).join();
  // what the buyer wishes moves no nest: the answer stands as long as the same is asked, and a box for each was among it
  const hasEach = asked !== null && (asked.each || !each || (asked.answer?.kind === 'boxes' && !LEAVES_OUT.has(asked.answer.looked)));
  const isAsked = hasEach && (asked.of === request || sameContent(asked.of, request));
  const answer = isAsked && isOfThese ? asked.answer : null;
  const compare = async (again = false) => {
    setAsked({ of: request, each, answer: null });
    setCome(null);
    const is = await planner().oneOrMore(request, each, (done, all) => setCome({ done, of: all }));
    // what nobody asked for is asked again when the search that took its place is done
    const next = is.kind === 'superseded' && again ? null : { of: request, each, answer: is };
    setAsked((now) => (now?.of === request ? next : now));
  };
  const uncarried = nest.plan?.faults.some(isUncarried) ?? false;
  const isAbove = found?.kind === 'planned' && found.above !== null;
  const isUnheld = found?.kind === 'noPlan';
  const mayGo = isSeveral(view) && isOfThese && !isPacked(view.life);
  const isAnswered = found?.kind === 'planned' && !uncarried && !isAbove;
  const mayPay = useAfterSearch(
    nest,
    isAnswered && mayGo && view.sale.boxWish.value !== 'together' && !isAnyWrapped(request),
    async (of) => {
      const said = await planner().mayGoApart(of, isAnswered ? found.recommended.expectedMinor : 0);
      return said.kind === 'apart' ? said.pays : null;
    },
  );
  const byItself = mayGo && (uncarried || isAbove || isUnheld || mayPay === true) && !nest.searching && !isAsked;
  useEffect(() => {
    if (byItself) void compare(true);
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- once for each request
  }, [byItself, request]);
  const apart = (answer?.kind === 'boxes' ? answer.splits[0] : null) ?? null;
  const saferApart = apart && found?.kind === 'planned' && apart.chance < found.recommended.chance ? apart : null;
  const cheaperApart = apart && isAnswered && isCheaper(apart, found.recommended, found.ceiling) && mayPay === true ? apart : null;
  return { answer, waits: isAsked && answer === null, uncarried, come, compare: () => compare(), apart, saferApart, cheaperApart };
}

/** Several boxes expect less than one by enough, and anything breaks no more often than it does in one, or than the ceiling allows. */
const isCheaper = (apart: BoxedWay, one: { readonly expectedMinor: number; readonly chance: number }, ceiling: number): boolean =>
  apart.expectedMinor <= one.expectedMinor - Math.max(WORTH_TELLING.minor, WORTH_TELLING.share * one.expectedMinor) &&
  apart.chance <= Math.max(one.chance, ceiling);
