'use client';
import { useRouter } from 'next/navigation';
import { createContext, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { Refusal, send } from '../../session/http.ts';
import { listenForScans } from './listenForScans.ts';

/** Takes a code, or leaves it to whoever else wants it. */
type Taker = (code: string) => boolean;

const Context = createContext<{ takers: Set<Taker> } | null>(null);
const SHOWN_MS = 4000;

/** Scans, wherever somebody stands: a screen that waits for one takes it, any other leads to what was scanned. */
export function ScannerProvider({ children }: { children: ReactNode }) {
  const router = useRouter();
  const takers = useRef(new Set<Taker>());
  const [said, setSaid] = useState<{ text: string; wrong: boolean } | null>(null);
  useEffect(
    () =>
      listenForScans(window, (code) => {
        if ([...takers.current].some((take) => take(code))) return;
        send<{ path: string; name: string }>('GET', `/api/scan?${new URLSearchParams({ code })}`).then(
          ({ path, name }) => {
            setSaid({ text: `${code}: ${name}`, wrong: false });
            router.push(path);
          },
          (error: unknown) =>
            setSaid({ text: `${code}: ${error instanceof Refusal ? error.message : 'the bench could not be reached'}`, wrong: true }),
        );
      }),
    [router],
  );
  useEffect(() => {
    if (!said) return;
    const timer = setTimeout(() => setSaid(null), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [said]);
  const use = useMemo(() => ({ takers: takers.current }), []);
  return (
    <Context.Provider value={use}>
      {children}
      <p className={said ? (said.wrong ? 'scanned wrong' : 'scanned') : 'unseen'} role="status">
        {said?.text}
      </p>
    </Context.Provider>
  );
}

/** Takes scans while the screen is shown; what it answers true for goes no further. */
export function useScan(take: Taker): void {
  const use = useContext(Context);
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    if (!use) return;
    const taker: Taker = (code) => latest.current(code);
    use.takers.add(taker);
    return () => void use.takers.delete(taker);
  }, [use]);
}
