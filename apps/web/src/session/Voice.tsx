'use client';
import { createContext, useCallback, useContext, useEffect, useId, useRef, useState, type ReactNode } from 'react';

/** What changes while somebody types or pulls is spoken when that rests. */
const REST_MS = 900;
/** After so long it has been heard, and is no longer there for whoever reads on. */
const HEARD_MS = 8000;

/** @param about what it is said of: of one thing only the last is spoken */
type Say = (words: string, about: string) => void;
const Context = createContext<Say>(() => undefined);

/**
 * The one voice of the page for who does not see it: a region that is always there, in which what has changed stands once hands
 * rest, each thing once.
 */
export function VoiceProvider({ children }: { children: ReactNode }) {
  const [spoken, setSpoken] = useState('');
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const waiting = useRef(new Map<string, string>());
  const say = useCallback<Say>((words, about) => {
    waiting.current.delete(about);
    waiting.current.set(about, words);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => {
      setSpoken([...waiting.current.values()].join('. '));
      waiting.current.clear();
      timer.current = setTimeout(() => setSpoken(''), HEARD_MS);
    }, REST_MS);
  }, []);
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <Context.Provider value={say}>
      {children}
      <p role="status" className="unseen" data-voice="">
        {spoken}
      </p>
    </Context.Provider>
  );
}

/** Says something once hands rest; outside of a page that speaks it says nothing. */
export const useVoice = (): Say => useContext(Context);

/** Says a line again whenever it has changed; what stood there when the page opened is read there. */
export function useSpoken(words: string): void {
  const say = useVoice();
  const about = useId();
  const before = useRef(words);
  useEffect(() => {
    if (before.current === words) return;
    before.current = words;
    if (words) say(words, about);
  }, [words, say, about]);
}
