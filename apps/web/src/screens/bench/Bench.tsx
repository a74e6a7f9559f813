'use client';
import dynamic from 'next/dynamic';
import { useEffect, type ComponentType } from 'react';
import type { ParcelView, ShelfTag } from '@inch-nest/contracts';
import { Slip } from '../slip/Slip.tsx';
import { Brand } from './Brand.tsx';
import { Shelf } from './Shelf.tsx';
import type { StationPath } from './stations.ts';
import { StatusEdge } from './StatusEdge.tsx';
import { TapeRule } from './TapeRule.tsx';
import { useNest, type NestUse } from './useNest.ts';
import { useParcel, type ParcelUse } from './useParcel.ts';

type Sheet = (props: { parcel: ParcelUse; nest: NestUse }) => React.ReactNode;

// each station's code is fetched with the station
const SHEETS: Readonly<Record<StationPath, ComponentType<Parameters<Sheet>[0]>>> = {
  sale: dynamic(() => import('../sale/SaleStation.tsx').then((room): Sheet => room.SaleStation)),
  'look-over': dynamic(() => import('../look-over/LookOverStation.tsx').then((room): Sheet => room.LookOverStation)),
  nest: dynamic(() => import('../nest/NestStation.tsx').then((room): Sheet => room.NestStation)),
  weigh: dynamic(() => import('../weigh/WeighStation.tsx').then((room): Sheet => room.WeighStation)),
  rate: dynamic(() => import('../rate/RateStation.tsx').then((room): Sheet => room.RateStation)),
  send: dynamic(() => import('../send/SendStation.tsx').then((room): Sheet => room.SendStation)),
};

/** The bench: rule on top, shelf left, the station's sheet, the slip right, the status edge below. */
export function Bench({ initial, shelf, station }: { initial: ParcelView; shelf: ShelfTag[]; station: StationPath }) {
  const parcel = useParcel(initial);
  const nest = useNest(parcel.view, parcel.put);
  const Sheet = SHEETS[station];
  useEffect(() => {
    const anchor = window.location.hash.slice(1);
    if (anchor) document.getElementById(anchor)?.scrollIntoView({ block: 'nearest' });
  }, [station]);
  return (
    <div className="bench">
      <header className="top-edge">
        <Brand />
        <TapeRule view={parcel.view} plan={nest.plan} here={station} />
      </header>
      <Shelf initial={shelf} openId={initial.id} station={station} />
      <main className="sheet">
        <Sheet parcel={parcel} nest={nest} />
      </main>
      <Slip parcel={parcel} nest={nest} />
      <StatusEdge parcel={parcel} code={parcel.view.code} />
    </div>
  );
}
