'use client';
import { useState } from 'react';
import type { ParcelView } from '@inch-nest/contracts';
import { Refusal, send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import type { ParcelUse } from '../../parcel/useParcel.ts';

type Act = { act: 'buy' } | { act: 'ask' } | { act: 'byHand'; tracking: string } | { act: 'void'; labelId: string };

/** Buying, asking after and giving back a label; what was refused is said, what is under way is shown. */
export function useLabel(parcel: ParcelUse) {
  const { person } = useShop();
  const [busy, setBusy] = useState(false);
  const [problems, setProblems] = useState<readonly string[]>([]);
  const act = async (command: Act) => {
    setBusy(true);
    setProblems([]);
    try {
      parcel.put(await send<ParcelView>('POST', `/api/parcels/${parcel.view.id}/label`, { personId: person.id, ...command }));
    } catch (error) {
      setProblems(
        error instanceof Refusal
          ? error.problems.map((problem) => problem.message)
          : ['The bench could not be reached. If a label was being bought it is under the same key: nothing is bought twice.'],
      );
    } finally {
      setBusy(false);
    }
  };
  return { busy, problems, act };
}
