'use client';
import { Button } from 'antd';
import { Pin as PinIcon } from 'lucide-react';
import type { Locks } from '@inch-nest/core';
import type { NestUse } from '../../parcel/useNest.ts';

/** Pins part of the nest: the rest is searched again round it. */
export function Pin({ nest, what, values }: { nest: NestUse; what: string; values: Locks }) {
  const keys = Object.keys(values) as (keyof Locks)[];
  const on = keys.every((key) => key in nest.locks);
  const toggle = () => {
    const rest = Object.fromEntries(Object.entries(nest.locks).filter(([key]) => !keys.includes(key as keyof Locks)));
    nest.pin(on ? rest : { ...rest, ...nest.newest(values) });
  };
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
