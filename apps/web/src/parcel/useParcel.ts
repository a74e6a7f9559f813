'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo, useRef } from 'react';
import type { Happening } from '@inch-nest/core';
import { heldIn, type FieldEntity, type KeptField, type NestChange, type ParcelView } from '@inch-nest/contracts';
import { useHeard } from '../outbox/OutboxProvider.tsx';
import { send } from '../session/http.ts';
import { lookAtShelf } from '../session/lookAtShelf.ts';
import { useLookEvery } from '../session/LiveProvider.tsx';
import { newerView } from '../session/newerView.ts';
import { useKept } from '../session/keeping/useKept.tsx';
import { useSaveState } from '../session/SaveState.tsx';
import { useShop } from '../session/ShopContext.tsx';
import { fieldPath, joinNestChanges, overlayParcel } from './overlayParcel.ts';

const LOOK_EVERY_MS = 3000;
const join = (path: string, earlier: unknown, later: unknown): unknown =>
  path === 'nest' ? joinNestChanges(earlier as NestChange, later as NestChange) : later;

/** One parcel as it is shown: as the server holds it, looked at again every few seconds, under whatever waits to be kept. */
export function useParcel(initial: ParcelView) {
  const { shop, person } = useShop();
  const { mark } = useSaveState();
  const client = useQueryClient();
  const key = useMemo(() => ['parcel', initial.id, person.id], [initial.id, person.id]);
  /** Takes over what the server holds, unless something newer is here already. */
  const put = useCallback(
    (next: ParcelView) => {
      client.setQueryData<ParcelView>(key, (now) => newerView(now, next));
      lookAtShelf(client);
    },
    [client, key],
  );
  const { data: held, isError } = useQuery({
    queryKey: key,
    queryFn: async () => {
      const seen = await send<ParcelView>('GET', `/api/parcels/${initial.id}?person=${person.id}`);
      const now = client.getQueryData<ParcelView>(key);
      if (now && now.revision < seen.revision) lookAtShelf(client);
      return newerView(now, seen);
    },
    initialData: initial,
    initialDataUpdatedAt: 0,
    refetchInterval: useLookEvery(LOOK_EVERY_MS),
  });
  const keeper = useKept<ParcelView>(`/api/parcels/${initial.id}/kept`, person.id, put, join);
  const { pending } = keeper;
  const { today } = shop;
  const { system } = person;
  const view = useMemo(() => overlayParcel(held, pending, { today, system }), [held, pending, today, system]);
  /** Keeps a field as typed, of the first piece or another; a pick carries its value as JSON text. */
  const keepField = (entity: FieldEntity, name: string, text: string, at = 0) => {
    const own = heldIn(held)[at] ?? held;
    const field = ((entity === 'sale' ? held.sale : own.piece) as unknown as Record<string, KeptField>)[name]!;
    keeper.set([{ path: fieldPath(own, entity, name), value: text, seen: field.revision }]);
  };
  const keepNest = (change: NestChange) => keeper.set([{ path: 'nest', value: change, seen: held.nest.revision }]);
  const heard = useHeard();
  /** The happening that was reported last: the next waits for it, since what is done after rests on what was done before. */
  const last = useRef<Promise<unknown>>(Promise.resolve());
  const tell = useCallback(
    async (happening: Happening) => {
      mark('event', 'pending');
      // what was done at the bench came first, however slow the line
      await heard();
      try {
        put(
          await send<ParcelView>('POST', `/api/parcels/${initial.id}/events`, {
            personId: person.id,
            eventId: crypto.randomUUID(),
            happening,
          }),
        );
        mark('event', 'done');
      } catch (error) {
        mark('event', 'failed');
        throw error;
      }
    },
    [heard, initial.id, mark, person.id, put],
  );
  const report = useCallback(
    (happening: Happening): Promise<void> => {
      const told = last.current.then(() => tell(happening));
      last.current = told.catch(() => undefined);
      return told;
    },
    [tell],
  );
  const step = async (direction: 'undo' | 'redo') => {
    // what was typed last is what is taken back
    await keeper.flush();
    put(await send<ParcelView>('POST', `/api/parcels/${initial.id}/steps`, { personId: person.id, direction }));
  };
  return { view, put, report, step, keepField, keepNest, keeper, offline: isError };
}

export type ParcelUse = ReturnType<typeof useParcel>;
