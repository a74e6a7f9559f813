'use client';
import { useEffect, useState } from 'react';
import { formatChance, type House, type PlanRequest } from '@inch-nest/core';
import { planner } from '../../parcel/planner.ts';

/** What a house makes of a piece: its plan, or the difference to the house as it is, or why there is none. */
export type HouseEffect = { kind: 'none'; why: string } | { kind: 'moved'; costMinor: number; chance: string; byMinor: number };

interface Worked {
  of: readonly [string, House][];
  sample: PlanRequest;
  effects: ReadonlyMap<string, HouseEffect>;
}

/** Plans a sample under each of some houses, one after the other, and tells what is known so far. */
export function useEffects(sample: PlanRequest, now: House, houses: readonly [string, House][]): ReadonlyMap<string, HouseEffect> {
  const [worked, setWorked] = useState<Worked | null>(null);
  useEffect(() => {
    let stale = false;
    const run = async () => {
      const own = await planner().search({ ...sample, house: now });
      const expected = own.kind === 'planned' ? own.recommended.expectedMinor : 0;
      const effects = new Map<string, HouseEffect>();
      for (const [key, house] of houses) {
        if (stale) return;
        const found = await planner().search({ ...sample, house });
        if (stale || found.kind === 'superseded') return;
        if (found.kind === 'planned') {
          const { costMinor, chance, expectedMinor } = found.recommended;
          effects.set(key, { kind: 'moved', costMinor, chance: formatChance(chance), byMinor: expectedMinor - expected });
        } else effects.set(key, { kind: 'none', why: found.kind === 'noPlan' ? (found.reasons[0] ?? '') : found.message });
        setWorked({ of: houses, sample, effects: new Map(effects) });
      }
    };
    void run();
    return () => {
      stale = true;
    };
  }, [sample, now, houses]);
  return worked?.of === houses && worked.sample === sample ? worked.effects : NONE;
}

const NONE: ReadonlyMap<string, HouseEffect> = new Map();
