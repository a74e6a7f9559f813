'use client';
import { useEffect, useState } from 'react';
import type { NestUse } from './useNest.ts';

/**
 * Something that is looked up once the search has its answer; a search of its own, which the next one ends.
 *
 * @param isAsked whether it is looked up at all
 * @param ask looks it up; null where a newer search came in between
 * @returns null until it is known, and again once another search has begun
 */
export function useAfterSearch<Answer>(
  { request, found, searching }: NestUse,
  isAsked: boolean,
  ask: (request: NestUse['request']) => Promise<Answer | null>,
): Answer | null {
  const [answer, setAnswer] = useState<{ of: NestUse['found']; is: Answer | null } | null>(null);
  const asked = isAsked && !searching ? found : null;
  useEffect(() => {
    if (!asked) return;
    let stale = false;
    void ask(request)
      .then((is) => !stale && setAnswer({ of: asked, is }))
      .catch(() => undefined);
    return () => {
      stale = true;
    };
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- how it is asked does not change what is asked
  }, [request, asked]);
  return asked && answer?.of === asked ? answer.is : null;
}
