'use client';
import { useQueryClient } from '@tanstack/react-query';
import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import type { ParcelView } from '@inch-nest/contracts';
import { Refusal, send, sendFile, waitsForSomebody } from '../session/http.ts';
import { lookAtShelf } from '../session/lookAtShelf.ts';
import { newerView } from '../session/newerView.ts';
import { useSaveState } from '../session/SaveState.tsx';
import { useShop } from '../session/ShopContext.tsx';
import { flushOutbox, type Sent } from './flushOutbox.ts';
import { openOutbox, type OutboxItem, type OutboxStore } from './outboxStore.ts';

const AGAIN_MS = 3000;
/** Answers of whatever stands before the server, or of a server with its hands full. */
const AWAY: readonly number[] = [408, 425, 429, 502, 503, 504];
/** What the bench keeps in the browser at most. */
export const MOST_BYTES = 200_000_000;

interface OutboxUse {
  /** What waits or was refused, in the order it was done. */
  items: readonly OutboxItem[];
  /** Keeps it here at once and sends it as soon as it can be heard. @throws Error when the browser has no room for it */
  put: (item: OutboxItem) => Promise<void>;
  /** Lets go of what was refused. */
  drop: (place: number) => Promise<void>;
  /** Sends what waits, and is through once that is heard or nobody hears it. */
  flush: () => Promise<void>;
}

const Context = createContext<OutboxUse | null>(null);

/** What is done at the bench goes through here: kept by the browser first, then sent in order, once each. */
export function OutboxProvider({ children }: { children: ReactNode }) {
  const { mark } = useSaveState();
  const { me } = useShop();
  const signedIn = me.byItself ? null : me.personId;
  const client = useQueryClient();
  const store = useRef<OutboxStore | null>(null);
  const running = useRef<Promise<void> | null>(null);
  /** Something was put in since the last look. */
  const more = useRef(false);
  const [items, setItems] = useState<readonly OutboxItem[]>([]);
  const look = useCallback(async () => {
    store.current ??= openOutbox();
    const all = await store.current.all();
    setItems((before) => (before.length === 0 && all.length === 0 ? before : all));
    const waits = all.some((item) => item.refused === null);
    const refused = all.some((item) => item.refused !== null);
    mark('outbox', refused ? 'failed' : waits ? 'pending' : 'done');
    return waits;
  }, [mark]);
  const sendAll = useCallback(async () => {
    try {
      // one page at a time sends, however many are open
      await navigator.locks.request('inch-nest-outbox', async () => {
        const outbox = (store.current ??= openOutbox());
        let heard: boolean;
        do {
          more.current = false;
          heard = await flushOutbox(outbox, async (item) => {
            if (signedIn !== null && item.personId !== signedIn) return { kind: 'anothers' };
            return deliver(item, (view) => {
              client.setQueriesData<ParcelView>({ queryKey: ['parcel', view.id] }, (now) => newerView(now, view));
              lookAtShelf(client);
            });
          });
        } while (heard && more.current);
      });
    } finally {
      running.current = null;
      await look();
    }
  }, [client, look, signedIn]);
  const flush = useCallback((): Promise<void> => {
    more.current = true;
    return (running.current ??= sendAll());
  }, [sendAll]);
  useEffect(() => {
    const again = () => void look().then((waits) => (waits ? flush() : undefined));
    again();
    const timer = setInterval(again, AGAIN_MS);
    window.addEventListener('online', again);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', again);
    };
  }, [flush, look]);
  const put = useCallback(
    async (item: OutboxItem) => {
      store.current ??= openOutbox();
      if (item.kind === 'photo') {
        const held = (await store.current.all()).reduce((sum, one) => sum + (one.kind === 'photo' ? one.picture.size : 0), 0);
        if (held + item.picture.size > MOST_BYTES) throw new Error('200 MB of photographs wait already: connect first');
      }
      await store.current.add(item);
      await look();
      void flush();
    },
    [flush, look],
  );
  const drop = useCallback(
    async (place: number) => {
      await store.current?.remove(place);
      await look();
    },
    [look],
  );
  const use = useMemo(() => ({ items, put, drop, flush }), [items, put, drop, flush]);
  return <Context.Provider value={use}>{children}</Context.Provider>;
}

async function deliver(item: OutboxItem, show: (view: ParcelView) => void): Promise<Sent> {
  const { id, parcelId, personId, at } = item;
  try {
    show(
      item.kind === 'event'
        ? await send<ParcelView>('POST', `/api/parcels/${parcelId}/events`, {
            personId,
            eventId: id,
            happening: item.happening,
            undoOf: item.undoOf,
            bundleId: item.bundleId ?? null,
            at,
          })
        : await sendFile<ParcelView>(
            `/api/parcels/${parcelId}/photos?${new URLSearchParams({ personId, id, of: item.of, ...(item.step ? { step: item.step } : {}) })}`,
            item.picture,
          ),
    );
    return { kind: 'taken' };
  } catch (error) {
    // a server that is away, too busy or being started again has not looked at it
    if (!(error instanceof Refusal) || AWAY.includes(error.status) || waitsForSomebody(error)) return { kind: 'unheard' };
    if (error.status >= 500) return { kind: 'stumbled', why: `the server stumbles over it: ${error.message}` };
    return { kind: 'refused', why: error.message };
  }
}

/** @throws Error outside of an OutboxProvider */
export function useOutbox(): OutboxUse {
  const use = useContext(Context);
  if (!use) throw new Error('useOutbox outside of OutboxProvider');
  return use;
}

const nothingWaits = (): Promise<void> => Promise.resolve();

/** Sends what waits and is through once that is heard, or nobody hears it; where there is no outbox nothing waits. */
export const useHeard = (): (() => Promise<void>) => useContext(Context)?.flush ?? nothingWaits;
