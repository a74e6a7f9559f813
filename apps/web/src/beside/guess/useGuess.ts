'use client';
import { useEffect, useState } from 'react';
import { isBetterSo, waysToStack, withStacks, type PlanDocument, type PlanRequest, type SaleLine, type Stacking } from '@inch-nest/core';
import { requestOfLines, zonesReached, type SearchAnswer, type ShopView, type ZoneReached } from '@inch-nest/contracts';
import { planner } from '../../parcel/planner.ts';

/** The plan for one zone, or why there is none. */
export type ZonePlan = ZoneReached & ({ plan: PlanDocument } | { plan: null; why: string });

const AFTER_TYPING_MS = 250;

/** A piece before it is sold, or several for one parcel, planned for every zone one after the other; what is known so far. */
export function useGuess(lines: readonly SaleLine[], text: string, shop: ShopView): { plans: readonly ZonePlan[]; busy: boolean } {
  const [worked, setWorked] = useState<{ of: string; plans: ZonePlan[]; busy: boolean }>({ of: '', plans: [], busy: false });
  const ready = lines.every(({ title, readings }) => title !== undefined && readings.every((reading) => reading.problem === null));
  useEffect(() => {
    if (!ready) return;
    let stale = false;
    const run = async () => {
      const plans: ZonePlan[] = [];
      let stackings: readonly Stacking[] | null = null;
      for (const reached of zonesReached(shop.cards, shop.originPostcode)) {
        if (stale) return;
        const request = requestOfLines(lines, shop, 'guess', reached.postcode);
        let found = await planner().search(stackings ? withStacks(request, stackings) : request);
        if (stale || found.kind === 'superseded') return;
        // flat ones go stacked where that is better: known once, for all zones
        if (plans.length === 0 && (stackings = await betterStacked(request, found))) {
          found = await planner().search(withStacks(request, stackings));
          if (stale || found.kind === 'superseded') return;
        }
        plans.push(
          found.kind === 'planned' && !found.byHand
            ? { ...reached, plan: found.recommended }
            : { ...reached, plan: null, why: found.kind === 'failed' ? found.message : (reasonsOf(found)[0] ?? 'no nest') },
        );
        setWorked({ of: text, plans: [...plans], busy: true });
      }
      setWorked({ of: text, plans, busy: false });
    };
    const timer = setTimeout(() => void run(), AFTER_TYPING_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- the lines follow from the text
  }, [text, ready, shop]);
  return worked.of === text && ready ? worked : { plans: [], busy: ready };
}

/** How pieces are stacked that are better so than each by itself; null where none are. */
async function betterStacked(request: PlanRequest, found: SearchAnswer): Promise<readonly Stacking[] | null> {
  if (waysToStack(request).length === 0) return null;
  const said = await planner().stacked(request);
  if (said.kind !== 'stacked' || !said.best) return null;
  const singly = found.kind === 'planned' ? found : null;
  return isBetterSo(said.best, singly && singly.recommended, singly?.ceiling ?? 1) ? said.best.stackings : null;
}

const reasonsOf = (found: Exclude<SearchAnswer, { kind: 'failed' | 'superseded' }>): readonly string[] =>
  found.kind === 'noPlan' ? found.reasons : (found.byHand ?? []);
