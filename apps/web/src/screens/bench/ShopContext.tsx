'use client';
import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { formatLength, formatSize, formatWeight } from '@inch-nest/core';
import type { Person, ShopView } from '@inch-nest/contracts';
import type { ThemeName } from '../../theme/antdTheme.ts';

interface ShopUse {
  shop: ShopView;
  person: Person;
  setPerson: (id: string) => void;
  themeName: ThemeName;
  setTheme: (name: ThemeName) => void;
  /** Single keys act outside of fields, unless somebody turned them off. */
  keysOn: boolean;
  setKeysOn: (on: boolean) => void;
  /** How this person reads money, lengths, sizes and weights. */
  write: {
    money: (minor: number) => string;
    length: (inches: number) => string;
    size: (inches: readonly number[]) => string;
    weight: (pounds: number) => string;
    day: (date: string) => string;
  };
}

const Context = createContext<ShopUse | null>(null);

const YEAR_S = 31_536_000;
const remember = (name: string, value: string) => {
  document.cookie = `${name}=${value}; path=/; max-age=${YEAR_S}; samesite=strict`;
};

/** The shop, who is at the bench, and how figures are written for them. */
export function ShopProvider({
  shop,
  personId,
  initialKeysOn,
  initialTheme,
  children,
}: {
  shop: ShopView;
  personId: string | null;
  initialKeysOn: boolean;
  initialTheme: ThemeName;
  children: (themeName: ThemeName) => ReactNode;
}) {
  const [chosen, setChosen] = useState(personId);
  const [themeName, setThemeName] = useState(initialTheme);
  const [keysOn, turnKeys] = useState(initialKeysOn);
  const person = shop.people.find((one) => one.id === chosen) ?? shop.people[0]!;
  const use = useMemo<ShopUse>(() => {
    const money = new Intl.NumberFormat('en-US', { style: 'currency', currency: shop.currency });
    const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
    return {
      shop,
      person,
      setPerson: (id) => {
        remember('person', id);
        setChosen(id);
      },
      themeName,
      setTheme: (name) => {
        remember('theme', name);
        document.documentElement.dataset['theme'] = name;
        setThemeName(name);
      },
      keysOn,
      setKeysOn: (on) => {
        remember('keys', on ? 'on' : 'off');
        turnKeys(on);
      },
      write: {
        money: (minor) => money.format(Math.round(minor) / 100),
        length: (inches) => formatLength(inches, person.system),
        size: (inches) => formatSize(inches, person.system),
        weight: (pounds) => formatWeight(pounds, person.system),
        day: (date) => (date === shop.today ? 'today' : day.format(new Date(`${date}T00:00:00Z`))),
      },
    };
  }, [shop, person, themeName, keysOn]);
  return <Context.Provider value={use}>{children(themeName)}</Context.Provider>;
}

/** @throws Error outside of a ShopProvider */
export function useShop(): ShopUse {
  const use = useContext(Context);
  if (!use) throw new Error('useShop outside of ShopProvider');
  return use;
}
