'use client';
import { useEffect, useState } from 'react';

const KEY = 'inch-nest-day';

/** Ticks of one day, kept on this device; another day begins with none. */
export function useTicks(day: string) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  useEffect(() => {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null') as { day: string; ticked: string[] } | null;
    setTicked(new Set(kept?.day === day ? kept.ticked : []));
  }, [day]);
  const tick = (key: string, on: boolean) => {
    const next = new Set(ticked);
    if (on) next.add(key);
    else next.delete(key);
    setTicked(next);
    localStorage.setItem(KEY, JSON.stringify({ day, ticked: [...next] }));
  };
  return { ticked, tick };
}
