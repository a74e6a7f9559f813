'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { readOwnField, type Conflict, type FieldEntity, type KeptField, type ParcelView } from '@inch-nest/contracts';
import { Refusal, send } from '../bench/http.ts';
import { useSaveState } from '../bench/SaveState.tsx';
import { useShop } from '../bench/ShopContext.tsx';
import type { ParcelUse } from '../bench/useParcel.ts';

const SAVE_AFTER_MS = 400;
const TRY_AGAIN_MS = 2500;

interface Typed {
  text: string;
  basedOn: number;
}

/**
 * One field as typed: read at once, saved shortly after the last key, kept as a draft where it does not
 * parse. A conflict is held until the person chooses; a lost connection is tried again.
 */
export function useTypedField(parcel: ParcelUse, entity: FieldEntity, path: string) {
  const { shop, person } = useShop();
  const { mark } = useSaveState();
  const { view, put, preview } = parcel;
  const field = (view[entity] as Record<string, KeptField>)[path]!;
  const [typed, setTyped] = useState<Typed | null>(null);
  const [conflict, setConflict] = useState<Conflict | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const newest = useRef<Typed | null>(null);
  const key = `${entity}.${path}`;
  const text = typed?.text ?? field.draft ?? field.text;
  const reading = readOwnField(entity, path, text, { today: shop.today, system: person.system });
  const touched = typed !== null || field.draft !== null;

  const save = useCallback(
    async (wanted: Typed) => {
      const parsed = readOwnField(entity, path, wanted.text, { today: shop.today, system: person.system });
      mark(key, 'pending');
      try {
        const next = await send<ParcelView>('PATCH', `/api/parcels/${view.id}/fields`, {
          personId: person.id,
          changeId: crypto.randomUUID(),
          entity,
          path,
          text: wanted.text,
          draft: !parsed.ok,
          basedOn: wanted.basedOn,
        });
        if (newest.current !== wanted) return;
        put(next);
        newest.current = null;
        setTyped(null);
        setConflict(null);
        mark(key, 'done');
      } catch (error) {
        mark(key, 'failed');
        if (error instanceof Refusal) setConflict(error.conflict);
        else timer.current = setTimeout(() => void (newest.current === wanted && save(wanted)), TRY_AGAIN_MS);
      }
    },
    [entity, key, mark, path, person.id, person.system, put, shop.today, view.id],
  );

  const type = useCallback(
    (next: string) => {
      const wanted = { text: next, basedOn: newest.current?.basedOn ?? field.revision };
      newest.current = wanted;
      setTyped(wanted);
      mark(key, 'pending');
      const parsed = readOwnField(entity, path, next, { today: shop.today, system: person.system });
      if (parsed.ok) preview(entity, path, parsed.value);
      if (timer.current) clearTimeout(timer.current);
      timer.current = setTimeout(() => void save(wanted), SAVE_AFTER_MS);
    },
    [entity, field.revision, key, mark, path, person.system, preview, save, shop.today],
  );

  const settle = useCallback(
    (mine: boolean) => {
      if (!conflict) return;
      if (mine) {
        const wanted = { text: conflict.yours, basedOn: conflict.theirs.revision };
        newest.current = wanted;
        setTyped(wanted);
        void save(wanted);
      } else {
        newest.current = null;
        setTyped(null);
        setConflict(null);
        mark(key, 'done');
      }
    },
    [conflict, key, mark, save],
  );

  // what is still unsaved when the station is left goes out at once
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
      if (newest.current) void save(newest.current);
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps -- on leaving only
    [],
  );

  // what is typed counts before it is saved: another field's answer must not bring an older value back
  const value = typed !== null && reading.ok ? reading.value : field.value;
  return { text, value, problem: touched && !reading.ok ? reading.problem : null, type, conflict, settle };
}
