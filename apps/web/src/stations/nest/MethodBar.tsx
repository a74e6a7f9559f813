'use client';
import { Button, Select } from 'antd';
import { READY_SETS, type ReadySet } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';

/** How this one parcel is packed: the house's own way or another school's; what is pinned and left out. */
export function MethodBar({ nest }: { nest: NestUse }) {
  const { shop } = useShop();
  const { locks, request } = nest;
  const set = READY_SETS.find((one) => one.key === locks.method);
  const pinned = Object.keys(locks).filter((key) => key !== 'method' && key !== 'without').length;
  const change = (part: { [Key in keyof typeof locks]?: (typeof locks)[Key] | undefined }) =>
    nest.pin((now) => Object.fromEntries(Object.entries({ ...now, ...part }).filter(([, value]) => value !== undefined)));
  const things = [...request.stock.wraps, ...request.stock.fills, ...request.stock.boxes].map(({ key, name }) => ({
    value: key,
    label: name,
  }));
  return (
    <div className="method-bar">
      <label>
        <span>Packed</span>
        <Select<ReadySet['key'] | 'own'>
          aria-label="House method for this parcel"
          value={locks.method ?? 'own'}
          popupMatchSelectWidth={false}
          options={[
            { value: 'own', label: `as the house does (${shop.house.name})` },
            ...READY_SETS.map(({ key, name }) => ({ value: key, label: name.toLowerCase() })),
          ]}
          onChange={(key) => change({ method: key === 'own' ? undefined : key })}
        />
      </label>
      <label>
        <span>Without</span>
        <Select<string[]>
          mode="multiple"
          aria-label="Leave out this time"
          value={[...(locks.without ?? [])]}
          placeholder="nothing left out"
          popupMatchSelectWidth={false}
          maxTagCount="responsive"
          options={things}
          onChange={(without) => change({ without: without.length > 0 ? without : undefined })}
        />
      </label>
      {pinned > 0 && (
        <Button onClick={() => nest.pin(({ method, without }) => ({ ...(method ? { method } : {}), ...(without ? { without } : {}) }))}>
          Unpin {pinned === 1 ? 'the one pinned' : `all ${pinned}`}
        </Button>
      )}
      {set && <p className="soft">{set.says}</p>}
    </div>
  );
}
