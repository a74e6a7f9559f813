'use client';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { askForScale, canAskForScale } from './hidScale.ts';
import type { Scale, ScaleReading } from './Scale.ts';
import { createSimulatedScale, type SimulatedScale } from './simulatedScale.ts';

interface ScaleUse {
  reading: ScaleReading | null;
  name: string | null;
  /** The stand-in, while it is the one that is connected. */
  simulated: SimulatedScale | null;
  canAsk: boolean;
  connect: (which: 'simulated' | 'plugged') => Promise<void>;
  disconnect: () => void;
}

const Context = createContext<ScaleUse | null>(null);

/** The scale on the bench, whichever it is; it stays connected while stations change. */
export function ScaleProvider({ children }: { children: ReactNode }) {
  const [scale, setScale] = useState<Scale | null>(null);
  const [reading, setReading] = useState<ScaleReading | null>(null);
  const [canAsk, setCanAsk] = useState(false);
  useEffect(() => setCanAsk(canAskForScale()), []);
  useEffect(() => {
    setReading(null);
    return scale?.listen((next) => {
      // the same again draws nothing anew
      setReading((before) => (JSON.stringify(before) === JSON.stringify(next) ? before : next));
      if (next === null) setScale(null);
    });
  }, [scale]);
  const connect = useCallback(async (which: 'simulated' | 'plugged') => {
    const found = which === 'simulated' ? createSimulatedScale() : await askForScale();
    if (found) setScale(found);
  }, []);
  const disconnect = useCallback(() => setScale(null), []);
  const use = useMemo<ScaleUse>(
    () => ({
      reading,
      name: scale?.name ?? null,
      simulated: scale && 'put' in scale ? (scale as SimulatedScale) : null,
      canAsk,
      connect,
      disconnect,
    }),
    [reading, scale, canAsk, connect, disconnect],
  );
  return <Context.Provider value={use}>{children}</Context.Provider>;
}

/** @throws Error outside of a ScaleProvider */
export function useScale(): ScaleUse {
  const use = useContext(Context);
  if (!use) throw new Error('useScale outside of ScaleProvider');
  return use;
}
