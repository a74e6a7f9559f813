'use client';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';

export type SaveWord = 'saved' | 'saving' | 'not saved';

interface SaveUse {
  word: SaveWord;
  /** Sets how one thing stands: `pending` while on its way, `failed` while it could not be sent. */
  mark: (key: string, state: 'pending' | 'failed' | 'done') => void;
  busy: boolean;
}

const Context = createContext<SaveUse | null>(null);

/** Whether everything typed has reached the database. */
export function SaveStateProvider({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState<ReadonlyMap<string, 'pending' | 'failed'>>(new Map());
  const mark = useCallback<SaveUse['mark']>((key, state) => {
    setOpen((before) => {
      // what stands so already draws nothing anew
      if (before.get(key) === (state === 'done' ? undefined : state)) return before;
      const after = new Map(before);
      if (state === 'done') after.delete(key);
      else after.set(key, state);
      return after;
    });
  }, []);
  const use = useMemo<SaveUse>(() => {
    const states = [...open.values()];
    return { word: states.includes('failed') ? 'not saved' : states.length > 0 ? 'saving' : 'saved', mark, busy: states.length > 0 };
  }, [open, mark]);
  return <Context.Provider value={use}>{children}</Context.Provider>;
}

/** @throws Error outside of a SaveStateProvider */
export function useSaveState(): SaveUse {
  const use = useContext(Context);
  if (!use) throw new Error('useSaveState outside of SaveStateProvider');
  return use;
}
