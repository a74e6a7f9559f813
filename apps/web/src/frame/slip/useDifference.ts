'use client';
import { useEffect, useRef, useState } from 'react';

interface Figures {
  plan: string;
  costMinor: number;
  chance: number;
}

export interface Difference {
  cost: number;
  chance: { from: number; to: number } | null;
}

const GLOW_MS = 4000;

/** What the last change did to cost and chance; it fades after a few seconds and with another parcel. */
export function useDifference(now: Figures): Difference | null {
  const before = useRef<Figures>(now);
  const [difference, setDifference] = useState<Difference | null>(null);
  const { plan, costMinor, chance } = now;
  useEffect(() => {
    const last = before.current;
    before.current = { plan, costMinor, chance };
    const cost = costMinor - last.costMinor;
    const moved = Math.abs(chance - last.chance) > 1e-9 * last.chance;
    if (last.plan !== plan || (cost === 0 && !moved)) return;
    setDifference({ cost, chance: moved ? { from: last.chance, to: chance } : null });
    const timer = setTimeout(() => setDifference(null), GLOW_MS);
    return () => clearTimeout(timer);
  }, [plan, costMinor, chance]);
  return difference;
}
