'use client';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import type { Happening } from '@inch-nest/core';
import type { FieldEntity, ParcelView } from '@inch-nest/contracts';
import { send } from './http.ts';
import { useSaveState } from './SaveState.tsx';
import { useShop } from './ShopContext.tsx';

const LOOK_EVERY_MS = 3000;

/** One parcel, looked at again every few seconds so that another person's change is noticed. */
export function useParcel(initial: ParcelView) {
  const { person } = useShop();
  const { busy, mark } = useSaveState();
  const client = useQueryClient();
  const key = ['parcel', initial.id, person.id];
  const { data: view, isError } = useQuery({
    queryKey: key,
    queryFn: async () => {
      const seen = await send<ParcelView>('GET', `/api/parcels/${initial.id}?person=${person.id}`);
      const now = client.getQueryData<ParcelView>(key);
      // a look that was under way while something was kept must not bring back what was before
      return now && now.revision > seen.revision ? now : seen;
    },
    initialData: initial,
    initialDataUpdatedAt: 0,
    // a look must not bring back what is being typed over
    refetchInterval: busy ? false : LOOK_EVERY_MS,
    enabled: !busy,
  });
  const put = useCallback(
    (next: ParcelView) => {
      client.setQueryData(['parcel', next.id, person.id], next);
      void client.invalidateQueries({ queryKey: ['shelf'] });
    },
    [client, person.id],
  );
  /** Shows a value at once, before it is saved, so that figures follow the typing. */
  const preview = useCallback(
    (entity: FieldEntity, path: string, value: unknown) => {
      client.setQueryData<ParcelView>(['parcel', initial.id, person.id], (before) => {
        if (!before) return before;
        const fields = before[entity] as Record<string, { value: unknown }>;
        return { ...before, [entity]: { ...fields, [path]: { ...fields[path], value } } } as ParcelView;
      });
    },
    [client, initial.id, person.id],
  );
  const report = useCallback(
    async (happening: Happening) => {
      mark('event', 'pending');
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
    [initial.id, mark, person.id, put],
  );
  const step = useCallback(
    async (direction: 'undo' | 'redo') =>
      put(await send<ParcelView>('POST', `/api/parcels/${initial.id}/steps`, { personId: person.id, direction })),
    [initial.id, person.id, put],
  );
  /** Saves a field that a button changes, not a person's typing. */
  const saveField = useCallback(
    (entity: FieldEntity, path: string, text: string, basedOn: number) => {
      const key = `${entity}.${path}`;
      mark(key, 'pending');
      send<ParcelView>('PATCH', `/api/parcels/${initial.id}/fields`, {
        personId: person.id,
        changeId: crypto.randomUUID(),
        entity,
        path,
        text,
        draft: false,
        basedOn,
      })
        .then((next) => {
          put(next);
          mark(key, 'done');
        })
        .catch(() => mark(key, 'failed'));
    },
    [initial.id, mark, person.id, put],
  );
  return { view, put, preview, report, step, saveField, offline: isError };
}

export type ParcelUse = ReturnType<typeof useParcel>;
