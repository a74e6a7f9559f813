import { useRef, useState } from 'react';
import type { ParcelView, PhotoOf } from '@inch-nest/contracts';
import { Refusal, send, sendFile } from '../session/http.ts';
import { useSaveState } from '../session/SaveState.tsx';
import { useShop } from '../session/ShopContext.tsx';
import type { ParcelUse } from './useParcel.ts';

/**
 * Photographs of one sort that a parcel has: added, taken out and put back at once; what was not taken says why, until more are
 * picked once all of it has been answered.
 *
 * @param whole true for those of every piece, false for those of the piece in hand
 */
export function useKeptPhotos({ view, put }: ParcelUse, of: PhotoOf, whole = false) {
  const { person } = useShop();
  const { mark } = useSaveState();
  const [problems, setProblems] = useState<string[]>([]);
  const [gone, setGone] = useState<string | null>(null);
  const address = `/api/parcels/${view.id}/photos`;
  /** Picks that are on their way, and whether any of them was refused. */
  const under = useRef({ picks: 0, refused: false });
  const add = async (files: readonly File[]) => {
    if (under.current.picks === 0) {
      under.current.refused = false;
      setProblems([]);
    }
    under.current.picks++;
    mark('photo', 'pending');
    for (const file of files) {
      const query = new URLSearchParams({ personId: person.id, id: crypto.randomUUID(), of, pieceId: view.pieceId });
      try {
        put(await sendFile<ParcelView>(`${address}?${query}`, file));
      } catch (error) {
        const why = error instanceof Refusal ? error.message : 'the bench could not be reached, take it again';
        under.current.refused = true;
        const said = `${file.name}: ${why}`;
        setProblems((before) => [...before.filter((one) => one !== said), said]);
      }
    }
    if (--under.current.picks === 0) mark('photo', under.current.refused ? 'failed' : 'done');
  };
  const remove = async (id: string, removed: boolean) => {
    put(await send<ParcelView>('PATCH', address, { personId: person.id, id, removed }));
    setGone(removed ? id : null);
  };
  return {
    photos: view.photos.filter((photo) => photo.of === of && (whole || photo.pieceId === view.pieceId)),
    problems,
    gone,
    add,
    remove,
  };
}
