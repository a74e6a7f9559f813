'use client';
import { useEffect } from 'react';
import type { ParcelView, ShelfTag } from '@inch-nest/contracts';
import { LookOverStation } from '../look-over/LookOverStation.tsx';
import { NestStation } from '../nest/NestStation.tsx';
import { RateStation } from '../rate/RateStation.tsx';
import { SaleStation } from '../sale/SaleStation.tsx';
import { SendStation } from '../send/SendStation.tsx';
import { WeighStation } from '../weigh/WeighStation.tsx';
import { Slip } from '../slip/Slip.tsx';
import { Brand } from './Brand.tsx';
import { Shelf } from './Shelf.tsx';
import type { StationPath } from './stations.ts';
import { StatusEdge } from './StatusEdge.tsx';
import { TapeRule } from './TapeRule.tsx';
import { useNest, type NestUse } from './useNest.ts';
import { useParcel, type ParcelUse } from './useParcel.ts';

const SHEETS: Readonly<Record<StationPath, (props: { parcel: ParcelUse; nest: NestUse }) => React.ReactNode>> = {
  sale: SaleStation,
  'look-over': LookOverStation,
  nest: NestStation,
  weigh: WeighStation,
  rate: RateStation,
  send: SendStation,
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
