'use client';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { remember } from './remember.ts';
import {
  may,
  personAmong,
  sameContent,
  setShopPart,
  shopPart,
  type KeptShop,
  type Me,
  type Person,
  type Right,
  type ShopView,
} from '@inch-nest/contracts';
import { forgetAllHere } from './benchKeeper.ts';
import { writersFor, type Writers } from '../words/writers.ts';
import { send } from './http.ts';
import type { Pending } from './keeping/Keeper.ts';
import { useSystemTheme } from './useSystemTheme.ts';
import { useKept, type KeptUse } from './keeping/useKept.tsx';
import type { ThemeName } from '../theme/antdTheme.ts';

interface ShopUse {
  /** The shop as it is shown: as the server holds it, under whatever waits to be kept. */
  shop: ShopView & { heldRevision: number };
  /** What is kept of it part by part, as it is shown. */
  kept: KeptShop;
  keeper: KeptUse;
  person: Person;
  /** How whoever is here came in. */
  me: Me;
  /** What whoever is here may do. */
  can: (right: Right) => boolean;
  /** Says who is here, where this machine signs in by itself. */
  setPerson: (id: string) => void;
  themeName: ThemeName;
  setTheme: (name: ThemeName) => void;
  /** Single keys act outside of fields, unless somebody turned them off. */
  keysOn: boolean;
  setKeysOn: (on: boolean) => void;
  /** How this person reads money, lengths, sizes and weights. */
  write: Writers;
}

const Context = createContext<ShopUse | null>(null);

const LOOK_EVERY_MS = 15_000;

/** The shop, who is at the bench, and how figures are written for them. */
export function ShopProvider({
  shop: initial,
  me,
  initialKeysOn,
  initialTheme,
  followsSystem = false,
  children,
}: {
  shop: ShopView;
  me: Me;
  initialKeysOn: boolean;
  initialTheme: ThemeName;
  /** Day or night as the machine has it, until somebody chooses here. */
  followsSystem?: boolean;
  children: (themeName: ThemeName) => ReactNode;
}) {
  const [chosen, setChosen] = useState(me.personId);
  const [themeName, setThemeName] = useState(initialTheme);
  const [follows, setFollows] = useState(followsSystem);
  useSystemTheme(follows, setThemeName);
  const [keysOn, turnKeys] = useState(initialKeysOn);
  const held = useHeldShop(initial);
  const acting = personAmong(held.shop.people, me.byItself ? chosen : me.personId);
  const keeper = useKept<ShopView>('/api/shop/kept', acting.id, held.put);
  const { pending } = keeper;
  const { shop, kept } = useMemo(() => overlayShop(held.shop, pending), [held.shop, pending]);
  const person = shop.people.find((one) => one.id === acting.id) ?? acting;
  const use = useMemo<ShopUse>(() => {
    return {
      shop,
      kept,
      keeper,
      person,
      me,
      can: (right) => may(person, right),
      setPerson: (id) => {
        remember('person', id);
        // whoever signs on finds nothing on this machine that the one before had on the bench
        forgetAllHere();
        setChosen(id);
      },
      themeName,
      setTheme: (name) => {
        remember('theme', name);
        setFollows(false);
        document.documentElement.dataset['theme'] = name;
        setThemeName(name);
      },
      keysOn,
      setKeysOn: (on) => {
        remember('keys', on ? 'on' : 'off');
        turnKeys(on);
      },
      write: writersFor(person.system, shop.currency, shop.today, may(person, 'money')),
    };
  }, [shop, kept, keeper, person, me, themeName, keysOn]);
  return <Context.Provider value={use}>{children(themeName)}</Context.Provider>;
}

/** The shop as the server holds it, looked at now and then; the same value as long as nothing of it has changed. */
function useHeldShop(initial: ShopView) {
  const client = useQueryClient();
  const newest = useCallback(
    (now: ShopView | undefined, next: ShopView): ShopView =>
      now && (now.revision > next.revision || sameContent({ ...now, time: '' }, { ...next, time: '' })) ? now : next,
    [],
  );
  const { data: shop } = useQuery({
    queryKey: ['shop', initial.id],
    queryFn: async () => newest(client.getQueryData<ShopView>(['shop', initial.id]), await send<ShopView>('GET', '/api/shop')),
    initialData: initial,
    refetchInterval: LOOK_EVERY_MS,
    staleTime: LOOK_EVERY_MS,
    structuralSharing: false,
  });
  const put = useCallback(
    (next: ShopView) => void client.setQueryData<ShopView>(['shop', initial.id], (now) => newest(now, next)),
    [client, initial.id, newest],
  );
  return { shop, put };
}

/** What is kept of a shop part by part. */
const keptOf = ({ house, stock, people, name, currency, zone, originPostcode, paper, lastCutOff }: ShopView): KeptShop => ({
  house,
  facts: { name, currency, zone, originPostcode, paper, lastCutOff },
  stock,
  people,
});

/** A shop with what waits to be kept laid over it. */
function overlayShop(held: ShopView, pending: readonly Pending[]): { shop: ShopUse['shop']; kept: KeptShop } {
  let kept = keptOf(held);
  for (const { path, value } of pending) {
    const part = shopPart(path);
    if (part) kept = setShopPart(kept, part, value);
  }
  const { house, facts, stock, people } = kept;
  return { shop: { ...held, ...facts, house, stock, people: [...people], heldRevision: held.revision }, kept };
}

/** @throws Error outside of a ShopProvider */
export function useShop(): ShopUse {
  const use = useContext(Context);
  if (!use) throw new Error('useShop outside of ShopProvider');
  return use;
}
