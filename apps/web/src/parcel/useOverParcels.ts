'use client';
import { useEffect, useState } from 'react';
import type { PackedParcel } from '@inch-nest/core';
import { packedParcelOf, type PackedList, type PackedView } from '@inch-nest/contracts';
import { planner } from './planner.ts';
import { send } from '../session/http.ts';
import { useShop } from '../session/ShopContext.tsx';

/** What a long reckoning answers when it was not stopped. */
type Answer<Found> =
  | { readonly kind: 'superseded' }
  | { readonly kind: 'failed'; readonly message: string }
  | { readonly kind: 'found'; readonly found: Found };

/** Reckons over the parcels that were packed of late: how far it has come, how to stop it, and what went wrong. */
export function useOverParcels() {
  const { shop } = useShop();
  const [busy, setBusy] = useState<{ done: number; of: number } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => () => void planner().stopReckoning(), []);
  /**
   * @param wanted which of the parcels count; all where left out
   * @returns what was found, and over how many weeks the parcels came; null when it was stopped or failed
   */
  const over = async <Found>(
    reckon: (parcels: readonly PackedParcel[], heard: (done: number, of: number) => void) => Promise<Answer<Found>>,
    wanted: (one: PackedView) => boolean = () => true,
  ): Promise<{ readonly found: Found; readonly weeks: number } | null> => {
    setProblem(null);
    setBusy({ done: 0, of: 1 });
    try {
      const { weeks, parcels } = await send<PackedList>('GET', '/api/stock/packed');
      const said = await reckon(
        parcels.filter(wanted).map((one) => packedParcelOf(one, shop)),
        (done, of) => setBusy({ done, of }),
      );
      if (said.kind === 'found') return { found: said.found, weeks };
      if (said.kind === 'failed') setProblem(said.message);
      return null;
    } catch {
      setProblem('the bench could not be reached: try it again');
      return null;
    } finally {
      setBusy(null);
    }
  };
  return { over, busy, problem, stop: () => void planner().stopReckoning() };
}
