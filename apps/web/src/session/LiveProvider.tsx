'use client';
import { useQueryClient } from '@tanstack/react-query';
import { usePathname } from 'next/navigation';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { LiveMessage, Present } from '@inch-nest/contracts';
import { hearParcels } from './hearParcels.ts';
import { SHUT_OUT } from './http.ts';
import { useShop } from './ShopContext.tsx';

/** First the page, then who else is here. */
const LISTEN_AFTER_MS = 1500;
const AGAIN_MS = 5000;
/** Who is told of what moves looks so many times more seldom for what may have been missed. */
const SELDOM = 3;

const Context = createContext<readonly Present[]>([]);
const Listening = createContext(false);

/**
 * Hears of whatever moves in the shop as it moves, and looks at it then; and who else is where. Only a window that is seen
 * listens. Whatever is missed is looked at every so often as well.
 */
export function LiveProvider({ children }: { children: ReactNode }) {
  const client = useQueryClient();
  const { person } = useShop();
  const here = usePathname();
  const [present, setPresent] = useState<readonly Present[]>([]);
  const [listening, setListening] = useState(false);
  // what was told on one page is looked at on the next
  const [parcels] = useState(() => hearParcels(client));
  useEffect(() => parcels.stop, [parcels]);
  useEffect(() => {
    const [, parcel, station] = /^\/parcels\/([\w-]{36})\/([a-z-]+)/.exec(here) ?? [];
    const address = `/api/live?${new URLSearchParams(parcel ? { parcel, station: station! } : {})}`;
    let source: EventSource | null = null;
    let timer: ReturnType<typeof setTimeout> | null = null;
    const look = (key: readonly string[]) => void client.invalidateQueries({ queryKey: key });
    let lost = false;
    const hear = (message: LiveMessage) => {
      switch (message.of) {
        case 'parcel':
          parcels.hear(message.parcelId, message.revision);
          return;
        case 'shop':
          look(['shop']);
          look(['stock']);
          return;
        case 'all':
          void client.invalidateQueries();
          return;
        case 'present':
          setPresent(message.present);
          return;
        case 'shutOut':
          window.dispatchEvent(new Event(SHUT_OUT));
      }
    };
    const open = () => {
      if (document.visibilityState === 'hidden' || source) return;
      source = new EventSource(address);
      source.onmessage = ({ data }) => hear(JSON.parse(data as string) as LiveMessage);
      source.onopen = () => {
        setListening(true);
        if (lost) hear({ of: 'all' });
        lost = false;
      };
      source.onerror = () => {
        lost = true;
        setListening(false);
        // an answer that was no stream ends it: it is tried again by hand
        if (source?.readyState !== EventSource.CLOSED) return;
        close();
        timer = setTimeout(open, AGAIN_MS);
      };
    };
    const close = () => {
      source?.close();
      source = null;
      setListening(false);
      if (timer) clearTimeout(timer);
    };
    const seen = () => (document.visibilityState === 'hidden' ? close() : open());
    timer = setTimeout(open, LISTEN_AFTER_MS);
    document.addEventListener('visibilitychange', seen);
    window.addEventListener('pagehide', close);
    return () => {
      document.removeEventListener('visibilitychange', seen);
      window.removeEventListener('pagehide', close);
      close();
    };
  }, [client, here, parcels, person.id]);
  return (
    <Listening.Provider value={listening}>
      <Context.Provider value={present}>{children}</Context.Provider>
    </Listening.Provider>
  );
}

/** How often something is looked at for what may have been missed, in milliseconds: `often` where nothing is told of what moves. */
export const useLookEvery = (often: number): number => (useContext(Listening) ? often * SELDOM : often);

/** Who else is at a parcel just now, each once. */
export function useOthersAt(parcelId: string): readonly Present[] {
  const { person } = useShop();
  const present = useContext(Context);
  const others = present.filter((one) => one.parcelId === parcelId && one.personId !== person.id);
  return others.filter((one, at) => others.findIndex((other) => other.personId === one.personId && other.station === one.station) === at);
}
