'use client';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, useSyncExternalStore, type ReactNode } from 'react';
import type { KeepAnswer, KeptChange } from '@inch-nest/contracts';
import { Refusal, send, waitsForSomebody } from '../http.ts';
import { useSaveState } from '../SaveState.tsx';
import { Keeper, Refused, type KeeperWorld, type Pending } from './Keeper.ts';

/** Keepers of this page by what they keep: they outlive the station that began a change, until it stands. */
type Keepers = Map<string, unknown>;
const Context = createContext<Keepers | null>(null);

/** Holds what keeps; what still waits goes out as the page is left. */
export function KeepersProvider({ children }: { children: ReactNode }) {
  const [keepers] = useState<Keepers>(() => new Map());
  useEffect(() => {
    const leave = () => keepers.forEach((keeper) => void (keeper as Keeper<unknown>).flush());
    window.addEventListener('pagehide', leave);
    document.addEventListener('visibilitychange', leave);
    window.addEventListener('online', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      document.removeEventListener('visibilitychange', leave);
      window.removeEventListener('online', leave);
    };
  }, [keepers]);
  return <Context.Provider value={keepers}>{children}</Context.Provider>;
}

const browser = <Whole,>(address: string, personId: string): KeeperWorld<Whole> => ({
  send: (changes: KeptChange[]) =>
    send<KeepAnswer<Whole>>('PATCH', address, { personId, changes }).catch((error: unknown) => {
      throw error instanceof Refusal && error.status < 500 && !waitsForSomebody(error) ? new Refused(error.message) : error;
    }),
  newId: () => crypto.randomUUID(),
  after: (ms, act) => {
    const timer = setTimeout(act, ms);
    return () => clearTimeout(timer);
  },
});

/** What waits to be kept of one thing by one person, and how to change it. */
export interface KeptUse {
  readonly pending: readonly Pending[];
  readonly set: Keeper<unknown>['set'];
  readonly settle: (path: string, mine: boolean) => void;
  readonly drop: (path: string) => void;
  readonly flush: () => Promise<void>;
}

/**
 * How one thing is kept: every field, pick, tick, cell, nest and rule of the interface goes through here.
 *
 * @param address where its changes are sent
 * @param onWhole takes over what is answered
 * @param join joins a later change of a part to an earlier one that waits; the later one alone where left out
 */
export function useKept<Whole>(
  address: string,
  personId: string,
  onWhole: (whole: Whole) => void,
  join?: KeeperWorld<Whole>['join'],
): KeptUse {
  const keepers = useContext(Context);
  if (!keepers) throw new Error('useKept outside of KeepersProvider');
  const { mark } = useSaveState();
  const name = `${address} ${personId}`;
  const keeper = keeperOf(keepers, name, () => ({ ...browser<Whole>(address, personId), ...(join ? { join } : {}) }));
  useEffect(() => {
    keeper.onWhole = onWhole;
  }, [keeper, onWhole]);
  useEffect(
    () =>
      keeper.subscribe(() => {
        const state = keeper.state();
        mark(name, state === 'kept' ? 'done' : state === 'keeping' ? 'pending' : 'failed');
      }),
    [keeper, mark, name],
  );
  const pending = useSyncExternalStore(keeper.subscribe, keeper.pending, () => NONE);
  return useMemo(
    () => ({
      pending,
      set: (changes) => keeper.set(changes),
      settle: (path, mine) => keeper.settle(path, mine),
      drop: (path) => keeper.drop(path),
      flush: () => keeper.flush(),
    }),
    [keeper, pending],
  );
}

/** Keeps changes of any other thing, by its address; it goes on keeping them whatever becomes of whoever asked. */
export function useKeepElsewhere(
  personId: string,
): (address: string, changes: Parameters<Keeper<unknown>['set']>[0]) => Promise<readonly Pending[]> {
  const keepers = useContext(Context);
  if (!keepers) throw new Error('useKeepElsewhere outside of KeepersProvider');
  return useCallback(
    async (address, changes) => {
      const keeper = keeperOf(keepers, `${address} ${personId}`, () => browser<unknown>(address, personId));
      keeper.set(changes);
      await keeper.flush();
      return keeper.pending();
    },
    [keepers, personId],
  );
}

/** The one keeper of a name, made when it is first asked for. */
function keeperOf<Whole>(keepers: Keepers, name: string, world: () => KeeperWorld<Whole>): Keeper<Whole> {
  const known = keepers.get(name) as Keeper<Whole> | undefined;
  if (known) return known;
  const made = new Keeper<Whole>(world());
  keepers.set(name, made);
  return made;
}

const NONE: readonly Pending[] = [];
