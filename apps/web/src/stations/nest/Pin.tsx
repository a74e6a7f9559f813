'use client';
import { Button } from 'antd';
import { Pin as PinIcon } from 'lucide-react';
import type { Locks, PlanChoice } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';

/** Pins part of the nest: the rest is searched again round it. */
export function Pin({ nest, what, part }: { nest: NestUse; what: string; part: (choice: PlanChoice) => Locks }) {
  const keys = nest.choice ? (Object.keys(part(nest.choice)) as (keyof Locks)[]) : [];
  const on = keys.every((key) => key in nest.locks);
  const toggle = () =>
    nest.pin((now, inHand) => {
      const rest = Object.fromEntries(Object.entries(now).filter(([key]) => !keys.includes(key as keyof Locks)));
      return on || !inHand ? rest : { ...rest, ...part(inHand) };
    });
  return (
    <Button
      type="text"
      className={on ? 'pin on' : 'pin'}
      aria-pressed={on}
      aria-label={on ? `Unpin ${what}` : `Pin ${what}`}
      title={on ? `${what} is pinned: the search leaves it` : `Pin ${what}, search the rest`}
      icon={<PinIcon size={20} aria-hidden />}
      onClick={toggle}
    />
  );
}
