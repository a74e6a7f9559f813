'use client';
import { useEffect, useState } from 'react';
import type { RateCard } from '@inch-nest/core';
import { send } from '../../session/http.ts';

/** One version of a card, whole; null until it is there. */
export function useCard(id: string | null): RateCard | null {
  const [found, setFound] = useState<{ id: string; card: RateCard } | null>(null);
  useEffect(() => {
    if (!id) return;
    let stale = false;
    send<RateCard>('GET', `/api/cards/${id}`).then(
      (card) => !stale && setFound({ id, card }),
      () => undefined,
    );
    return () => {
      stale = true;
    };
  }, [id]);
  return found && found.id === id ? found.card : null;
}
