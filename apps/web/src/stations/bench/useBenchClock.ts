'use client';
import { useEffect, useRef, useState } from 'react';

const TICK_MS = 1000;
/** A gap longer than this was no work at the step. */
const GAP_MS = 600_000;

/** Seconds spent at the present step; it stands still on pause, on a hidden page and over gaps of ten minutes. */
export function useBenchClock(step: string, paused: boolean): number {
  const [at, setAt] = useState({ step, seconds: 0 });
  const last = useRef<number | null>(null);
  useEffect(() => {
    setAt({ step, seconds: 0 });
    last.current = null;
  }, [step]);
  useEffect(() => {
    last.current = null;
    if (paused) return;
    const timer = setInterval(() => {
      const now = Date.now();
      const gone = last.current === null ? TICK_MS : now - last.current;
      last.current = now;
      if (document.hidden || gone > GAP_MS) return;
      setAt((before) => ({ ...before, seconds: before.seconds + gone / 1000 }));
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [paused, step]);
  return at.step === step ? at.seconds : 0;
}
