'use client';
import { useCallback, useMemo } from 'react';
import { recordParcel, type Happening, type LifeEvent } from '@inch-nest/core';
import type { PhotoOf } from '@inch-nest/contracts';
import { useShop } from '../session/ShopContext.tsx';
import type { ParcelUse } from './useParcel.ts';
import { useOutbox } from '../outbox/OutboxProvider.tsx';

type NewItem =
  | { kind: 'event'; happening: Happening; undoOf: string | null; bundleId: string | null }
  | { kind: 'photo'; of: PhotoOf; step?: string; picture: Blob };

/** The parcel's life with what the server has not heard yet, and ways to add to it that work without a server. */
export function useBenchLog({ view }: ParcelUse) {
  const { person } = useShop();
  const { items, put } = useOutbox();
  const own = useMemo(() => items.filter((item) => item.parcelId === view.id), [items, view.id]);
  const events = useMemo(() => {
    const known = new Set(view.events.map((event) => event.id));
    const last = view.events.at(-1)?.seq ?? 0;
    const waiting = own.flatMap((item) => (item.kind === 'event' && item.refused === null && !known.has(item.id) ? [item] : []));
    return [
      ...view.events,
      ...waiting.map(({ id, at, personId, happening, undoOf, bundleId }, i): LifeEvent => ({
        ...happening,
        bundleId: bundleId ?? null,
        id,
        seq: last + 1 + i,
        at,
        personId,
        undoOf,
      })),
    ];
  }, [view.events, own]);
  const life = useMemo(() => recordParcel(events), [events]);
  const note = useCallback(
    (what: NewItem) =>
      put({ ...what, id: crypto.randomUUID(), parcelId: view.id, personId: person.id, at: new Date().toISOString(), refused: null }),
    [person.id, put, view.id],
  );
  /** @param bundleId which of several different bundles it is about */
  const log = useCallback(
    (happening: Happening, undoOf: string | null = null, bundleId?: string) =>
      note({ kind: 'event', happening, undoOf, bundleId: bundleId ?? null }),
    [note],
  );
  /** @param step key of the step it is taken at */
  const photograph = useCallback(
    (of: PhotoOf, picture: Blob, step?: string) => note({ kind: 'photo', of, picture, ...(step ? { step } : {}) }),
    [note],
  );
  return { life, events, own, log, photograph };
}

export type BenchLog = ReturnType<typeof useBenchLog>;
