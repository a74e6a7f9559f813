'use client';
import { useEffect, useState } from 'react';
import { localTime } from '@inch-nest/core';
import { useShop } from './ShopContext.tsx';

const LOOK_EVERY_MS = 20_000;

/** The shop's local day and time, as it goes on while a page stays open. */
export function useLocalClock(): { day: string; time: string } {
  const { shop } = useShop();
  const [clock, setClock] = useState({ day: shop.today, time: shop.time });
  useEffect(() => {
    const look = () => setClock(localTime(new Date(), shop.zone));
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, [shop.zone]);
  return clock;
}
