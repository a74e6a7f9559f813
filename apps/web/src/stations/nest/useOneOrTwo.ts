import { useEffect, useState } from 'react';
import { heldIn } from '@inch-nest/contracts';
import { planner } from '../../parcel/planner.ts';
import type { NestUse } from '../../parcel/useNest.ts';
import type { ParcelUse } from '../../parcel/useParcel.ts';
import type { BoxedWay, OneOrTwoAnswer } from '../../workers/planner.protocol.ts';

/** One box against two, once it was asked for. */
export interface OneOrTwoUse {
  /** Null until it is there, and again once the nest is another. */
  answer: OneOrTwoAnswer | null;
  waits: boolean;
  compare: () => Promise<void>;
  /** The best way in two boxes, where that is safer than the recommended nest in one; null where it is not, or nobody knows yet. */
  saferInTwo: BoxedWay | null;
}

/**
 * Compares one box with two when asked to, and by itself where one box is no answer: where nobody carries it, and where nothing
 * in the stockroom stays below the ceiling.
 */
export function useOneOrTwo({ view }: ParcelUse, nest: NestUse): OneOrTwoUse {
  const { request, found } = nest;
  const [asked, setAsked] = useState<{ of: typeof request; answer: OneOrTwoAnswer | null } | null>(null);
  const held = heldIn(view);
  // an answer for other pieces than these says nothing
  const isOfThese = request.pieceIds.join() === held.map(({ pieceId }) => pieceId).join();
  const answer = asked?.of === request && isOfThese ? asked.answer : null;
  const compare = async () => {
    setAsked({ of: request, answer: null });
    const is = await planner().oneOrTwo(request);
    setAsked((now) => (now?.of === request ? { of: request, answer: is } : now));
  };
  const uncarried = nest.plan?.faults.some(({ kind }) => kind === 'byHand' || kind === 'noService') ?? false;
  const isAbove = found?.kind === 'planned' && found.above !== null;
  const byItself = held.length > 1 && (uncarried || isAbove) && isOfThese && !view.life.sealed && !nest.searching && asked?.of !== request;
  useEffect(() => {
    if (byItself) void compare();
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each request
  }, [byItself, request]);
  const [best] = answer?.kind === 'boxes' ? answer.splits : [];
  const saferInTwo = best && found?.kind === 'planned' && best.chance < found.recommended.chance ? best : null;
  return { answer, waits: asked !== null && asked.of === request && answer === null, compare, saferInTwo };
}
